/** What can be seen from a point past walls and pillars: a visibility polygon cut to an angle of view. */
import { angleBetween, direction, polar, type Point } from './geometry.js';

export type Segment = readonly [Point, Point];

const RADIANS = Math.PI / 180;
const NUDGE = 1e-4;

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

/**
 * The region visible from `origin` within `spread` degrees around `facing`, out to `range` metres: rays to
 * every end point of a blocking segment (and just beside it) plus the arc between, in turning order.
 */
export function visibleRegion(
  origin: Point,
  facing: number,
  spread: number,
  range: number,
  blocking: readonly Segment[],
): Point[] {
  const half = spread / 2;
  const offsets: number[] = [];
  for (let offset = -half; offset < half; offset += Math.min(3, spread / 4)) offsets.push(offset);
  offsets.push(half);
  for (const segment of blocking) {
    for (const end of segment) {
      const offset = ((((direction(origin, end) - facing) % 360) + 540) % 360) - 180;
      if (Math.abs(offset) > half + NUDGE) continue;
      for (const ray of [offset - NUDGE, offset, offset + NUDGE])
        if (Math.abs(ray) <= half) offsets.push(ray);
    }
  }
  offsets.sort((a, b) => a - b);
  const region: Point[] = spread < 360 ? [origin] : [];
  for (const offset of offsets) {
    region.push(polar(origin, facing + offset, sightAlong(origin, facing + offset, blocking, range)));
  }
  return region;
}

/** True when a direction lies inside the angle of view. */
export const inView = (facing: number, spread: number, degrees: number): boolean =>
  angleBetween(facing, degrees) <= spread / 2;
