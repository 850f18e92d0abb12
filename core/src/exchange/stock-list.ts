/** Stock lists: rows of a table as items of the shelf, and for each row that cannot be read why. */
import type { Item, Kind } from '../documents/index.js';
import { inOrder, type MapOf } from '../foundations/index.js';
import { likest } from '../likeness/index.js';

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

type Field = 'tape' | 'kind' | 'pieces' | 'state' | 'note';

/** What people call the columns. */
const NAMES: Readonly<Record<string, Field>> = {
  tape: 'tape',
  'tape code': 'tape',
  code: 'tape',
  label: 'tape',
  tag: 'tape',
  number: 'tape',
  kind: 'kind',
  what: 'kind',
  item: 'kind',
  type: 'kind',
  description: 'kind',
  thing: 'kind',
  pieces: 'pieces',
  count: 'pieces',
  quantity: 'pieces',
  qty: 'pieces',
  'how many': 'pieces',
  state: 'state',
  condition: 'state',
  status: 'state',
  note: 'note',
  notes: 'note',
  remark: 'note',
  remarks: 'note',
  comment: 'note',
};
const STATES: Readonly<Record<string, Item['state']>> = {
  '': 'ready',
  ready: 'ready',
  good: 'ready',
  ok: 'ready',
  out: 'out',
  lent: 'out',
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

/**
 * Items from the rows of a table with a heading, in whatever order its columns stand. A row of several pieces gives
 * each a tape of its own, numbered on from its code; tape, ramps, hooks and mats are one line with a count.
 */
export function stockFrom(
  rows: readonly (readonly string[])[],
  kinds: MapOf<Kind>,
  known: readonly string[],
): StockList {
  const [heading = [], ...body] = rows;
  const columns = new Map<Field, number>();
  heading.forEach((name, i) => {
    const field = NAMES[name.trim().toLowerCase()];
    if (field && !columns.has(field)) columns.set(field, i);
  });
  const missing = (['tape', 'kind'] as const).filter(field => !columns.has(field));
  if (missing.length > 0) {
    const reason = 'the first line must name the columns, at least “tape” and “kind”';
    return { items: [], faults: missing.map(column => ({ line: 1, column, reason, suggestions: [] })) };
  }
  const byName = new Map(
    inOrder(kinds).flatMap(([id, { label }]) => [[label.toLowerCase(), id] as const, [id, id] as const]),
  );
  const taken = new Set(known.map(tape => tape.toLowerCase()));
  const items: Item[] = [];
  const faults: StockFault[] = [];
  body.forEach((row, i) => {
    if (row.every(cell => cell.trim() === '')) return;
    const line = i + 2;
    const cell = (field: Field): string => (row[columns.get(field) ?? -1] ?? '').trim();
    const before = faults.length;
    const fault = (column: Field, reason: string, suggestions: readonly string[] = []): void =>
      void faults.push({ line, column, reason, suggestions });
    const tape = cell('tape');
    if (tape === '') fault('tape', 'is empty: give it the code on its tape');
    const kind = byName.get(cell('kind').toLowerCase());
    if (kind === undefined) fault('kind', ...unknownKind(cell('kind'), kinds));
    const written = cell('pieces');
    const pieces = written === '' ? 1 : Number(written);
    if (!Number.isInteger(pieces) || pieces < 1 || pieces > MOST_PIECES)
      fault('pieces', `“${written}” is no whole number from 1 to ${MOST_PIECES}`);
    const state = STATES[cell('state').toLowerCase()];
    if (!state) fault('state', `“${cell('state')}” is none of ready, out, in repair, retired`);
    const counted = kind !== undefined && COUNTED.has(kinds[kind]?.family ?? 'cable');
    const tapes =
      counted || pieces === 1 || faults.length > before
        ? [tape]
        : Array.from({ length: pieces }, (_, n) => `${tape} ${String(n + 1).padStart(2, '0')}`);
    for (const each of tapes) {
      if (each.length > LONGEST_TAPE) fault('tape', `“${each}” is longer than ${LONGEST_TAPE} letters`);
      else if (each !== '' && taken.has(each.toLowerCase()))
        fault('tape', `${each} is on another item already`);
    }
    if (faults.length > before || kind === undefined || !state) return;
    const note = cell('note').slice(0, 200);
    for (const each of tapes) {
      taken.add(each.toLowerCase());
      items.push({
        tape: each,
        kind,
        state,
        ...(counted && pieces > 1 && { count: pieces }),
        ...(note !== '' && { note }),
      });
    }
  });
  return { items, faults };
}

const SUGGESTED = 3;

/** Why a kind is not known, and those that are most like what was written. */
function unknownKind(written: string, kinds: MapOf<Kind>): [reason: string, suggestions: readonly string[]] {
  if (written === '') return ['is empty: say what it is', []];
  const names = inOrder(kinds).map(([, { label }]) => label);
  return [`no kind is called “${written}”`, likest(written, names, SUGGESTED)];
}

/**
 * A table with what stands in one column of a line written anew; the heading is line 1.
 */
export function cellWritten(
  rows: readonly (readonly string[])[],
  { line, column }: Pick<StockFault, 'line' | 'column'>,
  value: string,
): string[][] {
  const at = (rows[0] ?? []).findIndex(name => NAMES[name.trim().toLowerCase()] === column);
  return rows.map((row, i) => (i === line - 1 ? row.map((cell, k) => (k === at ? value : cell)) : [...row]));
}
