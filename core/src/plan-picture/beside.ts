/** Names beside signs that stand near a wall: inside the room, clear of the wall. All in drawing units. */
import { boundsOf, type Point } from '../foundations/index.js';
import { px } from './scale.js';

/** Where a name begins, or has its middle or end. */
export interface NameSpot {
  readonly x: number;
  readonly y: number;
  readonly textAnchor: 'start' | 'middle' | 'end';
}

/** A name this near to the wall on its side would run into it, m. */
const NEAR = { east: 2.5, north: 1.5, wall: 1 } as const;

/** The name of a thing: above it, before the east wall beside it, below it at the north wall, else where it is put. */
export function thingName([east, south]: Point, outline: readonly Point[], resident: boolean): NameSpot {
  const { min, max } = boundsOf(outline);
  const [x, y] = [px(east), px(south)];
  if (resident) return { x: x + 10, y: y + 4, textAnchor: 'start' };
  if (east > max[0] - NEAR.east) return { x: x - 11, y: y + 4, textAnchor: 'end' };
  return { x, y: south < min[1] + NEAR.north ? y + 20 : y - 11, textAnchor: 'middle' };
}

/** The name of a socket in a wall: inside the room beside it, below it where it is in the north or south wall. */
export function socketName([east, south]: Point, outline: readonly Point[]): NameSpot {
  const { min, max } = boundsOf(outline);
  const [x, y] = [px(east), px(south)];
  if (east < min[0] + NEAR.wall) return { x: x + 10, y: y + 4, textAnchor: 'start' };
  if (south > max[1] - NEAR.wall) return { x, y: y + 20, textAnchor: 'middle' };
  if (south < min[1] + NEAR.wall) return { x, y: y + 22, textAnchor: 'middle' };
  return { x: x - 10, y: y + 4, textAnchor: 'end' };
}
