/** Zoom with the wheel, pan by dragging the paper, for a picture of a known size. */
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom';
import { useEffect, useRef, type RefObject } from 'react';

export interface Zoom {
  readonly svg: RefObject<SVGSVGElement | null>;
  readonly world: RefObject<SVGGElement | null>;
  readonly fit: () => void;
  readonly zoomBy: (factor: number) => void;
  /** Brings a part of the picture into view, unless it is in view already. */
  readonly show: (part: Rectangle) => void;
}

interface Rectangle {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

const EDGE = 16;
/** Words stay readable when the whole is shown; a larger schematic is panned. */
const SMALLEST = 0.7;

export function useZoom(picture: { readonly width: number; readonly height: number } | undefined): Zoom {
  const svg = useRef<SVGSVGElement>(null);
  const world = useRef<SVGGElement>(null);
  const behavior = useRef<ZoomBehavior<SVGSVGElement, unknown>>(undefined);
  const latest = useRef(picture);
  latest.current = picture;
  const ready = picture !== undefined;
  /** Whoever has looked closer keeps their place when the drawing changes. */
  const touched = useRef(false);

  const act = (on: (b: ZoomBehavior<SVGSVGElement, unknown>, element: SVGSVGElement) => void): void => {
    if (behavior.current && svg.current) on(behavior.current, svg.current);
  };
  const fit = (): void =>
    act((b, element) => {
      const { width = 1, height = 1 } = latest.current ?? {};
      const { clientWidth, clientHeight } = element;
      const scale = Math.max(
        SMALLEST,
        Math.min(1.25, (clientWidth - 2 * EDGE) / width, (clientHeight - 2 * EDGE) / height),
      );
      const x = Math.max(EDGE, (clientWidth - width * scale) / 2);
      const y = Math.max(EDGE, Math.min(60, (clientHeight - height * scale) / 2));
      select(element).call(b.transform, zoomIdentity.translate(x, y).scale(scale));
    });

  useEffect(() => {
    const element = svg.current;
    if (!element || !ready) return;
    const zooming = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.15, 3])
      .filter(event => {
        const { target, button, type } = event as MouseEvent;
        return type === 'wheel' || (button === 0 && !(target as Element).closest('.handle'));
      })
      .on(
        'zoom',
        ({ transform, sourceEvent }: { transform: { toString: () => string }; sourceEvent: unknown }) => {
          if (sourceEvent) touched.current = true;
          world.current?.setAttribute('transform', transform.toString());
        },
      );
    behavior.current = zooming;
    const selection = select(element).call(zooming).on('dblclick.zoom', null);
    return () => void selection.on('.zoom', null);
  }, [ready]);
  useEffect(() => {
    if (!touched.current) fit();
  }, [picture?.width, picture?.height]);

  return {
    ...{ svg, world, fit },
    zoomBy: factor => act((b, element) => select(element).call(b.scaleBy, factor)),
    show: ({ x, y, width, height }) =>
      act((b, element) => {
        const matrix = world.current?.getCTM();
        if (!matrix) return;
        const from = new DOMPoint(x, y).matrixTransform(matrix);
        const to = new DOMPoint(x + width, y + height).matrixTransform(matrix);
        const inside =
          from.x >= 0 && from.y >= 0 && to.x <= element.clientWidth && to.y <= element.clientHeight;
        if (!inside) select(element).call(b.translateTo, x + width / 2, y + height / 2);
      }),
  };
}
