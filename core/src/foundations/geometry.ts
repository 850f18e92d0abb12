/** Plane geometry in metres; directions in degrees, 0 = east (+x), 90 = south (+y, down the page). */

export type Point = readonly [number, number];
export type Polygon = readonly Point[];

const RADIANS = Math.PI / 180;
const TINY = 1e-9;

export const distance = (a: Point, b: Point): number => Math.hypot(b[0] - a[0], b[1] - a[1]);
export const direction = (from: Point, to: Point): number =>
  Math.atan2(to[1] - from[1], to[0] - from[0]) / RADIANS;
export const polar = (from: Point, degrees: number, length: number): Point => [
  from[0] + Math.cos(degrees * RADIANS) * length,
  from[1] + Math.sin(degrees * RADIANS) * length,
];

/** The point a share of the way (0…1) from one to another. */
export const between = (a: Point, b: Point, share: number): Point => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
];

/** Smallest angle between two directions, 0…180°. */
export function angleBetween(a: number, b: number): number {
  const turn = (((a - b) % 360) + 540) % 360;
  return Math.abs(turn - 180);
}

/** The sides of a polygon as pairs of points, the closing one included. */
export const sidesOf = (polygon: Polygon): [Point, Point][] =>
  polygon.map((point, i) => [point, polygon[(i + 1) % polygon.length] as Point]);

/** A cosine below this is a right angle. */
const SQUARE = 1e-3;

/** Four corners, all of them right angles. */
export function isRectangle(points: Polygon): boolean {
  if (points.length !== 4) return false;
  const sides = sidesOf(points).map(([a, b]): Point => [b[0] - a[0], b[1] - a[1]]);
  return sides.every(([x, y], i) => {
    const [nx, ny] = sides[(i + 1) % 4] ?? [0, 0];
    return Math.abs(x * nx + y * ny) <= SQUARE * Math.hypot(x, y) * Math.hypot(nx, ny);
  });
}

/** Even-odd rule; points on the border may count either way. */
export function contains(polygon: Polygon, [x, y]: Point): boolean {
  let inside = false;
  for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
    const [ax, ay] = polygon[i] as Point;
    const [bx, by] = polygon[j] as Point;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
  }
  return inside;
}

/** Signed area (shoelace) in square metres without the sign. */
export function area(polygon: Polygon): number {
  let twice = 0;
  for (const [[ax, ay], [bx, by]] of sidesOf(polygon)) twice += ax * by - bx * ay;
  return Math.abs(twice) / 2;
}

export function boundsOf(points: Iterable<Point>): { min: Point; max: Point } {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of points) {
    x0 = Math.min(x0, x);
    y0 = Math.min(y0, y);
    x1 = Math.max(x1, x);
    y1 = Math.max(y1, y);
  }
  return { min: [x0, y0], max: [x1, y1] };
}

/** The middle of the box around some points; at least one. */
export function boxMiddle(points: Iterable<Point>): Point {
  const { min, max } = boundsOf(points);
  return between(min, max, 0.5);
}

/** Distance from a point to a segment. */
export function distanceToSegment(p: Point, a: Point, b: Point): number {
  const along = alongSegment(p, a, b);
  return distance(p, between(a, b, along));
}

/** Where on a–b (0…1) the point nearest to p lies. */
export function alongSegment(p: Point, a: Point, b: Point): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const squared = dx * dx + dy * dy;
  if (squared < TINY) return 0;
  return Math.min(1, Math.max(0, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / squared));
}

/** Where along a–b (0…1) it crosses c–d, or undefined. Touching at c or d counts, parallel does not. */
export function crossing(a: Point, b: Point, c: Point, d: Point): number | undefined {
  const [rx, ry] = [b[0] - a[0], b[1] - a[1]];
  const [sx, sy] = [d[0] - c[0], d[1] - c[1]];
  const cross = rx * sy - ry * sx;
  if (Math.abs(cross) < TINY) return undefined;
  const t = ((c[0] - a[0]) * sy - (c[1] - a[1]) * sx) / cross;
  const u = ((c[0] - a[0]) * ry - (c[1] - a[1]) * rx) / cross;
  return t >= 0 && t <= 1 && u >= -TINY && u <= 1 + TINY ? t : undefined;
}

/** Whether two sides of a polygon that are not neighbours meet. */
export function crossesItself(polygon: Polygon): boolean {
  const sides = sidesOf(polygon);
  return sides.some(([a, b], i) =>
    sides.slice(i + 2).some(([c, d], j) => {
      // The first and the last side share a corner.
      if (i === 0 && j + 2 === sides.length - 1) return false;
      return crossing(a, b, c, d) !== undefined && crossing(c, d, a, b) !== undefined;
    }),
  );
}

/** Whether the boxes around two polygons have anything in common along an axis. */
function overlapAlong(axis: 0 | 1, a: Polygon, b: Polygon): boolean {
  let [a0, a1, b0, b1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const point of a) [a0, a1] = [Math.min(a0, point[axis]), Math.max(a1, point[axis])];
  for (const point of b) [b0, b1] = [Math.min(b0, point[axis]), Math.max(b1, point[axis])];
  return a0 <= b1 && b0 <= a1;
}

/** Whether two polygons have anything in common. */
export const meet = (a: Polygon, b: Polygon): boolean =>
  overlapAlong(0, a, b) && overlapAlong(1, a, b) && sharesArea(a, b);

const sharesArea = (a: Polygon, b: Polygon): boolean =>
  a.some(corner => contains(b, corner)) ||
  b.some(corner => contains(a, corner)) ||
  sidesOf(a).some(([from, to]) =>
    sidesOf(b).some(
      ([c, d]) => crossing(from, to, c, d) !== undefined && crossing(c, d, from, to) !== undefined,
    ),
  );

export interface Circle {
  readonly at: Point;
  readonly radius: number;
}

export const inCircle = ({ at, radius }: Circle, point: Point): boolean => distance(at, point) < radius;

/** Whether a polygon and a circle have anything in common. */
export const meetsCircle = (polygon: Polygon, { at, radius }: Circle): boolean =>
  contains(polygon, at) || sidesOf(polygon).some(([a, b]) => distanceToSegment(at, a, b) < radius);

/** A square around a point, its sides along the axes. */
export const squareAround = (centre: Point, side: number): Point[] => footprint(centre, side, false);

/** Whether a–b misses a polygon for sure: all of it lies to one side of the line, or beyond either end. */
function misses(polygon: Polygon, [ax, ay]: Point, [bx, by]: Point): boolean {
  const [dx, dy] = [bx - ax, by - ay];
  const length = dx * dx + dy * dy;
  let [left, right, before, after] = [true, true, true, true];
  for (const [x, y] of polygon) {
    const [px, py] = [x - ax, y - ay];
    const [side, along] = [dx * py - dy * px, dx * px + dy * py];
    left &&= side < -TINY;
    right &&= side > TINY;
    before &&= along < -TINY;
    after &&= along > length + TINY;
    if (!left && !right && !before && !after) return false;
  }
  return true;
}

/**
 * The stretch of a–b inside a polygon as positions along it (0…1), from first entry to last exit; undefined
 * when it stays outside. For a convex polygon this is exact.
 */
export function stretchInside(polygon: Polygon, a: Point, b: Point): [number, number] | undefined {
  if (misses(polygon, a, b)) return undefined;
  const hits: number[] = [];
  if (contains(polygon, a)) hits.push(0);
  if (contains(polygon, b)) hits.push(1);
  for (const [c, d] of sidesOf(polygon)) {
    const at = crossing(a, b, c, d);
    if (at !== undefined) hits.push(at);
  }
  if (hits.length < 2) return undefined;
  const [first, last] = [Math.min(...hits), Math.max(...hits)];
  return last - first > TINY ? [first, last] : undefined;
}

/**
 * Every stretch of a–b inside a polygon, as positions along it (0…1) in order: several where the polygon has a bay that
 * the line crosses.
 */
export function stretchesInside(polygon: Polygon, a: Point, b: Point): readonly [number, number][] {
  if (misses(polygon, a, b)) return [];
  const cuts = [0, 1];
  for (const [c, d] of sidesOf(polygon)) {
    const at = crossing(a, b, c, d);
    if (at !== undefined) cuts.push(at);
  }
  cuts.sort((s, t) => s - t);
  const stretches: [number, number][] = [];
  for (let i = 1; i < cuts.length; i++) {
    const [from, to] = [cuts[i - 1] as number, cuts[i] as number];
    if (to - from < TINY || !contains(polygon, between(a, b, (from + to) / 2))) continue;
    const last = stretches.at(-1);
    if (last && from - last[1] < TINY) last[1] = to;
    else stretches.push([from, to]);
  }
  return stretches;
}

/** A square, turned clockwise on the page by so many degrees, or a circle as a 16-gon, around a centre. */
export function footprint(centre: Point, size: number, round: boolean, turn = 0): Point[] {
  const half = size / 2;
  if (round) return Array.from({ length: 16 }, (_, i) => polar(centre, i * 22.5, half));
  const [cos, sin] = turn === 0 ? [1, 0] : [Math.cos(turn * RADIANS), Math.sin(turn * RADIANS)];
  const corner = (u: number, v: number): Point => [
    centre[0] + (u * cos - v * sin) * half,
    centre[1] + (u * sin + v * cos) * half,
  ];
  return [corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)];
}

/**
 * Clips a convex or concave polygon by a half plane (Sutherland–Hodgman): keeps what lies to the left of
 * a → b as seen on a page with y down (that is, cross product ≥ 0).
 */
export function clipHalfPlane(polygon: Polygon, a: Point, b: Point): Point[] {
  const side = ([x, y]: Point): number => (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);
  const kept: Point[] = [];
  for (const [p, q] of sidesOf(polygon)) {
    const [sp, sq] = [side(p), side(q)];
    if (sp >= 0) kept.push(p);
    if (sp >= 0 !== sq >= 0) {
      const t = sp / (sp - sq);
      kept.push([p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t]);
    }
  }
  return kept;
}

/** Length of a polyline in metres. */
export function lengthOf(points: readonly Point[]): number {
  let sum = 0;
  for (let i = 1; i < points.length; i++) sum += distance(points[i - 1] as Point, points[i] as Point);
  return sum;
}
