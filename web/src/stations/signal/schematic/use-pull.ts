/** Pulling a lead from one port to another with the pointer. */
import type { Fit, PluggedPort, Point } from '@idle-satchel/core';
import { useRef, useState, type PointerEvent, type RefObject } from 'react';
import { usePlug } from '../use-plug.js';

export const portKey = ({ device, port }: { device: string; port: string }): string => `${device} ${port}`;

export interface Pulling {
  readonly from: PluggedPort;
  /** What every port says to it, by key. */
  readonly fits: ReadonlyMap<string, Fit>;
  /** The port under the loose end. */
  readonly over: string | undefined;
}

export interface Pull {
  readonly pulling: Pulling | undefined;
  /** The line from the port to the loose end; moved without drawing anything else. */
  readonly line: RefObject<SVGLineElement | null>;
  readonly begin: (from: PluggedPort, at: Point, event: PointerEvent<SVGElement>) => void;
}

/** `world` is the drawing; ports say which they are in `data-port`. */
export function usePull(ports: readonly PluggedPort[], world: RefObject<SVGGElement | null>): Pull {
  const { fit, join } = usePlug();
  const [pulling, setPulling] = useState<Pulling>();
  const line = useRef<SVGLineElement>(null);

  const begin: Pull['begin'] = (from, at, event) => {
    event.stopPropagation();
    const surface = event.currentTarget.ownerSVGElement;
    if (!surface) return;
    surface.setPointerCapture(event.pointerId);
    const fits = new Map(ports.map(port => [portKey(port.end), fit(from, port)]));
    let state: Pulling = { from, fits, over: undefined };
    let frame = 0;
    setPulling(state);
    const keyUnder = ({ clientX, clientY }: { clientX: number; clientY: number }): string | undefined =>
      document.elementFromPoint(clientX, clientY)?.closest('[data-port]')?.getAttribute('data-port') ??
      undefined;
    const move = (moved: globalThis.PointerEvent): void => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => {
        const matrix = world.current?.getScreenCTM()?.inverse();
        if (!matrix) return;
        const { x, y } = new DOMPoint(moved.clientX, moved.clientY).matrixTransform(matrix);
        for (const [name, value] of Object.entries({ x1: at[0], y1: at[1], x2: x, y2: y }))
          line.current?.setAttribute(name, String(value));
        const over = keyUnder(moved);
        if (over !== state.over) setPulling((state = { ...state, over }));
      });
    };
    const end = (ended: globalThis.PointerEvent): void => {
      cancelAnimationFrame(frame);
      surface.removeEventListener('pointermove', move);
      surface.removeEventListener('pointerup', end);
      surface.removeEventListener('pointercancel', stop);
      const target = ports.find(port => portKey(port.end) === keyUnder(ended));
      setPulling(undefined);
      if (target) join(from, target);
    };
    const stop = (): void => {
      surface.removeEventListener('pointermove', move);
      surface.removeEventListener('pointerup', end);
      surface.removeEventListener('pointercancel', stop);
      setPulling(undefined);
    };
    surface.addEventListener('pointermove', move);
    surface.addEventListener('pointerup', end);
    surface.addEventListener('pointercancel', stop);
  };
  return { pulling, line, begin };
}
