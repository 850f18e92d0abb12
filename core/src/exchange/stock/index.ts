/** Stock lists: rows of a table as items of the shelf, and for each row that cannot be read why. */
import type { ItemFields } from '../../api/shelf.js';
import type { Item, Kind } from '../../documents/index.js';
import { inOrder, type MapOf } from '../../foundations/index.js';
import { likest } from '../../likeness/index.js';
import { changesOf } from './changes.js';
import { columnsOf, fieldCalled } from './columns.js';
import {
  isCounted,
  piecesOf,
  recordsOf,
  stateOf,
  type Line,
  type StockFault,
  type StockHouse,
} from './records.js';

export type { StockFault, StockHouse } from './records.js';

/** What a line changes of a thing that is on the shelf. */
export interface StockChange {
  readonly id: string;
  readonly line: number;
  readonly fields: ItemFields;
}

export interface StockList {
  readonly items: readonly Item[];
  readonly changes: readonly StockChange[];
  /** Lines that say of a thing on the shelf what is known of it already. */
  readonly unchanged: number;
  readonly faults: readonly StockFault[];
}

const LONGEST_TAPE = 16;
/** Lines that a list may have; a shelf holds fewer things. */
export const MOST_LINES = 50_000;

/**
 * Items from the rows of a table with a heading, in whatever order its columns stand. A row of several pieces gives
 * each a tape of its own, numbered on from its code; tape, ramps, hooks and mats are one line with a count. Where the
 * house wants it so, a row of a thing that is on the shelf changes what it says of that; empty cells say nothing.
 */
export function stockFrom(rows: readonly (readonly string[])[], house: StockHouse): StockList {
  const [heading = [], ...body] = rows;
  const columns = columnsOf(heading);
  const wanted = house.changes === true ? (['tape'] as const) : (['tape', 'kind'] as const);
  const missing = wanted.filter(field => !columns.has(field));
  if (missing.length > 0) {
    const names = wanted.map(each => `“${each}”`).join(' and ');
    return refused(missing, `the first line must name the columns, at least ${names}`);
  }
  if (body.length > MOST_LINES)
    return refused(['tape'], `has ${body.length} lines; a list may have ${MOST_LINES}: take it in parts`);
  const reader = new Reader(house);
  body.forEach((row, i) => {
    if (row.every(cell => cell.trim() === '')) return;
    reader.read({
      number: i + 2,
      cell: field => (row[columns.get(field)?.at ?? -1] ?? '').trim(),
      unit: field => columns.get(field)?.unit,
    });
  });
  const { items, changes, unchanged, faults } = reader;
  return { items, changes, unchanged, faults };
}

const refused = (columns: readonly string[], reason: string): StockList => ({
  ...{ items: [], changes: [], unchanged: 0 },
  faults: columns.map(column => ({ line: 1, column, reason, suggestions: [] })),
});

/** A list as it is read line by line. */
class Reader {
  readonly items: Item[] = [];
  readonly changes: StockChange[] = [];
  readonly faults: StockFault[] = [];
  unchanged = 0;
  private readonly kindOf: (line: Line) => string | undefined;
  private readonly there: ReadonlyMap<string, StockHouse['there'][number]>;
  /** Tape codes that are on the shelf or in a line above, in small letters. */
  private readonly taken: Set<string>;
  private readonly changed = new Set<string>();

  constructor(private readonly house: StockHouse) {
    this.kindOf = kindReader(house.kinds);
    this.there = new Map(house.there.map(item => [item.tape.toLowerCase(), item]));
    this.taken = new Set(this.there.keys());
  }

  read({ number, ...cells }: Omit<Line, 'fault'> & { readonly number: number }): void {
    const line: Line = {
      ...cells,
      fault: (column, reason, suggestions = []) =>
        void this.faults.push({ line: number, column, reason, suggestions }),
    };
    const there = this.house.changes === true ? this.there.get(line.cell('tape').toLowerCase()) : undefined;
    if (there) this.change(there, line, number);
    else this.add(line);
  }

  /** A line of a thing that is on the shelf. */
  private change(there: StockHouse['there'][number], line: Line, number: number): void {
    const before = this.faults.length;
    if (this.changed.has(there.id)) line.fault('tape', `${there.tape} stands in a line above already`);
    const kind = line.cell('kind') === '' ? there.kind : this.kindOf(line);
    const { id, ...item } = there;
    const fields = changesOf(line, item, this.house, kind ?? there.kind);
    if (this.faults.length > before) return;
    this.changed.add(id);
    if (Object.keys(fields).length === 0) this.unchanged += 1;
    else this.changes.push({ id, line: number, fields });
  }

  /** A line of something new. */
  private add(line: Line): void {
    const before = this.faults.length;
    const kind = this.kindOf(line);
    const counted = isCounted(this.house.kinds, kind);
    const pieces = piecesOf(line);
    const tape = line.cell('tape');
    if (tape === '') line.fault('tape', 'is empty: give it the code on its tape');
    const own = { ...stateOf(line), ...recordsOf(line, this.house) };
    const tapes =
      counted || pieces === 1 || this.faults.length > before
        ? [tape]
        : Array.from({ length: pieces }, (_, n) => `${tape} ${String(n + 1).padStart(2, '0')}`);
    for (const each of tapes) {
      if (each.length > LONGEST_TAPE) line.fault('tape', `“${each}” is longer than ${LONGEST_TAPE} letters`);
      else if (each !== '' && this.taken.has(each.toLowerCase()))
        line.fault('tape', `${each} is on another item already`);
    }
    if (this.faults.length > before || kind === undefined) return;
    for (const each of tapes) {
      this.taken.add(each.toLowerCase());
      this.items.push({ tape: each, kind, ...own, ...(counted && pieces > 1 && { count: pieces }) });
    }
  }
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
