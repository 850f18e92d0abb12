/** Tables of sheets by their columns: what a figure is called, its unit and its value come from its declaration. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import {
  tableNumber,
  shortLabel,
  showText,
  type Declared,
  type IdsOf,
  type Reading,
} from '../foundations/index.js';
import { readingOf } from '../review.js';
import { aboutEvent } from './about.js';
import type { Column, Sheet } from './sheet.js';

interface Source {
  readonly assessment: Assessment;
  readonly reading: Reading;
}

/** A column with what stands in it for each row. */
export interface ColumnOf<Row> extends Column {
  readonly cell: (row: Row, source: Source) => string;
  /** The number that the cell is, where it is one. */
  readonly number?: (
    row: Row,
    source: Source,
  ) => { readonly value: number; readonly unit: string } | undefined;
}

/** A column of words that are no figure: names, numbers on labels, boxes to tick. */
export const words = <Row>(
  label: string,
  width: number,
  cell: (row: Row) => string | undefined,
  align?: 'right',
): ColumnOf<Row> => ({ label, width, cell: row => cell(row) ?? '', ...(align && { align }) });

/** A column of counts that are no figure. */
export const counts = <Row>(label: string, width: number, count: (row: Row) => number): ColumnOf<Row> => ({
  ...words<Row>(label, width, row => String(count(row)), 'right'),
  number: row => ({ value: count(row), unit: '' }),
});

/**
 * A column of a declared figure. `ids` says of which one a row tells; a row that is of none stays empty, and one whose
 * figure has no value says `without`.
 */
export const figures = <Row, Key extends string>(
  of: Declared<Key>,
  width: number,
  ids: (row: Row) => IdsOf<Key> | undefined,
  without = '',
): ColumnOf<Row> => ({
  label: shortLabel(of),
  width,
  ...(of.unit !== '' && { align: 'right' }),
  cell: (row, { assessment, reading }) => {
    const own = ids(row);
    if (!own) return '';
    const figure = of.in(assessment, own);
    if (!figure) return '';
    return figure.value === null ? without : showText(figure.value, figure.unit, reading);
  },
  number: (row, { assessment, reading }) => {
    const own = ids(row);
    const figure = own && of.in(assessment, own);
    const value = figure && typeof figure.value === 'number' ? figure.value : undefined;
    return value === undefined ? undefined : tableNumber(value, of.unit, reading.system);
  },
});

export interface Table<Row, Col extends Column = ColumnOf<Row>> {
  readonly title: string;
  readonly columns: readonly Col[];
  readonly sections: readonly {
    readonly heading: string;
    readonly of?: string;
    readonly rows: readonly Row[];
  }[];
  readonly notes: readonly string[];
}

/** A column that needs nothing but the row. */
export interface PlainColumn<Row> extends Column {
  readonly cell: (row: Row) => string;
  readonly number?: ((row: Row) => { readonly value: number; readonly unit: string } | undefined) | undefined;
}

/** The sheet of a table about something: every row as the texts of its columns. */
export const plainSheet = <Row>(
  about: string,
  { title, columns, sections, notes }: Table<Row, PlainColumn<Row>>,
): Sheet => ({
  title,
  about,
  columns: columns.map(({ cell: _cell, number, ...column }) => {
    const first = sections.flatMap(({ rows }) => rows).find(row => number?.(row));
    const unit = first && number?.(first)?.unit;
    return { ...column, ...(unit && { unit }) };
  }),
  sections: sections.map(({ heading, of, rows }) => ({
    heading,
    ...(of !== undefined && { of }),
    rows: rows.map(row => columns.map(({ cell }) => cell(row))),
    numbers: rows.map(row => columns.map(({ number }) => number?.(row)?.value)),
  })),
  notes,
});

/** The sheet of a table of an event. */
export function sheetOf<Row>(plan: Plan, assessment: Assessment, { columns, ...table }: Table<Row>): Sheet {
  const source = { assessment, reading: readingOf(plan, assessment.rules) };
  return plainSheet<Row>(aboutEvent(plan, assessment), {
    ...table,
    columns: columns.map(({ cell, number, ...column }) => ({
      ...column,
      cell: row => cell(row, source),
      number: number && (row => number(row, source)),
    })),
  });
}
