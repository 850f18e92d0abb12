/** The one viewport of the plan picture: moving along the strap never loses one's place in the room. */
import { boundsOf, type Point } from '@idle-satchel/core';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from 'd3-zoom';
import { useEffect, useRef, type RefObject } from 'react';

/** Pixels per metre at zoom 1. */
export const SCALE = 25;
export const px = (metres: number): number => Math.round(metres * SCALE * 100) / 100;
/** Points of a polygon or polyline; unlike a path's `d` they are no style, so moving them costs no style pass. */
export const pointsOf = (points: readonly Point[]): string =>
  points.map(([x, y]) => `${px(x)},${px(y)}`).join(' ');

/** Where on the floor a pointer is, and how many metres a pixel of the screen is there. */
export function floorPoint(
  event: { readonly clientX: number; readonly clientY: number },
  world: SVGGElement | null,
): { readonly at: Point; readonly perPixel: number } | undefined {
  const matrix = world?.getScreenCTM()?.inverse();
  if (!matrix) return undefined;
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  return { at: [x / SCALE, y / SCALE], perPixel: matrix.a / SCALE };
}

/** Room around the venue for dimension lines and labels, px at zoom 1. */
const MARGIN = { left: 58, right: 34, top: 64, bottom: 56 };

/** Where each event was looked at last, while this page is open. */
const places = new Map<string, ZoomTransform>();

export interface Viewport {
  readonly svg: RefObject<SVGSVGElement | null>;
  readonly world: RefObject<SVGGElement | null>;
  /** The same world in the picture beneath, which is drawn apart so that dragging does not paint it again. */
  readonly ground: RefObject<SVGGElement | null>;
  readonly fit: () => void;
  readonly zoomBy: (factor: number) => void;
}

/** Zoom with the wheel, pan by dragging the paper; `key` names whose place is kept. */
export function useViewport(
  key: string,
  outline: readonly Point[],
  size: { readonly width: number; readonly height: number },
): Viewport {
  const svg = useRef<SVGSVGElement>(null);
  const world = useRef<SVGGElement>(null);
  const ground = useRef<SVGGElement>(null);
  const behavior = useRef<ZoomBehavior<SVGSVGElement, unknown>>(undefined);
  const latest = useRef(outline);
  latest.current = outline;
  const latestSize = useRef(size);
  latestSize.current = size;
  const ready = size.width > 0;

  const fitted = (): ZoomTransform => {
    const { min, max } = boundsOf(latest.current);
    const [width, height] = [px(max[0] - min[0]), px(max[1] - min[1])];
    const { width: w, height: h } = latestSize.current;
    // Dimension lines are drawn in the world, so the room they take grows with it.
    const [wide, high] = [width + MARGIN.left + MARGIN.right, height + MARGIN.top + MARGIN.bottom];
    const scale = Math.max(0.15, Math.min(3, w / wide, h / high));
    const x = (w - wide * scale) / 2 + (MARGIN.left - px(min[0])) * scale;
    const y = (h - high * scale) / 2 + (MARGIN.top - px(min[1])) * scale;
    return zoomIdentity.translate(x, y).scale(scale);
  };

  useEffect(() => {
    const element = svg.current;
    if (!element || !ready) return;
    const zooming = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.15, 8])
      .filter(event => {
        const { target, button, type } = event as MouseEvent;
        return type === 'wheel' || (button === 0 && !(target as Element).closest('.handle'));
      })
      .on('zoom', ({ transform }: { transform: ZoomTransform }) => {
        world.current?.setAttribute('transform', transform.toString());
        ground.current?.setAttribute('transform', transform.toString());
        places.set(key, transform);
      });
    behavior.current = zooming;
    const selection = select(element).call(zooming).on('dblclick.zoom', null);
    selection.call(zooming.transform, places.get(key) ?? fitted());
    return () => void selection.on('.zoom', null);
  }, [key, ready]);

  const change = (transform: (b: ZoomBehavior<SVGSVGElement, unknown>, e: SVGSVGElement) => void): void => {
    if (behavior.current && svg.current) transform(behavior.current, svg.current);
  };
  return {
    svg,
    world,
    ground,
    fit: () => change((b, e) => select(e).call(b.transform, fitted())),
    zoomBy: factor => change((b, e) => select(e).call(b.scaleBy, factor)),
  };
}
