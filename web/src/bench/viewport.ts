/** The one viewport of the plan picture: moving along the strap never loses one's place in the room. */
import { boundsOf, PLAN_SCALE, px, type Point } from '@idle-satchel/core';
import { zoomIdentity, type ZoomTransform } from 'd3-zoom';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { useZooming } from '../ui/zooming.js';

export type OnScreen = { readonly clientX: number; readonly clientY: number };

/** The floor as it lies under the screen now; undefined where nothing is drawn. */
export interface FloorUnder {
  /** Where on it a pointer is, m. */
  readonly at: (event: OnScreen) => Point;
  /** How many metres a pixel of the screen is there. */
  readonly perPixel: number;
}

export function floorUnder(world: SVGGElement | null): FloorUnder | undefined {
  const matrix = world?.getScreenCTM()?.inverse();
  if (!matrix) return undefined;
  const at = ({ clientX, clientY }: OnScreen): Point => {
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(matrix);
    return [x / PLAN_SCALE, y / PLAN_SCALE];
  };
  return { at, perPixel: matrix.a / PLAN_SCALE };
}

/** What stands on the floor keeps to so many metres. */
const SNAP = 0.05;
export const snapped = (metres: number): number => Math.round(Math.round(metres / SNAP) * SNAP * 100) / 100;

interface Margin {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Room around the venue for dimension lines and labels, px of the screen. */
const MARGIN: Margin = { left: 64, right: 34, top: 76, bottom: 56 };

interface Size {
  readonly width: number;
  readonly height: number;
}

/** The zoom at which the whole of a venue can be seen in a picture of some size. */
export function fitScale(outline: readonly Point[], { width, height }: Size, margin = MARGIN): number {
  const { min, max } = boundsOf(outline);
  const across = (width - margin.left - margin.right) / px(max[0] - min[0]);
  const down = (height - margin.top - margin.bottom) / px(max[1] - min[1]);
  return Math.max(0.15, Math.min(3, across, down));
}

/** Size of letters in a plan that is shown whole: as large on the screen whatever the size of the venue. */
export const letteringFor = (outline: readonly Point[], size: Size, margin = MARGIN): number =>
  Math.min(2.2, Math.max(0.45, 1 / fitScale(outline, size, margin)));

/** Where each event was looked at last, while this page is open. */
const places = new Map<string, ZoomTransform>();

export interface Viewport {
  /** What zoom and pan are done on: it holds both pictures and never moves itself. */
  readonly surface: RefObject<HTMLDivElement | null>;
  readonly svg: RefObject<SVGSVGElement | null>;
  readonly world: RefObject<SVGGElement | null>;
  /** The same world in the picture beneath, which is drawn apart so that dragging does not paint it again. */
  readonly ground: RefObject<SVGGElement | null>;
  /** The same world in a picture above, for what follows the hand. */
  readonly above: RefObject<SVGGElement | null>;
  readonly fit: () => void;
  readonly zoomBy: (factor: number) => void;
  /** How large letters and signs are drawn in the picture, so that they have one size on the screen at every zoom. */
  readonly lettering: number;
}

/** What a picture lies on: moved, it takes the picture along without anything in it being laid out again. */
const sheetOf = (world: SVGGElement): HTMLElement | null | undefined => world.ownerSVGElement?.parentElement;

/** While the hand holds the plan nothing beneath it is looked for: among thousands of things that takes long. */
export const hold = (world: SVGGElement | null, held: boolean): void =>
  void (world && sheetOf(world)?.parentElement?.classList.toggle('held', held));

/** How far a picture that is costly to draw is moved as it is before it is drawn anew: share of its size, factor. */
const FAR = { share: 0.5, factor: 2.5 };
/** Largest zoom of a plan. */
const LARGEST = 8;

/**
 * Zoom with the wheel, pan by dragging the paper; `key` names whose place is kept. A `heavy` picture is moved as it
 * is while the hand moves, and drawn anew when it rests or has gone far.
 */
export function useViewport(
  key: string,
  outline: readonly Point[],
  size: Size,
  { margin = MARGIN, heavy = false }: { margin?: Margin; heavy?: boolean } = {},
): Viewport {
  const surface = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const world = useRef<SVGGElement>(null);
  const ground = useRef<SVGGElement>(null);
  const above = useRef<SVGGElement>(null);
  const drawn = useRef(zoomIdentity);
  const frame = useRef(0);
  const [scale, setScale] = useState<number>();
  const worlds = (): SVGGElement[] =>
    [ground.current, world.current, above.current].filter(each => each !== null);
  const inFrame = (act: () => void): void => {
    cancelAnimationFrame(frame.current);
    frame.current = requestAnimationFrame(act);
  };
  const draw = (transform: ZoomTransform): void => {
    drawn.current = transform;
    for (const each of worlds()) {
      each.setAttribute('transform', transform.toString());
      sheetOf(each)?.style.removeProperty('transform');
    }
  };
  const showNames = (shown: boolean): void => {
    for (const each of worlds()) sheetOf(each)?.classList.toggle('nameless', !shown);
  };
  const slide = (wanted: ZoomTransform): void => {
    const { k, x, y } = wanted;
    const factor = k / drawn.current.k;
    const [dx, dy] = [x - drawn.current.x * factor, y - drawn.current.y * factor];
    const far = Math.abs(dx) > size.width * FAR.share || Math.abs(dy) > size.height * FAR.share;
    // A browser measures every word anew at every new size, so words come back only when the hand rests.
    if (factor !== 1) showNames(false);
    hold(world.current, true);
    if (far || factor > FAR.factor || factor < 1 / FAR.factor) return draw(wanted);
    for (const each of worlds()) {
      sheetOf(each)?.style.setProperty('transform', `translate(${dx}px, ${dy}px) scale(${factor})`);
    }
  };
  useEffect(() => () => cancelAnimationFrame(frame.current), [key]);
  const zooming = useZooming(surface, size.width > 0, key, {
    largest: LARGEST,
    first: () => places.get(key) ?? fitted(outline, size, margin),
    onZoom: transform => {
      if (heavy) inFrame(() => slide(transform));
      else draw(transform);
      places.set(key, transform);
    },
    onEnd: transform => {
      hold(world.current, false);
      draw(transform);
      setScale(Number(transform.k.toPrecision(3)));
      inFrame(() => showNames(true));
    },
  });
  return {
    surface,
    svg,
    world,
    ground,
    above,
    fit: () => zooming.to(fitted(outline, size, margin)),
    zoomBy: zooming.by,
    lettering: scale === undefined ? letteringFor(outline, size, margin) : 1 / scale,
  };
}

/** The zoom and place at which the whole of a venue can be seen. */
function fitted(outline: readonly Point[], size: Size, margin: Margin): ZoomTransform {
  const { min, max } = boundsOf(outline);
  const scale = fitScale(outline, size, margin);
  const spare = (across: number, from: number, to: number): number => (across - px(to - from) * scale) / 2;
  const x = spare(size.width - margin.left - margin.right, min[0], max[0]) + margin.left - px(min[0]) * scale;
  const y = spare(size.height - margin.top - margin.bottom, min[1], max[1]) + margin.top - px(min[1]) * scale;
  return zoomIdentity.translate(x, y).scale(scale);
}
