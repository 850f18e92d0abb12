/** Drawing with one pull: a line from end to end, a rectangle from corner to corner. */
import { cornersNeeded, pulledCorners, type FreshName, type Point } from '@idle-satchel/core';
import type { RefObject } from 'react';
import { useReading } from '../../store/hooks.js';
import type { Tool } from '../../store/ui-store.js';
import { lengthWords } from '../place-words.js';
import { floorUnder } from '../viewport.js';
import { usePull, type PullHandlers } from './use-pull.js';

/** Where a point comes to lie, and what becomes of the corners that were drawn. */
interface Acts {
  readonly settled: (at: Point, reach: number) => Point;
  readonly make: (name: FreshName, corners: readonly Point[]) => void;
}

/** Pulls nothing where a corner is set already, or where the thing is put down as it is. */
export function usePulledShape(
  world: RefObject<SVGGElement | null>,
  tool: Tool | undefined,
  { settled, make }: Acts,
): PullHandlers {
  const reading = useReading();
  return usePull(world, event => {
    const from = floorUnder(world.current)?.at(event);
    if (tool?.kind !== 'draw' || tool.corners.length > 0 || cornersNeeded(tool.name) === 0 || !from) {
      return undefined;
    }
    event.stopPropagation();
    const ends = ([east, south]: Point, reach: number): readonly [Point, Point] => [
      settled(from, reach),
      settled([from[0] + east, from[1] + south], reach),
    ];
    return {
      show: (shift, reach) => {
        const [a, b] = ends(shift, reach);
        const points = pulledCorners(tool.name, a, b) ?? [a, b];
        return { shapes: [{ points, closed: points.length > 2 }], words: lengthWords(a, b, reading), at: b };
      },
      drop: (shift, reach) => {
        const points = pulledCorners(tool.name, ...ends(shift, reach));
        if (points) make(tool.name, points);
      },
    };
  });
}
