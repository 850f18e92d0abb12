/** What was measured of things on the shelf: which readings count for a device, and what they come to together. */
import type { DrawingState, MeterReading, Shelf } from '../../documents/index.js';
import { constant, given, inOrder, type Term } from '../../foundations/index.js';

/** How many measured values there are, their mean, and how far they spread (standard deviation of the sample). */
export interface Summary {
  readonly n: number;
  readonly mean: number;
  /** Unknown of a single one. */
  readonly spread: number | undefined;
}

/** Undefined where there is none. */
export function summaryOf(values: readonly number[]): Summary | undefined {
  const n = values.length;
  if (n === 0) return undefined;
  const mean = values.reduce((sum, each) => sum + each, 0) / n;
  const squares = values.reduce((sum, each) => sum + (each - mean) ** 2, 0);
  return { n, mean, spread: n < 2 ? undefined : Math.sqrt(squares / (n - 1)) };
}

/** An accepted reading, and where it stands on the shelf. */
export interface Accepted extends Pick<MeterReading, 'watts' | 'factor'> {
  readonly pointer: string;
}

/** Accepted readings of a thing or a kind, by what it did just then. */
export type Metered = Readonly<Partial<Record<DrawingState, readonly Accepted[]>>>;

/** Of each thing of the shelf that was measured, and of all things of a kind together. */
export interface MeteredShelf {
  readonly items: Readonly<Record<string, Metered>>;
  readonly kinds: Readonly<Record<string, Metered>>;
}

export function meteredShelf({ shelf }: { readonly shelf: Shelf }): MeteredShelf {
  const items: Record<string, Gathered> = {};
  const kinds: Record<string, Gathered> = {};
  for (const [item, { kind, meter }] of inOrder(shelf.items)) {
    for (const [id, { state, accepted, watts, factor }] of inOrder(meter)) {
      if (accepted !== true) continue;
      const pointer = `/items/${item}/meter/${id}`;
      const reading = { watts, ...(factor !== undefined && { factor }), pointer };
      ((items[item] ??= {})[state] ??= []).push(reading);
      ((kinds[kind] ??= {})[state] ??= []).push(reading);
    }
  }
  return { items, kinds };
}

type Gathered = Partial<Record<DrawingState, Accepted[]>>;

/** The readings that count for a thing by state: its own, else those of its kind; none: what the book says. */
export const meteredOf = (
  { items, kinds }: MeteredShelf,
  kind: string,
  item: string | undefined,
): Metered => ({
  ...kinds[kind],
  ...items[item ?? ''],
});

/** How the mean of some readings is worked out. */
export const MEAN = {
  formula: 'sum(reading) / count(reading)',
  rule: 'as measured: the mean of what was accepted',
};

export const readingTerms = (readings: readonly Accepted[]): readonly Term[] =>
  readings.map(({ watts, pointer }) => given('reading', watts, 'W', 'shelf', `${pointer}/watts`));

/** Power factor as it was measured; undefined where no meter showed it. */
export function meteredFactor(readings: readonly Accepted[] | undefined): Term | undefined {
  const summary = summaryOf(readings?.flatMap(({ factor }) => factor ?? []) ?? []);
  return summary && constant('pf', summary.mean, '', `mean of ${summary.n} that were measured`);
}

/** Watts of a thing in a state as the readings that count say; undefined where there is none. */
export const meteredWatts = (
  shelf: MeteredShelf,
  kind: string,
  item: string,
  state: DrawingState,
): number | undefined =>
  summaryOf((meteredOf(shelf, kind, item)[state] ?? []).map(({ watts }) => watts))?.mean;
