/** The button sheet: what each button of a control deck or switcher does, to lay beside it. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

type Row = readonly string[];
/** Buttons side by side on the sheet; what a row has more goes on below. */
const ACROSS = 8;

const COLUMNS: readonly ColumnOf<Row>[] = Array.from({ length: ACROSS }, (_, i) =>
  words<Row>(String(i + 1), 16, row => row[i]),
);

/** Rows of a text with | between buttons, none of them longer than the sheet is wide. */
export function buttonRows(text: string): readonly Row[] {
  return text.split(/\r?\n/).flatMap(line => {
    if (line.trim() === '') return [];
    const buttons = line.split('|').map(each => each.trim());
    return Array.from({ length: Math.ceil(buttons.length / ACROSS) }, (_, i) =>
      buttons.slice(i * ACROSS, (i + 1) * ACROSS),
    );
  });
}

export const buttonSheet = (plan: Plan, assessment: Assessment): Sheet =>
  sheetOf(plan, assessment, {
    title: 'Button sheet',
    columns: COLUMNS,
    sections: inOrder(plan.devices).flatMap(([, { label, buttons }]) =>
      buttons === undefined || buttons.trim() === '' ? [] : [{ heading: label, rows: buttonRows(buttons) }],
    ),
    notes: [],
  });
