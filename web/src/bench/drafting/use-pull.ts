/** Pulling something across the plan with the pointer: a ghost at most once a frame, one edit on release. */
import type { Point } from '@idle-satchel/core';
import { useRef, type PointerEvent, type RefObject } from 'react';
import { floorUnder, hold, type FloorUnder } from '../viewport.js';
import { showGhost, type Ghost } from './ghost.js';

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
  /** The floor as it lay when the hand took hold: the plan itself stays where it is. */
  readonly floor: FloorUnder;
  readonly from: Point;
  readonly screen: readonly [number, number];
  moved: boolean;
  frame: number;
  shift: Point;
}

const reachOf = ({ floor }: Pull): number => floor.perPixel * REACH_PX;

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
    hold(world.current, false);
    showGhost(undefined);
  };
  return {
    onPointerDown: event => {
      const floor = floorUnder(world.current);
      const pulled = event.button === 0 && floor ? start(event) : undefined;
      if (!pulled || !floor) return;
      (event.target as Element).setPointerCapture(event.pointerId);
      pull.current = {
        ...{ pulled, floor, from: floor.at(event) },
        ...{ screen: [event.clientX, event.clientY], moved: false, frame: 0, shift: [0, 0] },
      };
    },
    onPointerMove: event => {
      const current = pull.current;
      if (!current) return;
      const [x, y] = current.screen;
      current.moved ||= Math.hypot(event.clientX - x, event.clientY - y) > STILL_PX;
      if (!current.moved) return;
      hold(world.current, true);
      const [east, south] = current.floor.at(event);
      current.shift = [east - current.from[0], south - current.from[1]];
      current.frame ||= requestAnimationFrame(() => {
        current.frame = 0;
        if (pull.current === current) showGhost(current.pulled.show(current.shift, reachOf(current)), true);
      });
    },
    onPointerUp: () => {
      const current = pull.current;
      stop();
      if (!current?.moved) return;
      pulledAt.current = performance.now();
      current.pulled.drop(current.shift, reachOf(current));
    },
    onPointerCancel: stop,
    justPulled: () => performance.now() - pulledAt.current < 50,
  };
}
