/** Moving, turning, mirroring, copying, removing what is drawn: patches of a venue. */
import type { Venue } from '../documents/index.js';
import {
  boxMiddle,
  inOrder,
  newId,
  orderAfter,
  pointerOf,
  valueAt,
  type Json,
  type MapOf,
  type Operation,
  type Point,
} from '../foundations/index.js';
import { OUTLINE, partAt, placing, type Part } from './parts.js';

/** A rigid motion of the plane: what it does to a point and to a direction. */
export interface Motion {
  readonly point: (at: Point) => Point;
  readonly direction: (degrees: number) => number;
  /** Left and right change places. */
  readonly mirrors: boolean;
  /** What lay along x lies along y; undefined where it lies along neither any more. */
  readonly axis: (axis: 'x' | 'y') => 'x' | 'y' | undefined;
}

const RADIANS = Math.PI / 180;
/** −180 < a ≤ 180. */
const wrapped = (degrees: number): number => {
  const turn = ((degrees % 360) + 360) % 360;
  return Math.round((turn > 180 ? turn - 360 : turn) * 1000) / 1000 + 0;
};

export const moveBy = (dx: number, dy: number): Motion => ({
  point: ([x, y]) => [x + dx, y + dy],
  direction: degrees => degrees,
  mirrors: false,
  axis: axis => axis,
});

/** Clockwise on the page. */
export function turnAbout([cx, cy]: Point, degrees: number): Motion {
  const quarters = degrees / 90;
  const straight = Number.isInteger(quarters);
  // Quarter turns are exact: a cosine of 90° is not quite zero.
  const [cos, sin] = straight
    ? ([
        [1, 0],
        [0, 1],
        [-1, 0],
        [0, -1],
      ][((quarters % 4) + 4) % 4] as [number, number])
    : [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
  return {
    point: ([x, y]) => [cx + (x - cx) * cos - (y - cy) * sin, cy + (x - cx) * sin + (y - cy) * cos],
    direction: each => wrapped(each + degrees),
    mirrors: false,
    axis: axis => (!straight ? undefined : quarters % 2 === 0 ? axis : axis === 'x' ? 'y' : 'x'),
  };
}

/** Over a north–south line at x = `at` (`across: 'x'`), or over a west–east line at y = `at`. */
export const mirrorOver = (across: 'x' | 'y', at: number): Motion => ({
  point: ([x, y]) => (across === 'x' ? [2 * at - x, y] : [x, 2 * at - y]),
  direction: degrees => wrapped(across === 'x' ? 180 - degrees : -degrees),
  mirrors: true,
  axis: axis => axis,
});

/** The middle of the box around some parts; undefined for none. */
export function middleOf(venue: Venue, paths: readonly string[]): Point | undefined {
  const points = paths.flatMap(path => partAt(venue, path)?.points ?? []);
  return points.length === 0 ? undefined : boxMiddle(points);
}

/** How far a square is turned from square, −45…45°; undefined when it is not. */
function squareTurn(degrees: number): number | undefined {
  const turn = degrees - Math.round(degrees / 90) * 90;
  return Math.abs(turn) < 1e-3 ? undefined : turn;
}

/** A direction that rows of seats face, unless it is what they face unsaid: east or west. */
const offEast = (degrees: number): number | undefined => (degrees % 180 === 0 ? undefined : degrees);

/** The record's fields, other than its points, that a motion changes; undefined = taken out. */
function turnedFields({ map, record }: Part, motion: Motion): Record<string, Json | undefined> {
  const fields: Record<string, Json | undefined> = {};
  if (typeof record.facing === 'number') fields.facing = motion.direction(record.facing);
  else if (record.rowSpacing !== undefined) fields.facing = offEast(motion.direction(0));
  if (map === 'pillars' && record.round !== true) {
    fields.turn = squareTurn(motion.direction(Number(record.turn ?? 0)));
  }
  const rake = record.rake as { rise: number; towards: number } | undefined;
  if (rake) fields.rake = { ...rake, towards: motion.direction(rake.towards) };
  if (record.walk) fields.walk = motion.axis(record.walk as 'x' | 'y');
  if (record.opens && motion.mirrors) fields.opens = record.opens === 'left' ? 'right' : 'left';
  return fields;
}

const unlocked = (venue: Venue, paths: readonly string[]): Part[] =>
  paths.flatMap(path => partAt(venue, path) ?? []).filter(part => !part.locked);

/** The patch that moves parts; locked ones stay where they are. */
export function moved(venue: Venue, paths: readonly string[], motion: Motion): Operation[] {
  return unlocked(venue, paths).flatMap(part => [
    { op: 'replace' as const, ...placing(part, part.points.map(motion.point)) },
    ...Object.entries(turnedFields(part, motion)).flatMap(([name, value]): Operation[] => {
      const path = `${part.path}/${name}`;
      if (value === part.record[name]) return [];
      return [value === undefined ? { op: 'remove', path } : { op: 'add', path, value }];
    }),
  ]);
}

/** The patch that takes parts out of the venue; the walls and what is locked stay. */
export const removed = (venue: Venue, paths: readonly string[]): Operation[] =>
  unlocked(venue, paths)
    .filter(part => part.path !== OUTLINE)
    .map(({ path }) => ({ op: 'remove', path }));

/** `N4` → `N5`, `pew` → `pew 2`: the next name that no record of the map has. */
export function nextLabel(label: string, taken: ReadonlySet<string>): string {
  const [, stem = label, digits] = /^(.*?)(\d+)?$/.exec(label) ?? [];
  for (let n = digits ? Number(digits) + 1 : 2; ; n++) {
    const next = digits ? `${stem}${String(n).padStart(digits.length, '0')}` : `${stem} ${n}`;
    if (!taken.has(next)) return next.slice(-60);
  }
}

export interface Copies {
  readonly patch: readonly Operation[];
  /** Paths of the copies, motion by motion. */
  readonly paths: readonly string[];
}

/**
 * The patch that adds a copy of parts for every motion, named on from theirs; the walls are not copied, and copies
 * of what is locked are not locked. `random` makes the ids.
 */
export function copied(
  venue: Venue,
  paths: readonly string[],
  motions: readonly Motion[],
  random: () => number = Math.random,
): Copies {
  const patch: Operation[] = [];
  const made: string[] = [];
  const maps = new Map<string, { readonly labels: Set<string>; last: string | undefined }>();
  const mapOf = (name: string): { readonly labels: Set<string>; last: string | undefined } => {
    const records = inOrder(valueAt(venue, pointerOf(name)) as MapOf<{ label: string; order?: string }>);
    const known = maps.get(name) ?? {
      labels: new Set(records.map(([, { label }]) => label)),
      last: records.at(-1)?.[1].order,
    };
    maps.set(name, known);
    return known;
  };
  const originals = paths.flatMap(path => partAt(venue, path) ?? []).filter(part => part.map !== 'outline');
  const latest = new Map(originals.map(part => [part.path, part.label]));
  for (const motion of motions) {
    for (const part of originals) {
      const map = mapOf(part.map);
      const label = nextLabel(latest.get(part.path) ?? part.label, map.labels);
      map.labels.add(label);
      latest.set(part.path, label);
      const field = placing(part, part.points.map(motion.point));
      const record: Record<string, unknown> = {
        ...part.record,
        ...turnedFields(part, motion),
        [field.path.slice(part.path.length + 1)]: field.value,
        label,
      };
      delete record.locked;
      if (part.record.order !== undefined) record.order = map.last = orderAfter(map.last);
      for (const key of Object.keys(record)) if (record[key] === undefined) delete record[key];
      const path = pointerOf(part.map, newId(random));
      patch.push({ op: 'add', path, value: record as Json });
      made.push(path);
    }
  }
  return { patch, paths: made };
}

/** Most copies one array may make. */
export const MOST_COPIES = 200;

/** The motions of an array: `columns` × `rows` places, the first of which is where the original stands. */
export function arrayMotions(columns: number, rows: number, [dx, dy]: Point): Motion[] {
  const motions: Motion[] = [];
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      if (row + column > 0) motions.push(moveBy(column * dx, row * dy));
    }
  }
  return motions.slice(0, MOST_COPIES);
}
