/** What is drawn on the ground, in groups that people light or fade together. */
import type { AreaKind } from '../documents/index.js';
import type { Part } from '../drafting/index.js';

export const GROUPS = {
  walls: 'Walls and doors',
  floors: 'Floors and stairs',
  seats: 'Seats',
  bounds: 'Where one may stand or film',
  marks: 'Marks and light',
  power: 'Sockets',
  lines: 'House lines and network',
  house: 'House gear and lamps',
  notes: 'Notes and signal',
} as const;
export type Group = keyof typeof GROUPS;

const OF_AREA: Readonly<Record<AreaKind, Group>> = {
  seating: 'seats',
  raised: 'floors',
  gallery: 'floors',
  obstacle: 'floors',
  desk: 'floors',
  'keep-clear': 'bounds',
  'no-film': 'bounds',
  cameras: 'bounds',
};

const OF_MAP: Readonly<Record<Exclude<Part['map'], 'areas'>, Group>> = {
  outline: 'walls',
  walls: 'walls',
  pillars: 'walls',
  doors: 'walls',
  stairs: 'floors',
  marks: 'marks',
  lightReadings: 'marks',
  sockets: 'power',
  networkSockets: 'lines',
  houseLines: 'lines',
  residents: 'house',
  screens: 'house',
  ceilingPoints: 'house',
  lamps: 'house',
  mobileReadings: 'notes',
  notes: 'notes',
};

/** The group of an area by its kind. */
export const groupOfArea = (kind: AreaKind): Group => OF_AREA[kind];

/** The group that a part of the venue belongs to. */
export const groupOf = ({ map, record }: Part): Group =>
  map === 'areas' ? OF_AREA[record.kind as AreaKind] : OF_MAP[map];
