/** Pulling something across the plan with the pointer: a ghost at most once a frame, one edit on release. */
import type { Point } from '@idle-satchel/core';
import { useRef, type PointerEvent, type RefObject } from 'react';
import { floorPoint } from '../viewport.js';
import { ghost, type Ghost } from './ghost.js';

/** Pixels that draw: within so many of a wall, a corner or a right angle. */
export const REACH_PX = 9;
/** A pointer that moved less than this has clicked, px. */
const STILL_PX = 3;

/** What is pulled: what it looks like on its way, and what it does where it is let go; all in metres. */
export interface Pulled {
  readonly show: (shift: Point, reach: number) => Ghost;
  readonly drop: (shift: Point, reach: number) => void;
}

interface Pull {
  readonly pulled: Pulled;
  readonly from: Point;
  readonly reach: number;
  readonly screen: readonly [number, number];
  moved: boolean;
  frame: number;
  shift: Point;
}

export interface PullHandlers {
  readonly onPointerDown: (event: PointerEvent<SVGElement>) => void;
  readonly onPointerMove: (event: PointerEvent<SVGElement>) => void;
  readonly onPointerUp: () => void;
  readonly onPointerCancel: () => void;
  /** True right after something was pulled: the click that follows it means nothing. */
  readonly justPulled: () => boolean;
}

/** `start` says what is pulled from where the pointer went down, or undefined for nothing. */
export function usePull(
  world: RefObject<SVGGElement | null>,
  start: (event: PointerEvent<SVGElement>) => Pulled | undefined,
): PullHandlers {
  const pull = useRef<Pull>(undefined);
  const pulledAt = useRef(-Infinity);
  const stop = (): void => {
    if (pull.current) cancelAnimationFrame(pull.current.frame);
    pull.current = undefined;
    ghost.set(undefined);
  };
  return {
    onPointerDown: event => {
      const from = floorPoint(event, world.current);
      const pulled = event.button === 0 && from ? start(event) : undefined;
      if (!pulled || !from) return;
      (event.target as Element).setPointerCapture(event.pointerId);
      pull.current = {
        ...{ pulled, from: from.at, reach: from.perPixel * REACH_PX },
        ...{ screen: [event.clientX, event.clientY], moved: false, frame: 0, shift: [0, 0] },
      };
    },
    onPointerMove: event => {
      const current = pull.current;
      const now = current && floorPoint(event, world.current);
      if (!current || !now) return;
      const [x, y] = current.screen;
      current.moved ||= Math.hypot(event.clientX - x, event.clientY - y) > STILL_PX;
      if (!current.moved) return;
      current.shift = [now.at[0] - current.from[0], now.at[1] - current.from[1]];
      current.frame ||= requestAnimationFrame(() => {
        current.frame = 0;
        if (pull.current === current) ghost.set(current.pulled.show(current.shift, current.reach));
      });
    },
    onPointerUp: () => {
      const current = pull.current;
      stop();
      if (!current?.moved) return;
      pulledAt.current = performance.now();
      current.pulled.drop(current.shift, current.reach);
    },
    onPointerCancel: stop,
    justPulled: () => performance.now() - pulledAt.current < 50,
  };
}
