/** Everything that is drawn in a venue, seen alike: where it is, what it is called, where its points are kept. */
import type { AreaKind, Venue } from '../documents/index.js';
import { inOrder, pointerOf, valueAt, type Json, type Point } from '../foundations/index.js';

/** The maps of a venue whose records stand somewhere, and the field that says where. */
export const PART_FIELDS = {
  walls: 'line',
  pillars: 'at',
  areas: 'outline',
  stairs: 'outline',
  doors: 'jambs',
  marks: 'at',
  sockets: 'at',
  networkSockets: 'at',
  houseLines: 'ends',
  residents: 'at',
  screens: 'at',
  ceilingPoints: 'at',
  lamps: 'at',
  lightReadings: 'at',
  mobileReadings: 'at',
  notes: 'at',
} as const satisfies Partial<Record<keyof Venue, string>>;

export type PartMap = keyof typeof PART_FIELDS;
export const PART_MAPS = Object.keys(PART_FIELDS) as PartMap[];

/** The kinds of areas, in the order people think of them. */
export const AREA_KIND_NAMES = [
  ...(['seating', 'raised', 'gallery', 'obstacle', 'desk'] as const),
  ...(['keep-clear', 'no-film', 'cameras'] as const),
] as const satisfies readonly AreaKind[];

/** The walls of the venue, which are one part without a record. */
export const OUTLINE = '/outline';

export interface Part {
  /** JSON pointer of the record in the venue: what a part is known by. */
  readonly path: string;
  readonly map: PartMap | 'outline';
  readonly label: string;
  readonly locked: boolean;
  readonly points: readonly Point[];
  /** Points close to a ring, as an outline does. */
  readonly closed: boolean;
  /** The record itself; empty for the walls. */
  readonly record: Readonly<Record<string, unknown>>;
}

const RINGS: ReadonlySet<string> = new Set(['outline']);

/** Records are immutable, so a part is made once for each: pictures compare by identity. */
const known = new WeakMap<object, Part>();

function partOf(map: PartMap, id: string, record: object): Part {
  const path = pointerOf(map, id);
  const before = known.get(record);
  if (before?.path === path) return before;
  const part = makePart(map, path, record);
  known.set(record, part);
  return part;
}

function makePart(map: PartMap, path: string, record: object): Part {
  const field = PART_FIELDS[map];
  const fields = record as Readonly<Record<string, unknown>>;
  const place = fields[field] as Point | readonly Point[];
  return {
    path,
    map,
    label: String(fields.label),
    locked: fields.locked === true,
    points: field === 'at' ? [place as Point] : (place as readonly Point[]),
    closed: RINGS.has(field),
    record: fields,
  };
}

const wallsOf = ({ outline }: Venue): Part => {
  const part: Part = known.get(outline) ?? {
    path: OUTLINE,
    map: 'outline',
    label: 'walls',
    locked: false,
    points: outline,
    closed: true,
    record: {},
  };
  known.set(outline, part);
  return part;
};

/** Every part of a venue, walls first, then map by map in order. */
export const partsOf = (venue: Venue): Part[] => [
  wallsOf(venue),
  ...PART_MAPS.flatMap(map => inOrder<object>(venue[map]).map(([id, record]) => partOf(map, id, record))),
];

/** The part at a path, or undefined when there is none. */
export function partAt(venue: Venue, path: string): Part | undefined {
  if (path === OUTLINE) return wallsOf(venue);
  const [, map = '', id = ''] = path.split('/');
  const record = Object.hasOwn(PART_FIELDS, map) ? valueAt(venue, pointerOf(map, id)) : undefined;
  return record ? partOf(map as PartMap, id, record) : undefined;
}

/** The path of the part with an id, or undefined when no part has it. */
export const pathOfPart = (venue: Venue, id: string): string | undefined => {
  const map = PART_MAPS.find(each => Object.hasOwn(venue[each] ?? {}, id));
  return map && pointerOf(map, id);
};

const rounded = (metres: number): number => Math.round(metres * 1000) / 1000 + 0;

/** Where the points of a part are kept, and the value there when they are these; to the millimetre. */
export function placing({ path, map }: Part, points: readonly Point[]): { path: string; value: Json } {
  const value = points.map(([x, y]): Point => [rounded(x), rounded(y)]);
  if (map === 'outline') return { path, value };
  const field = PART_FIELDS[map];
  return { path: `${path}/${field}`, value: field === 'at' ? (value[0] ?? [0, 0]) : value };
}
