/** Making closed outlines of what a drawing has: loose lines joined, small gaps closed, loops cut off. */
import { area, between, crossing, distance, sidesOf, type Point } from '../foundations/index.js';

/** Ends this near to each other are the same point, m. */
const SAME = 0.005;
/** A gap up to this is closed, m. */
export const GAP = 0.1;

export interface Path {
  readonly points: readonly Point[];
  readonly closed: boolean;
}

/** Joins open paths end to end wherever exactly two ends meet; what comes back to its start is closed. */
export function joined(paths: readonly Path[]): Path[] {
  const open = paths.filter(path => !path.closed && path.points.length > 1).map(path => [...path.points]);
  const keyOf = ([x, y]: Point): string => `${Math.round(x / SAME)} ${Math.round(y / SAME)}`;
  const ends = new Map<string, Set<Point[]>>();
  const note = (path: Point[]): void => {
    for (const end of [path[0], path.at(-1)]) {
      if (!end) continue;
      const here = ends.get(keyOf(end)) ?? new Set();
      here.add(path);
      ends.set(keyOf(end), here);
    }
  };
  for (const path of open) note(path);
  const gone = new Set<Point[]>();
  for (const path of open) {
    if (gone.has(path)) continue;
    for (let grew = true; grew;) {
      grew = false;
      for (const atEnd of [true, false]) {
        const end = (atEnd ? path.at(-1) : path[0]) as Point;
        const here = ends.get(keyOf(end));
        const others = [...(here ?? [])].filter(each => each !== path && !gone.has(each));
        const [other] = others;
        if (!other || others.length > 1) continue;
        const forward = keyOf(other[0] as Point) === keyOf(end);
        const more = forward ? other : other.toReversed();
        if (atEnd) path.push(...more.slice(1));
        else path.unshift(...more.toReversed().slice(0, -1));
        gone.add(other);
        note(path);
        grew = true;
      }
    }
  }
  const whole = open
    .filter(path => !gone.has(path))
    .map((path): Path => {
      const returns = path.length > 3 && distance(path[0] as Point, path.at(-1) as Point) <= SAME;
      return { points: returns ? path.slice(0, -1) : path, closed: returns };
    });
  return [...paths.filter(path => path.closed), ...whole];
}

/** A path as a ring: itself, or with its gap closed; undefined when the gap is too wide or it has no area. */
export function closedRing({ points, closed }: Path): { ring: Point[]; gap: number } | undefined {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || points.length < 3) return undefined;
  const gap = closed ? 0 : distance(first, last);
  if (gap > GAP) return undefined;
  const ring = withoutRepeats(gap > 0 && gap <= SAME ? points.slice(0, -1) : points);
  return ring.length >= 3 && area(ring) > 1e-4 ? { ring, gap } : undefined;
}

/** Points without those that lie on the one before. */
export const withoutRepeats = (points: readonly Point[]): Point[] =>
  points.filter((point, i) => {
    const before = points[(i + points.length - 1) % points.length];
    return points.length < 2 || !before || distance(before, point) > 1e-6;
  });

/** Most loops that are cut off one ring. */
const MOST_LOOPS = 50;

/** The first place where two sides of a ring cross, with the sides. */
function firstCrossing(ring: readonly Point[]): { i: number; j: number; at: Point } | undefined {
  const sides = sidesOf(ring);
  for (let i = 0; i < sides.length; i++) {
    for (let j = i + 2; j < sides.length; j++) {
      if (i === 0 && j === sides.length - 1) continue;
      const [a, b] = sides[i] as [Point, Point];
      const [c, d] = sides[j] as [Point, Point];
      const t = crossing(a, b, c, d);
      if (t !== undefined && t > 1e-9 && t < 1 - 1e-9) return { i, j, at: between(a, b, t) };
    }
  }
  return undefined;
}

/**
 * A ring whose sides do not cross: at every crossing the smaller of the two loops is cut off. `cut` is the area of
 * all that was cut off, m². Undefined when it is too tangled.
 */
export function untangled(ring: readonly Point[]): { ring: Point[]; cut: number } | undefined {
  let rest = [...ring];
  let cut = 0;
  for (let loops = 0; loops <= MOST_LOOPS; loops++) {
    const cross = firstCrossing(rest);
    if (!cross) return { ring: rest, cut };
    const { i, j, at } = cross;
    const inner = [at, ...rest.slice(i + 1, j + 1)];
    const outer = [...rest.slice(0, i + 1), at, ...rest.slice(j + 1)];
    const [kept, dropped] = area(inner) > area(outer) ? [inner, outer] : [outer, inner];
    cut += area(dropped);
    rest = kept;
  }
  return undefined;
}

/** A path with fewer points that stays within a distance of the given one (Douglas and Peucker, 1973). */
export function simplified(points: readonly Point[], within: number): Point[] {
  const keep = new Uint8Array(points.length);
  keep[0] = keep[points.length - 1] = 1;
  const stretches: [number, number][] = [[0, points.length - 1]];
  for (let next = stretches.pop(); next; next = stretches.pop()) {
    const [from, to] = next;
    const [a, b] = [points[from] as Point, points[to] as Point];
    const length = distance(a, b);
    let [farthest, off] = [-1, within];
    for (let i = from + 1; i < to; i++) {
      const [x, y] = points[i] as Point;
      const away =
        length === 0
          ? distance(a, [x, y])
          : Math.abs((b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0])) / length;
      if (away > off) [farthest, off] = [i, away];
    }
    if (farthest < 0) continue;
    keep[farthest] = 1;
    stretches.push([from, farthest], [farthest, to]);
  }
  return points.filter((_, i) => keep[i]);
}
