/** Pulling a lead from one port to another with the pointer. */
import type { Fit, PluggedPort, Point } from '@idle-satchel/core';
import { useCallback, useRef, useState, type PointerEvent, type RefObject } from 'react';
import { usePointerDrag } from '../../../ui/pointer-drag.js';
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
  /** `key` of the port that it is pulled from, and where that is in the drawing. */
  readonly begin: (key: string, at: Point, event: PointerEvent<SVGElement>) => void;
}

/** `world` is the drawing; ports say which they are in `data-port`. */
export function usePull(ports: readonly PluggedPort[], world: RefObject<SVGGElement | null>): Pull {
  const { fit, join } = usePlug();
  const drag = usePointerDrag();
  const [pulling, setPulling] = useState<Pulling>();
  const line = useRef<SVGLineElement>(null);

  const begin = useCallback<Pull['begin']>(
    (key, at, event) => {
      event.stopPropagation();
      const surface = event.currentTarget.ownerSVGElement;
      const from = ports.find(port => portKey(port.end) === key);
      if (!surface || !from || event.button !== 0) return;
      const fits = new Map(ports.map(port => [portKey(port.end), fit(from, port)]));
      let over: string | undefined;
      setPulling({ from, fits, over });
      const keyUnder = ({ clientX, clientY }: { clientX: number; clientY: number }): string | undefined =>
        document.elementFromPoint(clientX, clientY)?.closest('[data-port]')?.getAttribute('data-port') ??
        undefined;
      drag(event, {
        holder: surface,
        move: moved => {
          const matrix = world.current?.getScreenCTM()?.inverse();
          if (!matrix) return;
          const { x, y } = new DOMPoint(moved.clientX, moved.clientY).matrixTransform(matrix);
          for (const [name, value] of Object.entries({ x1: at[0], y1: at[1], x2: x, y2: y }))
            line.current?.setAttribute(name, String(value));
          const under = keyUnder(moved);
          if (under !== over) setPulling({ from, fits, over: (over = under) });
        },
        drop: dropped => {
          const target = ports.find(port => portKey(port.end) === keyUnder(dropped));
          setPulling(undefined);
          if (target) join(from, target);
        },
        cancel: () => setPulling(undefined),
      });
    },
    [ports, world, fit, join, drag],
  );
  return { pulling, line, begin };
}
