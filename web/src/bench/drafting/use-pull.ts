/** Pulling something across the plan with the pointer: a ghost at most once a frame, one edit on release. */
import type { Point } from '@idle-satchel/core';
import { useRef, type PointerEvent, type RefObject } from 'react';
import { usePointerDrag } from '../../ui/pointer-drag.js';
import { floorUnder, hold, type OnScreen } from '../viewport.js';
import { showGhost, type Ghost } from './ghost.js';

/** Pixels that draw: within so many of a wall, a corner or a right angle. */
export const REACH_PX = 9;

/** What is pulled: what it looks like on its way, and what it does where it is let go; all in metres. */
export interface Pulled {
  readonly show: (shift: Point, reach: number) => Ghost;
  readonly drop: (shift: Point, reach: number) => void;
}

export interface PullHandlers {
  readonly onPointerDown: (event: PointerEvent<SVGElement>) => void;
  /** True right after something was pulled: the click that follows it means nothing. */
  readonly justPulled: () => boolean;
}

/** `start` says what is pulled from where the pointer went down, or undefined for nothing. */
export function usePull(
  world: RefObject<SVGGElement | null>,
  start: (event: PointerEvent<SVGElement>) => Pulled | undefined,
): PullHandlers {
  const begin = usePointerDrag();
  const pulledAt = useRef(-Infinity);
  const end = (): void => {
    hold(world.current, false);
    showGhost(undefined);
  };
  return {
    onPointerDown: event => {
      // The floor as it lies when the hand takes hold: the plan itself stays where it is.
      const floor = floorUnder(world.current);
      const pulled = event.button === 0 && floor ? start(event) : undefined;
      if (!pulled || !floor) return;
      const from = floor.at(event);
      const reach = floor.perPixel * REACH_PX;
      const shiftTo = (where: OnScreen): Point => {
        const [east, south] = floor.at(where);
        return [east - from[0], south - from[1]];
      };
      begin(event, {
        // The click that follows belongs to what was pressed.
        holder: event.target as Element,
        move: moved => {
          hold(world.current, true);
          showGhost(pulled.show(shiftTo(moved), reach), true);
        },
        drop: (dropped, moved) => {
          end();
          if (!moved) return;
          pulledAt.current = performance.now();
          pulled.drop(shiftTo(dropped), reach);
        },
        cancel: end,
      });
    },
    justPulled: () => performance.now() - pulledAt.current < 50,
  };
}
