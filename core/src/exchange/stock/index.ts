/** Stock lists: rows of a table as items of the shelf, and for each row that cannot be read why. */
import type { Item, Kind, Money } from '../../documents/index.js';
import {
  inOrder,
  ITEM_CONDITIONS,
  OWNERS,
  type Currency,
  type DateLocale,
  type MapOf,
} from '../../foundations/index.js';
import { likest } from '../../likeness/index.js';
import { currencyFrom, dayFrom, moneyFrom } from './cells.js';
import { columnsOf, fieldCalled, type StockField } from './columns.js';

export interface StockFault {
  /** Line of the table, the heading being the first. */
  readonly line: number;
  readonly column: string;
  readonly reason: string;
  /** What may be put in its place, the likest first. */
  readonly suggestions: readonly string[];
}

export interface StockList {
  readonly items: readonly Item[];
  readonly faults: readonly StockFault[];
}

/** What a list is read with. */
export interface StockHouse {
  readonly kinds: MapOf<Kind>;
  /** Tape codes that are on things already. */
  readonly known: readonly string[];
  readonly dates?: DateLocale | undefined;
  /** Of prices that do not say theirs. */
  readonly currency?: Currency | undefined;
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
/** Kept by number, not each with a tape of its own. */
const COUNTED: ReadonlySet<Kind['family']> = new Set(['tape', 'ramp', 'hook', 'mat']);
const LONGEST_TAPE = 16;
const MOST_PIECES = 999;
/** Lines that a list may have; a shelf holds fewer things. */
export const MOST_LINES = 50_000;

/** One line of a list, and what it finds wrong with itself. */
interface Line {
  readonly cell: (field: StockField) => string;
  readonly fault: (column: StockField, reason: string, suggestions?: readonly string[]) => void;
  /** What the heading of a column says of its currency. */
  readonly unit: (field: StockField) => string | undefined;
}

/**
 * Items from the rows of a table with a heading, in whatever order its columns stand. A row of several pieces gives
 * each a tape of its own, numbered on from its code; tape, ramps, hooks and mats are one line with a count.
 */
export function stockFrom(rows: readonly (readonly string[])[], house: StockHouse): StockList {
  const [heading = [], ...body] = rows;
  const columns = columnsOf(heading);
  const missing = (['tape', 'kind'] as const).filter(field => !columns.has(field));
  if (missing.length > 0) {
    const reason = 'the first line must name the columns, at least “tape” and “kind”';
    return { items: [], faults: missing.map(column => ({ line: 1, column, reason, suggestions: [] })) };
  }
  if (body.length > MOST_LINES) {
    const reason = `has ${body.length} lines; a list may have ${MOST_LINES}: take it in parts`;
    return { items: [], faults: [{ line: 1, column: 'tape', reason, suggestions: [] }] };
  }
  const kindOf = kindReader(house.kinds);
  const taken = new Set(house.known.map(tape => tape.toLowerCase()));
  const items: Item[] = [];
  const faults: StockFault[] = [];
  body.forEach((row, i) => {
    if (row.every(cell => cell.trim() === '')) return;
    const before = faults.length;
    const line: Line = {
      cell: field => (row[columns.get(field)?.at ?? -1] ?? '').trim(),
      unit: field => columns.get(field)?.unit,
      fault: (column, reason, suggestions = []) =>
        void faults.push({ line: i + 2, column, reason, suggestions }),
    };
    const kind = kindOf(line);
    const counted = kind !== undefined && COUNTED.has(house.kinds[kind]?.family ?? 'cable');
    const pieces = piecesOf(line);
    const tape = line.cell('tape');
    if (tape === '') line.fault('tape', 'is empty: give it the code on its tape');
    const own = { ...stateOf(line), ...recordsOf(line, house) };
    const tapes =
      counted || pieces === 1 || faults.length > before
        ? [tape]
        : Array.from({ length: pieces }, (_, n) => `${tape} ${String(n + 1).padStart(2, '0')}`);
    for (const each of tapes) {
      if (each.length > LONGEST_TAPE) line.fault('tape', `“${each}” is longer than ${LONGEST_TAPE} letters`);
      else if (each !== '' && taken.has(each.toLowerCase()))
        line.fault('tape', `${each} is on another item already`);
    }
    if (faults.length > before || kind === undefined) return;
    for (const each of tapes) {
      taken.add(each.toLowerCase());
      items.push({ tape: each, kind, ...own, ...(counted && pieces > 1 && { count: pieces }) });
    }
  });
  return { items, faults };
}

/** How many pieces a line is. */
function piecesOf({ cell, fault }: Line): number {
  const written = cell('pieces');
  const pieces = written === '' ? 1 : Number(written);
  if (!Number.isInteger(pieces) || pieces < 1 || pieces > MOST_PIECES)
    fault('pieces', `“${written}” is no whole number from 1 to ${MOST_PIECES}`);
  return pieces;
}

/** State and condition; who names only the condition may mean either. */
function stateOf({ cell, fault }: Line): Pick<Item, 'state' | 'condition'> {
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

/** Everything else that is known of a thing. */
function recordsOf(line: Line, { dates, currency }: StockHouse): Partial<Item> {
  const { cell, fault, unit } = line;
  const text = (field: 'serial' | 'home' | 'whereNow' | 'kit' | 'note', most: number): string | undefined =>
    cell(field) === '' ? undefined : cell(field).slice(0, most);
  const day = (field: StockField): string | undefined => {
    const written = cell(field);
    if (written === '') return undefined;
    const found = dayFrom(written, dates);
    if (found === undefined) fault(field, `“${written}” is no day such as 2026-12-04`);
    return found;
  };
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

/** `hired: A firm`, `Quillmere Players`; what is said to be one’s own has no owner beside. */
function ownerOf({ cell }: Line, day: DayOf): Item['owner'] {
  const written = cell('owner');
  if (/^(own|our own|ours|)$/i.test(written)) return undefined;
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

const SUGGESTED = 3;

/** Reads the kind of a line by its label or id, and looks for the likest of each unknown one once. */
function kindReader(kinds: MapOf<Kind>): (line: Line) => string | undefined {
  const byName = new Map(
    inOrder(kinds).flatMap(([id, { label }]) => [[label.toLowerCase(), id] as const, [id, id] as const]),
  );
  const labels = inOrder(kinds).map(([, { label }]) => label);
  const alike = new Map<string, readonly string[]>();
  return ({ cell, fault }) => {
    const written = cell('kind');
    const kind = byName.get(written.toLowerCase());
    if (kind !== undefined) return kind;
    if (written === '') fault('kind', 'is empty: say what it is');
    else {
      const suggestions = alike.get(written) ?? likest(written, labels, SUGGESTED);
      alike.set(written, suggestions);
      fault('kind', `no kind is called “${written}”`, suggestions);
    }
    return undefined;
  };
}

/**
 * A table with what stands in one column of a line written anew; the heading is line 1.
 */
export function cellWritten(
  rows: readonly (readonly string[])[],
  { line, column }: Pick<StockFault, 'line' | 'column'>,
  value: string,
): string[][] {
  const at = (rows[0] ?? []).findIndex(name => fieldCalled(name) === column);
  return rows.map((row, i) => (i === line - 1 ? row.map((cell, k) => (k === at ? value : cell)) : [...row]));
}
