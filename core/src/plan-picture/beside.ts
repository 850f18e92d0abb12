/** Names beside signs that stand near a wall: inside the room, clear of the wall. All in drawing units. */
import { contains, type Point } from '../foundations/index.js';
import { px } from './scale.js';

/** Where a name begins, or has its middle or end. */
export interface NameSpot {
  readonly x: number;
  readonly y: number;
  readonly textAnchor: 'start' | 'middle' | 'end';
}

/** A name this near to the wall on its side would run into it, m. */
const NEAR = { east: 2.5, north: 1.5, wall: 1 } as const;

/** Off the line of a wall, m. */
const BESIDE = 0.05;

/** Which way a wall is looked for: along which axis, x being 0, and whether towards more or less of it. */
type Way = readonly [axis: 0 | 1, towards: 1 | -1];
const EAST: Way = [0, 1];
const NORTH: Way = [1, -1];

/** How far it is to the wall that is met first that way, m; infinite where there is none. */
function wallAway(from: Point, outline: readonly Point[], [axis, towards]: Way): number {
  const across = axis === 0 ? 1 : 0;
  return outline.reduce((nearest, a, i) => {
    const b = outline[(i + 1) % outline.length] as Point;
    const [low, high] = [Math.min(a[across], b[across]), Math.max(a[across], b[across])];
    if (from[across] < low || from[across] > high || low === high) return nearest;
    const along = a[axis] + ((from[across] - a[across]) / (b[across] - a[across])) * (b[axis] - a[axis]);
    const away = (along - from[axis]) * towards;
    return away >= -1e-9 ? Math.min(nearest, away) : nearest;
  }, Infinity);
}

/** The name of a thing: above it, before an east wall beside it, before a north wall below it; right of what stays. */
export function thingName(at: Point, outline: readonly Point[], resident: boolean): NameSpot {
  const [x, y] = [px(at[0]), px(at[1])];
  if (resident) return { x: x + 10, y: y + 4, textAnchor: 'start' };
  if (wallAway(at, outline, EAST) < NEAR.east) return { x: x - 11, y: y + 4, textAnchor: 'end' };
  const below = wallAway(at, outline, NORTH) < NEAR.north;
  return { x, y: below ? y + 20 : y - 11, textAnchor: 'middle' };
}

/** The name of a socket in a wall: inside the room beside it, below it where it is in the north or south wall. */
export function socketName(at: Point, outline: readonly Point[]): NameSpot {
  const [x, y] = [px(at[0]), px(at[1])];
  // Along the wall both sides of it are looked at: a socket stands on the very line.
  const isOutside = (east: number, south: number): boolean =>
    [-BESIDE, BESIDE].every(
      off =>
        !contains(outline, [
          at[0] + (east === 0 ? off : east * NEAR.wall),
          at[1] + (south === 0 ? off : south * NEAR.wall),
        ]),
    );
  if (isOutside(-1, 0)) return { x: x + 10, y: y + 4, textAnchor: 'start' };
  if (isOutside(1, 0)) return { x: x - 10, y: y + 4, textAnchor: 'end' };
  if (isOutside(0, 1)) return { x, y: y + 20, textAnchor: 'middle' };
  return isOutside(0, -1)
    ? { x, y: y + 22, textAnchor: 'middle' }
    : { x: x - 10, y: y + 4, textAnchor: 'end' };
}
