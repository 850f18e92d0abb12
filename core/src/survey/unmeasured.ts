/** What nobody has measured at a venue yet, and what cannot be sure until somebody does. */
import type { Area, Guess, Venue } from '../documents/index.js';
import { fieldValue, partAt, partsOf, type Part, type PartMap } from '../drafting/index.js';
import { boxMiddle, distance, inOrder, type Point, type StationName } from '../foundations/index.js';
import { OLD_DAYS } from '../stations/stream/snags/upload-old.js';

/** How it is answered: what kind of field, and where in the venue the answer goes. */
export type Ask =
  | { readonly kind: 'field'; readonly part: Part; readonly name: string }
  | { readonly kind: 'fact'; readonly name: 'ceiling' | 'people' | 'access' }
  | { readonly kind: 'way in' }
  | { readonly kind: 'dimension'; readonly id: string; readonly guess: string }
  /** A place that was guessed: somebody stands there now, or it is right as it is. */
  | { readonly kind: 'place'; readonly part: Part; readonly guess: string }
  /** Values that follow from it were guessed together; they are right, or are corrected on the plan. */
  | { readonly kind: 'confirm'; readonly guess: string }
  | { readonly kind: 'upload' }
  | { readonly kind: 'mobile' };

export interface Unmeasured {
  /** The same as long as it is the same thing that is not known. */
  readonly id: string;
  readonly label: string;
  /** What cannot be sure without it. */
  readonly doubt: string;
  /** The station whose figures hang on it most. */
  readonly station: StationName;
  /** Where it is measured, if it is one place. */
  readonly at: Point | undefined;
  readonly ask: Ask;
}

interface Missing {
  readonly map: PartMap;
  readonly name: string;
  /** What is asked, before the label of the part. */
  readonly words: string;
  readonly doubt: string;
  readonly station: StationName;
  readonly kinds?: readonly Area['kind'][];
  /** The value that stands for not known; absent = no value. */
  readonly unknown?: string;
}

const missing = (
  map: PartMap,
  name: string,
  words: string,
  station: StationName,
  doubt: string,
  more: Pick<Missing, 'kinds' | 'unknown'> = {},
): Missing => ({ map, name, words, station, doubt, ...more });

/** What most depends on comes first. */
const MISSING: readonly Missing[] = [
  missing(
    'sockets',
    'circuit',
    'circuit of socket',
    'power',
    'what may be plugged in there before a breaker trips',
  ),
  missing(
    'marks',
    'light',
    'light at',
    'shots',
    'gain, aperture and shutter of every camera that looks there',
  ),
  missing('areas', 'floor', 'height of', 'shots', 'sight from it and past it', {
    kinds: ['raised', 'gallery'],
  }),
  missing('areas', 'underside', 'underside of', 'shots', 'sight and leads beneath it', {
    kinds: ['gallery'],
  }),
  missing('areas', 'top', 'height of', 'shots', 'what it hides', { kinds: ['obstacle'] }),
  missing('areas', 'rowSpacing', 'row to row in', 'shots', 'whose heads are in the way', {
    kinds: ['seating'],
  }),
  missing('stairs', 'head', 'where it leads,', 'runs', 'how leads and people get up there'),
  missing('stairs', 'clear', 'clear width of', 'pack', 'whether a case fits, and how fast people get out'),
  missing('areas', 'card/connector', 'connector of', 'signal', 'which lead the sound needs', {
    kinds: ['desk'],
  }),
  missing('areas', 'card/level', 'level of', 'signal', 'whether the sound arrives too loud or too soft', {
    kinds: ['desk'],
  }),
  missing('areas', 'card/distance', 'way to', 'runs', 'length of the sound lead', { kinds: ['desk'] }),
  missing('houseLines', 'condition', 'condition of', 'runs', 'whether that line can be used', {
    unknown: 'untested',
  }),
  missing('networkSockets', 'speed', 'link at', 'stream', 'what can be sent from there'),
  missing('screens', 'refresh', 'refresh of', 'shots', 'shutter of the cameras that have it in frame'),
  missing('lamps', 'kelvin', 'colour of', 'shots', 'white balance in its light'),
  missing(
    'ceilingPoints',
    'load',
    'load written on',
    'shots',
    'whether anything may hang there: nothing, until its plate or papers say so',
  ),
];

const DAY = 24 * 60 * 60 * 1000;

/**
 * Everything at a venue that was guessed or never measured, what most depends on first. `now` is the instant at which
 * one asks, ms: an upload measured more than `OLD_DAYS` days before is to be measured again.
 */
export const unmeasured = (venue: Venue, now: number): Unmeasured[] => [
  ...inOrder(venue.guesses).map(([id, guess]) => guessedValue(venue, id, guess)),
  ...line(venue, now),
  ...lacking(venue),
  ...facts(venue),
  ...wayIn(venue),
];

/** What is missing from the parts of a venue, rule by rule. */
function lacking(venue: Venue): Unmeasured[] {
  const byMap = new Map<string, Part[]>();
  for (const part of partsOf(venue)) {
    const known = byMap.get(part.map);
    if (known) known.push(part);
    else byMap.set(part.map, [part]);
  }
  return MISSING.flatMap(({ map, name, words, doubt, station, kinds, unknown }) =>
    (byMap.get(map) ?? []).flatMap((part): Unmeasured[] => {
      if (fieldValue(part, name) !== unknown) return [];
      if (kinds && !kinds.includes(part.record.kind as Area['kind'])) return [];
      return [
        {
          id: `${part.path}/${name}`,
          label: `${words} ${part.label}`,
          doubt,
          station,
          at: boxMiddle(part.points),
          ask: { kind: 'field', part, name },
        },
      ];
    }),
  );
}

/** What hangs on a guessed value, by the map it is in. */
const GUESSED: Readonly<Record<string, readonly [StationName, string]>> = {
  dimensions: ['ground', 'every distance in the room: frames, sight and leads'],
  marks: ['shots', 'frame, angle and focus of every camera that looks there'],
  sockets: ['runs', 'length of the mains lead'],
  areas: ['ground', 'clear way, sight and where leads may lie'],
  doors: ['ground', 'what must stay free, and where leads can pass'],
};

function guessedValue(venue: Venue, guess: string, { path = '', label }: Guess): Unmeasured {
  const [, map = '', id = '', field] = path.split('/');
  const [station, doubt] = GUESSED[map] ?? (['ground', 'what was drawn from it'] as const);
  const part = partAt(venue, path);
  const known = { id: `/guesses/${guess}`, label, doubt, station, at: part && boxMiddle(part.points) };
  if (map === 'dimensions' && venue.dimensions?.[id])
    return { ...known, ask: { kind: 'dimension', id, guess } };
  return {
    ...known,
    ask: part && field === 'at' ? { kind: 'place', part, guess } : { kind: 'confirm', guess },
  };
}

function line(venue: Venue, now: number): Unmeasured[] {
  const station = 'stream';
  const uploads = inOrder(venue.uploads).map(([, { at }]) => Date.parse(at));
  const fresh = uploads.some(at => now - at <= OLD_DAYS * DAY);
  const label =
    uploads.length > 0 ? `upload, last measured over ${OLD_DAYS} days ago` : 'upload over the house line';
  const ask = <T>(wanted: boolean, item: T): T[] => (wanted ? [item] : []);
  return [
    ...ask<Unmeasured>(!fresh, {
      id: 'upload',
      label,
      station,
      at: undefined,
      ask: { kind: 'upload' },
      doubt: 'whether the stream gets out, and how good it may look',
    }),
    ...ask<Unmeasured>(inOrder(venue.mobileReadings).length === 0, {
      id: 'mobile',
      label: 'mobile signal, by operator and spot',
      station,
      at: undefined,
      ask: { kind: 'mobile' },
      doubt: 'what carries the stream when the line fails',
    }),
  ];
}

const FACTS = [
  ['ceiling', 'height of the ceiling', 'runs', 'how high a stand or a lead overhead can go'],
  ['people', 'people who may be in', 'hands', 'how many of us and of them may come'],
  ['access', 'when one gets in', 'hands', 'when rigging can begin'],
] as const;

const wayIn = ({ facts: { way } = {} }: Venue): Unmeasured[] =>
  way?.distance === undefined || way.steps === undefined || way.doors === undefined
    ? [
        {
          ...{ id: '/facts/way', label: 'way in from the vehicle', station: 'pack', at: undefined },
          doubt: 'how long carrying in takes, and who carries what on its steps',
          ask: { kind: 'way in' },
        },
      ]
    : [];

const facts = ({ facts: known }: Venue): Unmeasured[] =>
  FACTS.flatMap(([name, label, station, doubt]) =>
    known?.[name] === undefined
      ? [{ id: `/facts/${name}`, label, doubt, station, at: undefined, ask: { kind: 'fact', name } }]
      : [],
  );

/** The same, nearest to a place first; what has no place of its own comes last, in the order it had. */
export function nearestFirst(items: readonly Unmeasured[], from: Point): Unmeasured[] {
  const away = ({ at }: Unmeasured): number => (at ? distance(at, from) : Infinity);
  return items.toSorted((a, b) => (away(a) === away(b) ? 0 : away(a) - away(b)));
}
