/** The fields of everything drawn in a venue as people fill them in: words, unit, limits. */
import {
  inOrder,
  MAKE_WORDS,
  type AreaKind,
  type Kinds,
  type Part,
  type Unit,
  type Venue,
} from '@idle-satchel/core';
import { AREA_WORDS, DOOR_WORDS } from '../../bench/drafting/part-words.js';

type Options = readonly (readonly [value: string, words: string])[];

interface Common {
  /** Field of the record; one of a record inside it is named with a stroke. */
  readonly name: string;
  readonly label: string;
  readonly optional?: boolean;
}

export type PartField = Common &
  (
    | { readonly type: 'length'; readonly min: number; readonly max: number }
    | {
        readonly type: 'number';
        readonly unit: Unit;
        readonly min: number;
        readonly max: number;
        readonly whole?: boolean;
      }
    | { readonly type: 'text'; readonly max: number }
    | { readonly type: 'flag' }
    | {
        readonly type: 'choice';
        readonly options: (venue: Venue, kinds: Kinds) => Options;
        /** What absent is called, where it may be. */
        readonly none?: string;
      }
  );

const length = (name: string, label: string, min: number, max: number, optional = false): PartField => ({
  type: 'length',
  name,
  label,
  min,
  max,
  optional,
});
const number = (
  name: string,
  label: string,
  unit: Unit,
  min: number,
  max: number,
  more: { optional?: boolean; whole?: boolean } = {},
): PartField => ({ type: 'number', name, label, unit, min, max, ...more });
const text = (name: string, label: string, max: number): PartField => ({
  type: 'text',
  name,
  label,
  max,
  optional: true,
});
const flag = (name: string, label: string): PartField => ({ type: 'flag', name, label });
const choice = (name: string, label: string, options: Options, none?: string): PartField => ({
  type: 'choice',
  name,
  label,
  options: () => options,
  ...(none === undefined ? {} : { none }),
});
const same = (...words: string[]): Options => words.map(word => [word, word]);
const entries = (words: Readonly<Record<string, string>>): Options => Object.entries(words);

const facing = (optional = false): PartField =>
  number('facing', 'Faces (0° east, 90° south)', '°', -360, 360, { optional });

/** Raised floors and galleries, by name. */
const floorsOf = (venue: Venue): Options =>
  inOrder(venue.areas).flatMap(([id, { kind, label }]) =>
    kind === 'raised' || kind === 'gallery' ? [[id, label] as const] : [],
  );
const floor = (name: string, label: string, none: string): PartField => ({
  type: 'choice',
  name,
  label,
  none,
  options: floorsOf,
});

const RAKE = [
  length('rake/rise', 'Rises from its lowest edge by', 0.01, 20, true),
  number('rake/towards', 'Rises towards (0° east, 90° south)', '°', -360, 360),
];

const OF_AREA: Readonly<Record<AreaKind, readonly PartField[]>> = {
  seating: [
    length('rowSpacing', 'Row to row', 0.5, 3, true),
    number('facing', 'Seats face (0° east, 90° south)', '°', -360, 360, { optional: true }),
    length('floor', 'Floor, above zero', -20, 50, true),
    ...RAKE,
    length('seatedHead', 'Heads seated, if not as the house rule', 0.5, 2, true),
    length('standingHead', 'Heads standing, if not as the house rule', 1, 2.5, true),
  ],
  raised: [length('floor', 'Floor, above zero', -20, 50, true), ...RAKE],
  gallery: [
    length('floor', 'Floor, above zero', -20, 50, true),
    length('underside', 'Underside, above zero', 0, 50, true),
    ...RAKE,
  ],
  obstacle: [
    length('top', 'Top, above its floor', 0, 30, true),
    length('underside', 'Underside, above zero', 0, 50, true),
  ],
  'keep-clear': [
    choice(
      'walk',
      'People walk',
      [
        ['x', 'east and west'],
        ['y', 'north and south'],
      ],
      'along its length',
    ),
  ],
  'no-film': [],
  cameras: [],
  desk: [
    length('top', 'Top, above its floor', 0, 30, true),
    text('card/buses', 'Free buses', 120),
    choice(
      'card/fader',
      'Taken',
      [
        ['before', 'before the fader'],
        ['after', 'after the fader'],
      ],
      'not asked',
    ),
    text('card/connector', 'Connector', 40),
    choice('card/level', 'Level', same('line', 'microphone'), 'not asked'),
    length('card/distance', 'From our place to it', 0, 300, true),
    text('card/setBy', 'Set by (a role, not a name)', 80),
  ],
};

const OF_MAP: Readonly<Record<Exclude<Part['map'], 'areas' | 'outline'>, readonly PartField[]>> = {
  walls: [],
  pillars: [
    length('size', 'Side or diameter', 0.05, 10),
    flag('round', 'Round'),
    number('turn', 'Turned', '°', -360, 360, { optional: true }),
  ],
  stairs: [
    floor('foot', 'From', 'the zero level'),
    floor('head', 'To', 'not said yet'),
    length('clear', 'Narrowest clear width', 0.3, 20, true),
  ],
  doors: [
    choice('kind', 'Kind', entries(DOOR_WORDS)),
    length('height', 'Height', 0.3, 12),
    choice(
      'hinge',
      'Hangs on',
      [
        ['first', 'its first jamb'],
        ['second', 'its second jamb'],
      ],
      'it does not swing',
    ),
    choice('opens', 'Opens to the', same('left', 'right'), 'not said'),
  ],
  marks: [
    length('height', 'Height of the face', 0.2, 3),
    facing(),
    number('light', 'Light at the face', 'lx', 0, 150000, { optional: true }),
    number('people', 'How many are there', 'people', 1, 300, { optional: true, whole: true }),
    choice(
      'posture',
      'They',
      [
        ['standing', 'stand'],
        ['seated', 'sit'],
      ],
      'not said',
    ),
    length('width', 'Width of the group', 0.2, 50, true),
    floor('level', 'On', 'the floor there'),
  ],
  sockets: [
    {
      type: 'choice',
      name: 'circuit',
      label: 'Circuit',
      none: 'not known',
      options: venue => inOrder(venue.circuits).map(([id, circuit]) => [id, circuit.label]),
    },
    number('outlets', 'Outlets', 'pieces', 1, 12, { whole: true }),
    number('amps', 'Rating', 'A', 1, 125),
  ],
  networkSockets: [number('speed', 'Link seen', 'Mb/s', 1, 400000, { optional: true })],
  houseLines: [
    choice('make', 'Type', entries(MAKE_WORDS)),
    length('length', 'Length', 0.1, 1000),
    choice('condition', 'Condition', same('good', 'worn', 'broken', 'untested')),
    text('tag', 'Written at its ends', 60),
  ],
  residents: [
    choice('what', 'What it is', same('camera', 'desk', 'loudspeaker', 'microphone', 'other')),
    {
      type: 'choice',
      name: 'kind',
      label: 'Kind',
      none: 'as is usual',
      options: (_, { kinds }) =>
        Object.entries(kinds)
          .filter(([, { ports, cable }]) => ports !== undefined && cable === undefined)
          .map(([id, { label }]) => [id, label] as const)
          .sort(([, a], [, b]) => a.localeCompare(b)),
    },
    length('height', 'Height above the floor', 0, 30, true),
    facing(true),
  ],
  screens: [
    length('width', 'Width', 0.2, 30),
    length('height', 'Lower edge above the floor', 0, 30),
    facing(),
    number('refresh', 'Refresh', 'Hz', 20, 400, { optional: true }),
  ],
  ceilingPoints: [
    length('height', 'Height', 0.5, 50),
    number('load', 'Load written on it', 'kg', 0.1, 5000, { optional: true }),
  ],
  lamps: [
    choice('kind', 'Kind', same('led', 'halogen', 'fluorescent', 'discharge', 'daylight')),
    length('height', 'Height', 0, 50),
    number('kelvin', 'Colour', 'K', 1000, 20000, { optional: true }),
    flag('pulses', 'Seen to pulse with the mains'),
  ],
  lightReadings: [number('lux', 'Upright, at face height', 'lx', 0, 150000), facing(true)],
  mobileReadings: [
    number('up', 'Up', 'Mb/s', 0, 100000),
    number('down', 'Down', 'Mb/s', 0, 100000, { optional: true }),
  ],
  notes: [text('text', 'Note', 1000)],
};

/** What can be filled in for all of some parts at once. */
export function fieldsOfParts(parts: readonly Part[]): readonly PartField[] {
  const [first = [], ...others] = parts.map(fieldsOfPart);
  const [map] = parts.map(part => part.map);
  if (parts.some(part => part.map !== map)) return [];
  return first.filter(({ name }) => others.every(fields => fields.some(each => each.name === name)));
}

/** What can be filled in for a part, in the order people ask for it. */
export function fieldsOfPart({ map, record }: Part): readonly PartField[] {
  if (map === 'outline') return [];
  if (map !== 'areas') return OF_MAP[map];
  const kind = choice('kind', 'Kind', entries(AREA_WORDS));
  return [kind, ...OF_AREA[record.kind as AreaKind]];
}
