/** New things to draw: what each is called, where its record goes, and what it is until somebody changes it. */
import type { AreaKind, Venue } from '../documents/index.js';
import {
  alongSegment,
  between,
  distance,
  distanceToSegment,
  inOrder,
  lengthOf,
  newId,
  orderAfter,
  pointerOf,
  sidesOf,
  type Json,
  type Operation,
  type Point,
} from '../foundations/index.js';
import type { PartMap } from './parts.js';
import { nextLabel } from './transform.js';

type Fields = Readonly<Record<string, Json>>;

interface Fresh {
  readonly words: string;
  readonly map: PartMap;
  /** The record's fields apart from label and order, for a place roughly given. */
  readonly fields: (at: Point, venue: Venue) => Fields;
  /** The least number of corners when it is drawn corner by corner; absent = it is put down as a point. */
  readonly corners?: number;
}

const rounded = (metres: number): number => Math.round(metres * 1000) / 1000 + 0;
const exact = ([x, y]: Point): Point => [rounded(x), rounded(y)];
const boxAround = ([x, y]: Point, across: number, down: number): Point[] =>
  (
    [
      [x - across / 2, y - down / 2],
      [x + across / 2, y - down / 2],
      [x + across / 2, y + down / 2],
      [x - across / 2, y + down / 2],
    ] satisfies Point[]
  ).map(exact);

/** The side of the walls nearest to a point, and where on it the point's foot lies. */
function nearestWall({ outline }: Venue, at: Point): { a: Point; b: Point; foot: Point } {
  const sides = sidesOf(outline);
  const [a, b] = sides.reduce((best, side) =>
    distanceToSegment(at, ...side) < distanceToSegment(at, ...best) ? side : best,
  );
  return { a, b, foot: between(a, b, alongSegment(at, a, b)) };
}

/** A stretch of the nearest wall, `width` long or as long as the wall. */
function inWall(venue: Venue, at: Point, width: number): Point[] {
  const { a, b, foot } = nearestWall(venue, at);
  const length = distance(a, b);
  const half = Math.min(width, length) / 2;
  const middle = Math.min(length - half, Math.max(half, distance(a, foot)));
  return [between(a, b, (middle - half) / length), between(a, b, (middle + half) / length)].map(exact);
}

const area = (words: string, kind: AreaKind, across: number, down: number, more: Fields = {}): Fresh => ({
  words,
  map: 'areas',
  corners: 3,
  fields: at => ({ kind, outline: boxAround(at, across, down), ...more }),
});

/** What can be drawn, by name. */
export const FRESH = {
  wall: {
    words: 'inner wall',
    map: 'walls',
    corners: 2,
    fields: ([x, y]) => ({ line: [exact([x - 1, y]), exact([x + 1, y])] }),
  },
  door: {
    words: 'door',
    map: 'doors',
    fields: (at, venue) => ({
      jambs: inWall(venue, at, 0.9),
      kind: 'inner',
      height: 2.1,
      hinge: 'first',
      opens: 'left',
    }),
  },
  exit: {
    words: 'exit',
    map: 'doors',
    fields: (at, venue) => ({ jambs: inWall(venue, at, 1.6), kind: 'exit', height: 2.1 }),
  },
  opening: {
    words: 'opening',
    map: 'doors',
    fields: (at, venue) => ({ jambs: inWall(venue, at, 1.5), kind: 'opening', height: 2.2 }),
  },
  window: {
    words: 'window',
    map: 'doors',
    fields: (at, venue) => ({ jambs: inWall(venue, at, 1.2), kind: 'window', height: 1.2 }),
  },
  pillar: { words: 'pillar', map: 'pillars', fields: at => ({ at: exact(at), size: 0.5 }) },
  seats: area('seats', 'seating', 4, 3, { rowSpacing: 0.95 }),
  stage: area('stage', 'raised', 4, 2, { floor: 0.4 }),
  gallery: area('gallery', 'gallery', 4, 2, { floor: 3 }),
  stairs: {
    words: 'stairs',
    map: 'stairs',
    corners: 3,
    fields: at => ({ outline: boxAround(at, 2, 1), clear: 1 }),
  },
  obstacle: area('obstacle', 'obstacle', 1.2, 0.6, { top: 0.75 }),
  keepClear: area('keep clear', 'keep-clear', 4, 1.2),
  noFilm: area('no film', 'no-film', 2, 2),
  cameras: area('cameras may stand', 'cameras', 3, 1.5),
  desk: area('audio desk', 'desk', 1.6, 0.8),
  mark: { words: 'mark', map: 'marks', fields: at => ({ at: exact(at), height: 1.6, facing: 180 }) },
  socket: {
    words: 'mains socket',
    map: 'sockets',
    fields: (at, venue) => ({
      at: exact(nearestWall(venue, at).foot),
      outlets: 2,
      amps: venue.volts > 200 ? 13 : 15,
    }),
  },
  network: {
    words: 'network socket',
    map: 'networkSockets',
    fields: (at, venue) => ({ at: exact(nearestWall(venue, at).foot) }),
  },
  houseLine: {
    words: 'house line',
    map: 'houseLines',
    corners: 2,
    fields: ([x, y]) => ({
      ends: [exact([x - 2, y]), exact([x + 2, y])],
      make: 'balanced-audio',
      length: 5,
      condition: 'untested',
    }),
  },
  resident: { words: 'house gear', map: 'residents', fields: at => ({ what: 'other', at: exact(at) }) },
  screen: {
    words: 'house screen',
    map: 'screens',
    fields: at => ({ at: exact(at), width: 1.5, height: 1.5, facing: 180 }),
  },
  ceilingPoint: {
    words: 'ceiling point',
    map: 'ceilingPoints',
    fields: at => ({ at: exact(at), height: 3 }),
  },
  lamp: { words: 'lamp', map: 'lamps', fields: at => ({ kind: 'led', at: exact(at), height: 3 }) },
  note: { words: 'note', map: 'notes', fields: at => ({ at: exact(at) }) },
} as const satisfies Readonly<Record<string, Fresh>>;

export type FreshName = keyof typeof FRESH;

/** Least number of corners of what is drawn corner by corner; 0 for what is put down as it is. */
export const cornersNeeded = (name: FreshName): number => (FRESH[name] as Fresh).corners ?? 0;

/**
 * The corners, m, of what is drawn with one pull from `from` to `to`: a line, or a rectangle along the axes, clockwise
 * from its north-west corner. Undefined for what is put down as it is, and for a pull that leaves no length or no area.
 */
export function pulledCorners(name: FreshName, from: Point, to: Point): readonly Point[] | undefined {
  const corners = cornersNeeded(name);
  const [across, down] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])];
  if (corners === 2) return Math.hypot(across, down) < THINNEST ? undefined : [exact(from), exact(to)];
  if (corners === 0 || Math.min(across, down) < THINNEST) return undefined;
  return boxAround([(from[0] + to[0]) / 2, (from[1] + to[1]) / 2], across, down);
}

/** What is thinner was not meant to be drawn, m. */
const THINNEST = 0.05;

/** The maps whose records carry an order. */
const ORDERED: ReadonlySet<PartMap> = new Set([
  'marks',
  'sockets',
  'houseLines',
  'residents',
  'screens',
  'lamps',
]);

const CORNERS: Readonly<Partial<Record<PartMap, string>>> = {
  walls: 'line',
  areas: 'outline',
  stairs: 'outline',
  houseLines: 'ends',
  doors: 'jambs',
};

/**
 * The patch that adds a new part: put down at a place, or with the corners that were drawn. Gives its path too, so
 * that it can be selected. `random` makes the id.
 */
export function added(
  venue: Venue,
  name: FreshName,
  where: Point | readonly Point[],
  random: () => number = Math.random,
): { readonly path: string; readonly patch: Operation[] } {
  const { words, map, fields }: Fresh = FRESH[name];
  const corners = typeof where[0] === 'number' ? undefined : (where as readonly Point[]);
  const records = inOrder<{ label: string; order?: string }>(venue[map]);
  const labels = new Set(records.map(([, { label }]) => label));
  const record: Record<string, Json> = {
    ...(ORDERED.has(map) ? { order: orderAfter(records.at(-1)?.[1].order) } : {}),
    label: labels.has(words) ? nextLabel(words, labels) : words,
    ...fields(corners?.[0] ?? (where as Point), venue),
  };
  const field = CORNERS[map];
  if (corners && field) record[field] = corners.map(exact);
  if (map === 'houseLines' && corners) record.length = rounded(lengthOf(corners));
  const path = pointerOf(map, newId(random));
  return { path, patch: [{ op: 'add', path, value: record }] };
}
