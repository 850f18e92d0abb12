/** Cells of one line of a stock list as what is known of a thing. */
import type { Item, Kind, Money } from '../../documents/index.js';
import {
  ITEM_CONDITIONS,
  OWNERS,
  type Currency,
  type DateLocale,
  type MapOf,
} from '../../foundations/index.js';
import { currencyFrom, dayFrom, moneyFrom } from './cells.js';
import type { StockField } from './columns.js';

export interface StockFault {
  /** Line of the table, the heading being the first. */
  readonly line: number;
  readonly column: string;
  readonly reason: string;
  /** What may be put in its place, the likest first. */
  readonly suggestions: readonly string[];
}

/** What a list is read with. */
export interface StockHouse {
  readonly kinds: MapOf<Kind>;
  /** What is on the shelf. */
  readonly there: readonly (Item & { readonly id: string })[];
  /** A line whose tape code is on the shelf changes that thing, rather than being a fault. */
  readonly changes?: boolean | undefined;
  readonly dates?: DateLocale | undefined;
  /** Of prices that do not say theirs. */
  readonly currency?: Currency | undefined;
}

/** One line of a list, and what it finds wrong with itself. */
export interface Line {
  readonly cell: (field: StockField) => string;
  readonly fault: (column: StockField, reason: string, suggestions?: readonly string[]) => void;
  /** What the heading of a column says of its currency. */
  readonly unit: (field: StockField) => string | undefined;
}

const STATES: Readonly<Record<string, Item['state']>> = {
  '': 'ready',
  ready: 'ready',
  good: 'ready',
  ok: 'ready',
  out: 'out',
  lent: 'out',
  'lent out': 'out',
  'in repair': 'in repair',
  repair: 'in repair',
  bad: 'in repair',
  broken: 'in repair',
  retired: 'retired',
  scrapped: 'retired',
};
const MOST_PIECES = 999;

/** Kept by number, not each with a tape of its own. */
const COUNTED: ReadonlySet<Kind['family']> = new Set(['tape', 'ramp', 'hook', 'mat']);

export const isCounted = (kinds: MapOf<Kind>, kind: string | undefined): boolean =>
  kind !== undefined && COUNTED.has(kinds[kind]?.family ?? 'cable');

/** How many pieces a line is. */
export function piecesOf({ cell, fault }: Line): number {
  const written = cell('pieces');
  const pieces = written === '' ? 1 : Number(written);
  if (!Number.isInteger(pieces) || pieces < 1 || pieces > MOST_PIECES)
    fault('pieces', `“${written}” is no whole number from 1 to ${MOST_PIECES}`);
  return pieces;
}

/** State and condition; who names only the condition may mean either. */
export function stateOf({ cell, fault }: Line): Pick<Item, 'state' | 'condition'> {
  const written = cell('condition').toLowerCase();
  const condition = ITEM_CONDITIONS.find(each => each === written);
  const state = STATES[cell('state').toLowerCase()];
  if (!state) fault('state', `“${cell('state')}” is none of ready, out, in repair, retired`);
  const meant = condition ? undefined : STATES[written];
  if (!condition && !meant)
    fault('condition', `“${cell('condition')}” is none of ${ITEM_CONDITIONS.join(', ')}`);
  return {
    state: cell('state') === '' ? (meant ?? 'ready') : (state ?? 'ready'),
    ...(condition && { condition }),
  };
}

/** A day that a line says; undefined where it says none, or one that is no day, which is a fault. */
export function dayIn(
  { cell, fault }: Line,
  field: StockField,
  dates: DateLocale | undefined,
): string | undefined {
  const written = cell(field);
  if (written === '') return undefined;
  const found = dayFrom(written, dates);
  if (found === undefined) fault(field, `“${written}” is no day such as 2026-12-04`);
  return found;
}

/** Everything else that is known of a thing. */
export function recordsOf(line: Line, { dates, currency }: StockHouse): Partial<Item> {
  const { cell, fault, unit } = line;
  const text = (field: 'serial' | 'home' | 'whereNow' | 'kit' | 'note', most: number): string | undefined =>
    cell(field) === '' ? undefined : cell(field).slice(0, most);
  const day = (field: StockField): string | undefined => dayIn(line, field, dates);
  const money = (field: 'price' | 'insured'): Money | undefined => {
    const written = cell(field);
    if (written === '') return undefined;
    const named = unit(field) ?? cell('currency');
    const own = named === '' ? currency : currencyFrom(named);
    const found = moneyFrom(written, own);
    if (typeof found !== 'string') return found;
    fault(field, found);
    return undefined;
  };
  const cycles = cell('cycles');
  if (cycles !== '' && !/^\d{1,5}$/.test(cycles)) fault('cycles', `“${cycles}” is no whole number`);
  const where = text('whereNow', 80);
  const found = {
    ...{ serial: text('serial', 60), home: text('home', 80), kit: text('kit', 40), note: text('note', 200) },
    whereNow: where === cell('home') ? undefined : where,
    cycles: cycles === '' ? undefined : Number(cycles),
    ...{ owner: ownerOf(line, day), bought: boughtOf(line, day, money) },
    insured: money('insured'),
    tested: testedOf(line, day),
  };
  return Object.fromEntries(Object.entries(found).filter(([, value]) => value !== undefined));
}

type DayOf = (field: StockField) => string | undefined;

/** What is said to be one’s own. */
export const OWN = /^(own|our own|ours)$/i;

/** `hired: A firm`, `Quillmere Players`; what is said to be one’s own has no owner beside. */
function ownerOf({ cell }: Line, day: DayOf): Item['owner'] {
  const written = cell('owner');
  if (written === '' || OWN.test(written)) return undefined;
  const [, how = '', who = ''] = /^(\w+):\s*(.+)$/.exec(written) ?? [];
  const known = OWNERS.find(each => each === how.toLowerCase());
  const back = day('goesBack');
  return {
    how: known ?? 'borrowed',
    who: (known ? who : written).slice(0, 80),
    ...(back !== undefined && { back }),
  };
}

function boughtOf({ cell }: Line, day: DayOf, money: (field: 'price') => Money | undefined): Item['bought'] {
  const [on, price, from] = [day('boughtOn'), money('price'), cell('boughtFrom').slice(0, 80)];
  if (on === undefined && !price && from === '') return undefined;
  return { ...(on !== undefined && { on }), ...(price && { price }), ...(from !== '' && { from }) };
}

/** A date alone means that it passed: what fails gets no label with one. */
function testedOf({ cell, fault }: Line, day: DayOf): Item['tested'] {
  const [on, next] = [day('testedOn'), day('testNext')];
  const written = cell('testResult').toLowerCase();
  const result = /^(passed|pass|ok|)$/.test(written)
    ? 'passed'
    : /^(failed|fail)$/.test(written)
      ? 'failed'
      : undefined;
  if (!result) fault('testResult', `“${written}” is neither passed nor failed`);
  if ((on === undefined && next === undefined && written === '') || !result) return undefined;
  return { result, ...(on !== undefined && { on }), ...(next !== undefined && { next }) };
}
