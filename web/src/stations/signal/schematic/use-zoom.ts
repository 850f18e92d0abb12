/** The frame of the schematic: shown whole as far as its words stay readable, else looked at in parts. */
import { zoomIdentity } from 'd3-zoom';
import { useEffect, useEffectEvent, useRef, type RefObject } from 'react';
import { useZooming } from '../../../ui/zooming.js';

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
const LARGEST = 3;

export function useZoom(picture: { readonly width: number; readonly height: number } | undefined): Zoom {
  const svg = useRef<SVGSVGElement>(null);
  const world = useRef<SVGGElement>(null);
  /** Whoever has looked closer keeps their place when the drawing changes. */
  const touched = useRef(false);
  const zooming = useZooming(svg, picture !== undefined, '', {
    largest: LARGEST,
    onZoom: (transform, byHand) => {
      touched.current ||= byHand;
      world.current?.setAttribute('transform', transform.toString());
    },
  });
  const fit = (): void => {
    const { width = 1, height = 1 } = picture ?? {};
    const { clientWidth = 1, clientHeight = 1 } = svg.current ?? {};
    const scale = Math.max(
      SMALLEST,
      Math.min(1.25, (clientWidth - 2 * EDGE) / width, (clientHeight - 2 * EDGE) / height),
    );
    const x = Math.max(EDGE, (clientWidth - width * scale) / 2);
    const y = Math.max(EDGE, Math.min(60, (clientHeight - height * scale) / 2));
    zooming.to(zoomIdentity.translate(x, y).scale(scale));
  };
  const fitUntouched = useEffectEvent(() => {
    if (!touched.current) fit();
  });
  useEffect(() => fitUntouched(), [picture?.width, picture?.height]);

  const show = ({ x, y, width, height }: Rectangle): void => {
    const matrix = world.current?.getCTM();
    if (!matrix || !svg.current) return;
    const from = new DOMPoint(x, y).matrixTransform(matrix);
    const to = new DOMPoint(x + width, y + height).matrixTransform(matrix);
    const { clientWidth, clientHeight } = svg.current;
    const inside = from.x >= 0 && from.y >= 0 && to.x <= clientWidth && to.y <= clientHeight;
    if (!inside) zooming.centre(x + width / 2, y + height / 2);
  };
  return { svg, world, fit, zoomBy: zooming.by, show };
}
