/** Where a point that is put down roughly is meant to be: on a corner, along a wall, at a right angle, on the grid. */
import type { Venue } from '../documents/index.js';
import { alongSegment, between, distance, FOOT, type Point, type UnitSystem } from '../foundations/index.js';
import { partsOf } from './parts.js';
import { partSides } from './reshape.js';

export type Side = readonly [Point, Point];

export interface Snapped {
  readonly at: Point;
  /** Why there, in a word, or undefined where nothing drew it. */
  readonly because: 'corner' | 'wall' | 'right angle' | 'grid' | undefined;
}

export interface SnapTo {
  /** Sides of walls. */
  readonly walls: readonly Side[];
  /**
   * Ends of the sides that meet in the point, each with the side before it if there is one: the point is drawn to
   * where those sides are square to the page or to the side before.
   */
  readonly joined?: readonly { readonly end: Point; readonly before?: Point | undefined }[];
  /** Grid, m; 0 for none. */
  readonly grid: number;
  /** How near draws, m. */
  readonly reach: number;
}

/**
 * How far one press of an arrow key moves what is picked, m, and with Shift; the first is the grid of a pull, too. In
 * feet four inches and three feet.
 */
export const stepsIn = (system: UnitSystem): { readonly near: number; readonly far: number } =>
  system === 'imperial' ? { near: FOOT / 3, far: 3 * FOOT } : { near: 0.1, far: 1 };

const onGrid = (value: number, grid: number): number => (grid > 0 ? Math.round(value / grid) * grid : value);
const exact = ([x, y]: Point): Point => [Math.round(x * 1000) / 1000 + 0, Math.round(y * 1000) / 1000 + 0];

/** Snaps one point: a corner of a wall first, then right angles, then a wall, else the grid. */
export function snap(at: Point, to: SnapTo): Snapped {
  const corner = nearest(to.walls.flat(), at, to.reach);
  if (corner) return { at: exact(corner), because: 'corner' };
  const square = squared(at, to);
  if (square) return { at: exact(square), because: 'right angle' };
  const foot = nearest(
    to.walls.map(([a, b]) => alongWall(at, a, b, to.grid)),
    at,
    to.reach,
  );
  if (foot) return { at: exact(foot), because: 'wall' };
  if (to.grid > 0) return { at: exact([onGrid(at[0], to.grid), onGrid(at[1], to.grid)]), because: 'grid' };
  return { at: exact(at), because: undefined };
}

/** Most corners of a part that look for a wall while it is moved. */
const MOST_ANCHORS = 16;

/**
 * How far to move points that are dragged by `shift`: so that the one that comes nearest to a wall, or to a corner
 * of one, touches it; else so that the first lies on the grid.
 */
export function snapShift(
  points: readonly Point[],
  shift: Point,
  { walls, reach, grid }: Omit<SnapTo, 'joined'>,
): { readonly shift: Point; readonly because: Snapped['because'] } {
  const drawn = points.slice(0, MOST_ANCHORS).flatMap(([x, y]) => {
    const loose: Point = [x + shift[0], y + shift[1]];
    const { at, because } = snap(loose, { walls, reach, grid });
    if (because !== 'wall' && because !== 'corner') return [];
    return [{ shift: exact([at[0] - x, at[1] - y]), because, off: distance(at, loose) }];
  });
  const [nearest] = drawn.sort((a, b) => a.off - b.off);
  const [first] = points;
  if (nearest || !first) return nearest ?? { shift: exact(shift), because: undefined };
  const to: Point = [onGrid(first[0] + shift[0], grid), onGrid(first[1] + shift[1], grid)];
  return { shift: exact([to[0] - first[0], to[1] - first[1]]), because: grid > 0 ? 'grid' : undefined };
}

/** Sides of all walls of a venue, but for parts that are on the move themselves. */
export const wallSides = (venue: Venue, but: readonly string[] = []): Side[] =>
  partsOf(venue)
    .filter(({ map, path }) => (map === 'outline' || map === 'walls') && !but.includes(path))
    .flatMap(partSides);

function nearest(points: readonly Point[], at: Point, reach: number): Point | undefined {
  let best: Point | undefined;
  for (const point of points) {
    const away = distance(point, at);
    if (away <= reach && (!best || away < distance(best, at))) best = point;
  }
  return best;
}

/** The foot of a point on a wall, a whole number of grid steps from the wall's start. */
function alongWall(at: Point, a: Point, b: Point, grid: number): Point {
  const length = distance(a, b);
  if (length === 0) return a;
  const along = alongSegment(at, a, b) * length;
  return between(a, b, Math.min(length, Math.max(0, onGrid(along, grid))) / length);
}

/** Lines through the joined ends that make square corners; where two cross near the point, or the nearer one. */
function squared(at: Point, { joined = [], reach, grid }: SnapTo): Point | undefined {
  interface Line {
    readonly through: Point;
    readonly along: Point;
    readonly foot: Point;
  }
  const lines: Line[] = [];
  for (const { end, before } of joined) {
    const directions: Point[] = [
      [1, 0],
      [0, 1],
    ];
    const length = before ? distance(before, end) : 0;
    if (before && length > 0) {
      const [ux, uy]: Point = [(end[0] - before[0]) / length, (end[1] - before[1]) / length];
      directions.push([ux, uy], [-uy, ux]);
    }
    for (const along of directions) {
      const t = (at[0] - end[0]) * along[0] + (at[1] - end[1]) * along[1];
      const foot: Point = [end[0] + along[0] * t, end[1] + along[1] * t];
      if (distance(foot, at) <= reach) lines.push({ through: end, along, foot });
    }
  }
  lines.sort((p, q) => distance(p.foot, at) - distance(q.foot, at));
  const [first] = lines;
  if (!first) return undefined;
  for (const other of lines) {
    if (other.through === first.through) continue;
    const both = meeting(first, other);
    if (both && distance(both, at) <= reach) return both;
  }
  const t = onGrid(distance(first.through, first.foot), grid);
  const length = distance(first.through, first.foot);
  return length === 0 ? first.foot : between(first.through, first.foot, t / length);
}

function meeting(
  a: { readonly through: Point; readonly along: Point },
  b: { readonly through: Point; readonly along: Point },
): Point | undefined {
  const cross = a.along[0] * b.along[1] - a.along[1] * b.along[0];
  if (Math.abs(cross) < 1e-6) return undefined;
  const [dx, dy] = [b.through[0] - a.through[0], b.through[1] - a.through[1]];
  const t = (dx * b.along[1] - dy * b.along[0]) / cross;
  return [a.through[0] + a.along[0] * t, a.through[1] + a.along[1] * t];
}
