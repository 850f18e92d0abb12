/** The frame of the schematic: opened whole as far as its words stay readable, else at its beginning. */
import { zoomIdentity } from 'd3-zoom';
import { useEffect, useEffectEvent, useRef, type RefObject } from 'react';
import { useZooming } from '../../../ui/zooming.js';

export interface Zoom {
  readonly svg: RefObject<SVGSVGElement | null>;
  readonly world: RefObject<SVGGElement | null>;
  /** Shows all of it, however small. */
  readonly fit: () => void;
  readonly zoomBy: (factor: number) => void;
  /** Brings parts of the picture into view together, unless they are in view already. */
  readonly show: (parts: readonly Rectangle[]) => void;
}

interface Rectangle {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

const EDGE = 16;
/** In steps, so that what is shown is not laid out anew at each pixel of a window that is pulled. */
const ROOM_STEP = 20;
/** How wide a drawing may be to be seen at once in a pane so wide, px; 0 while that is not known. */
export const roomIn = (pane: number): number =>
  pane <= 0 ? 0 : Math.max(1, Math.floor((pane - 2 * EDGE) / ROOM_STEP)) * ROOM_STEP;

/** It opens with its smallest words as large as they are drawn, 11 px. */
const READABLE = 1;
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
  const fitted = (smallest: number): void => {
    const { width = 1, height = 1 } = picture ?? {};
    const { clientWidth = 1, clientHeight = 1 } = svg.current ?? {};
    const scale = Math.max(
      smallest,
      Math.min(1.25, (clientWidth - 2 * EDGE) / width, (clientHeight - 2 * EDGE) / height),
    );
    const x = Math.max(EDGE, (clientWidth - width * scale) / 2);
    const y = Math.max(EDGE, Math.min(60, (clientHeight - height * scale) / 2));
    zooming.to(zoomIdentity.translate(x, y).scale(scale));
  };
  const fitUntouched = useEffectEvent(() => {
    if (!touched.current) fitted(READABLE);
  });
  useEffect(() => fitUntouched(), [picture?.width, picture?.height]);

  const show = (parts: readonly Rectangle[]): void => {
    const matrix = world.current?.getCTM();
    if (!matrix || !svg.current || parts.length === 0) return;
    const [left, top] = [Math.min(...parts.map(each => each.x)), Math.min(...parts.map(each => each.y))];
    const right = Math.max(...parts.map(({ x, width }) => x + width));
    const bottom = Math.max(...parts.map(({ y, height }) => y + height));
    const from = new DOMPoint(left, top).matrixTransform(matrix);
    const to = new DOMPoint(right, bottom).matrixTransform(matrix);
    const { clientWidth, clientHeight } = svg.current;
    if (from.x >= 0 && from.y >= 0 && to.x <= clientWidth && to.y <= clientHeight) return;
    const room = Math.min(
      (clientWidth - 2 * EDGE) / (right - left),
      (clientHeight - 2 * EDGE) / (bottom - top),
    );
    // Smaller only as far as words stay readable; what is larger still is looked at from its middle.
    const scale = Math.min(matrix.a, Math.max(READABLE, room));
    const [x, y] = [(left + right) / 2, (top + bottom) / 2];
    zooming.to(
      zoomIdentity.translate(clientWidth / 2 - x * scale, clientHeight / 2 - y * scale).scale(scale),
    );
  };
  return { svg, world, fit: () => fitted(0), zoomBy: zooming.by, show };
}
