/** The walls of an outline as people name them, and places along them. */
import { boundsOf, sidesOf, type Point } from '../foundations/index.js';
import type { Wall } from './survey.js';

const FACING: Readonly<Record<Wall, Point>> = { north: [0, -1], east: [1, 0], south: [0, 1], west: [-1, 0] };

/** The side of an outline that looks most in a direction, the longer of two; its west or north end first. */
export function wallOf(outline: readonly Point[], wall: Wall): [Point, Point] {
  const { min, max } = boundsOf(outline);
  const middle: Point = [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2];
  const [fx, fy] = FACING[wall];
  let best: [Point, Point] = [outline[0] ?? [0, 0], outline[1] ?? [0, 0]];
  let bestScore = -Infinity;
  for (const [a, b] of sidesOf([...outline])) {
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const long = Math.hypot(dx, dy);
    if (long < 1e-6) continue;
    // Outward: away from the middle of the room.
    const half: Point = [(a[0] + b[0]) / 2 - middle[0], (a[1] + b[1]) / 2 - middle[1]];
    const sign = -dy * half[0] + dx * half[1] >= 0 ? 1 : -1;
    const look = (sign * (-dy * fx + dx * fy)) / long;
    const score = look * 1000 + Math.min(999, long) / 1000 + (fx * half[0] + fy * half[1]) / 1e6;
    if (look > 0.1 && score > bestScore) [best, bestScore] = [[a, b], score];
  }
  const [a, b] = best;
  return a[0] + a[1] <= b[0] + b[1] ? [a, b] : [b, a];
}

/** The point so many metres along a wall from its west or north end, at most at its other end. */
export function along([a, b]: readonly [Point, Point], metres: number): Point {
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const t = long === 0 ? 0 : Math.min(1, Math.max(0, metres / long));
  return [inMillimetres(a[0] + (b[0] - a[0]) * t), inMillimetres(a[1] + (b[1] - a[1]) * t)];
}

/** Metres to the millimetre. */
export const inMillimetres = (metres: number): number => Math.round(metres * 1000) / 1000;
