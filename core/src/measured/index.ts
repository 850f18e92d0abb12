/** What was measured of a thing on the shelf, as people read it: by state, beside its kind and the book; and its battery. */
import type { DrawingState, Item, Kind, MeterReading, Shelf } from '../documents/index.js';
import { DRAWING_STATES } from '../documents/power-words.js';
import { inOrder, type MapOf } from '../foundations/index.js';
import { chemistryOf, ranHealth, runShare } from '../stations/power/battery/health.js';
import { meteredShelf, summaryOf, type Metered, type Summary } from '../stations/power/measured.js';
import { canBeMeasured } from './noted.js';
import { STATE_WORDS } from '../stations/power/states.js';

export type { Summary } from '../stations/power/measured.js';

export interface MeasuredState {
  readonly state: DrawingState;
  readonly label: string;
  /** Accepted readings of this thing, and of all of its kind. */
  readonly own: Summary | undefined;
  readonly kind: Summary | undefined;
  /** What its kind says, W. */
  readonly book: number | undefined;
}

export interface MeasuredRun {
  readonly id: string;
  /** Of what a new one gives, %; undefined where it was too cold to tell. */
  readonly share: number | undefined;
}

export interface MeasuredThing {
  readonly states: readonly MeasuredState[];
  /** Every reading by its id, the newest first. */
  readonly readings: readonly (readonly [id: string, reading: MeterReading])[];
  /** Its battery, or the one inside it; absent where it has none. */
  readonly battery?: {
    readonly chemistry: string;
    /** As accepted runs say, %. */
    readonly health: Summary | undefined;
    /** Every run, the newest first. */
    readonly runs: readonly MeasuredRun[];
  };
}

/** Undefined where its kind neither takes power nor stores it. */
export function measuredThing(id: string, shelf: Shelf, kind: Kind | undefined): MeasuredThing | undefined {
  const item = shelf.items[id];
  if (!item || !kind || !canBeMeasured(kind)) return undefined;
  const { items, kinds } = meteredShelf({ shelf });
  return {
    readings: newestFirst(item.meter),
    states: kind.power ? statesOf(kind.power, items[id] ?? {}, kinds[item.kind] ?? {}) : [],
    ...((kind.battery ?? kind.inner) && { battery: batteryOf(item, kind) }),
  };
}

const BOOK = { standby: 'standby', working: 'running', peak: 'peak' } as const;

function statesOf(power: NonNullable<Kind['power']>, own: Metered, kind: Metered): MeasuredState[] {
  const watts = (readings: Metered[DrawingState]): Summary | undefined =>
    summaryOf((readings ?? []).map(each => each.watts));
  return DRAWING_STATES.map(state => ({
    ...{ state, label: STATE_WORDS[state], own: watts(own[state]), kind: watts(kind[state]) },
    book: power[BOOK[state]] ?? (state === 'working' ? power.plate : undefined),
  }));
}

function batteryOf(item: Item, kind: Kind): NonNullable<MeasuredThing['battery']> {
  const of = {
    ...(kind.battery && { battery: kind.battery }),
    ...(kind.inner && { inner: kind.inner }),
    known: item,
  };
  return {
    chemistry: chemistryOf(of),
    health: ranHealth(of),
    runs: newestFirst(item.runs).map(([id, run]) => ({ id, share: runShare(of, run) })),
  };
}

const newestFirst = <Each extends { readonly at: string }>(all: MapOf<Each> | undefined): [string, Each][] =>
  inOrder(all).toSorted(([, a], [, b]) => Date.parse(b.at) - Date.parse(a.at));
