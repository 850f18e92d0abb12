/** How far one sees from a point past walls and pillars. */
import { angleBetween, type Point } from './geometry.js';

export type Segment = readonly [Point, Point];

const RADIANS = Math.PI / 180;

/** Distance along a ray (from `origin`, unit direction) to a segment, or Infinity. */
function hit(origin: Point, dx: number, dy: number, [a, b]: Segment): number {
  const [sx, sy] = [b[0] - a[0], b[1] - a[1]];
  const cross = dx * sy - dy * sx;
  if (cross > -1e-12 && cross < 1e-12) return Infinity;
  const [ax, ay] = [a[0] - origin[0], a[1] - origin[1]];
  const t = (ax * sy - ay * sx) / cross;
  const u = (ax * dy - ay * dx) / cross;
  return t > 1e-9 && u >= -1e-9 && u <= 1 + 1e-9 ? t : Infinity;
}

/** How far one sees from `origin` in a direction before the nearest blocking segment, at most `range`. */
export function sightAlong(
  origin: Point,
  degrees: number,
  blocking: readonly Segment[],
  range: number,
): number {
  const [dx, dy] = [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
  let nearest = range;
  for (const segment of blocking) nearest = Math.min(nearest, hit(origin, dx, dy, segment));
  return nearest;
}

/** True when a direction lies inside the angle of view. */
export const inView = (facing: number, spread: number, degrees: number): boolean =>
  angleBetween(facing, degrees) <= spread / 2;
