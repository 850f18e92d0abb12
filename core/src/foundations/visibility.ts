/** How far one sees from a point past walls and pillars. */
import { angleBetween, distance, type Circle, type Point } from './geometry.js';

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

/** What blocks sight: straight pieces, and round ones. */
export interface Blocking {
  readonly segments: readonly Segment[];
  readonly circles: readonly Circle[];
}

/** Distance along a ray to a circle, or Infinity; from within a circle, to where the ray leaves it. */
function hitCircle([ox, oy]: Point, dx: number, dy: number, { at, radius }: Circle): number {
  const [cx, cy] = [at[0] - ox, at[1] - oy];
  const along = cx * dx + cy * dy;
  const off = cx * dy - cy * dx;
  const half = radius * radius - off * off;
  if (half < 0) return Infinity;
  const [near, far] = [along - Math.sqrt(half), along + Math.sqrt(half)];
  return near > 1e-9 ? near : far > 1e-9 ? far : Infinity;
}

/**
 * The straight pieces that hide from a point what circles hide from it: for each the chord between the two places where
 * sight just touches it. Nothing for a circle that the point is in.
 */
export function chordsFrom(origin: Point, circles: readonly Circle[]): Segment[] {
  return circles.flatMap(({ at, radius }): Segment[] => {
    const away = distance(origin, at);
    if (away <= radius) return [];
    const [ux, uy] = [(at[0] - origin[0]) / away, (at[1] - origin[1]) / away];
    // The chord lies before the middle by r²/d, and reaches r·√(1 − r²/d²) to both sides.
    const along = away - radius ** 2 / away;
    const half = radius * Math.sqrt(1 - (radius / away) ** 2);
    const end = (side: number): Point => [
      origin[0] + along * ux - side * half * uy,
      origin[1] + along * uy + side * half * ux,
    ];
    return [[end(-1), end(1)]];
  });
}

/** How far one sees from `origin` in a direction before the nearest thing that blocks, at most `range`. */
export function sightAlong(
  origin: Point,
  degrees: number,
  { segments, circles }: Blocking,
  range: number,
): number {
  const [dx, dy] = [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
  let nearest = range;
  for (const segment of segments) nearest = Math.min(nearest, hit(origin, dx, dy, segment));
  for (const circle of circles) nearest = Math.min(nearest, hitCircle(origin, dx, dy, circle));
  return nearest;
}

/** True when a direction lies inside the angle of view. */
export const inView = (facing: number, spread: number, degrees: number): boolean =>
  angleBetween(facing, degrees) <= spread / 2;
