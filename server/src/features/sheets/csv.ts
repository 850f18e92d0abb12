import type { Sheet } from '@idle-satchel/core';
import Papa from 'papaparse';

/** A sheet as CSV: its sections become a first column. Cells that a spreadsheet would compute are defused. */
export function csvOf({ columns, sections }: Sheet): string {
  const fields = ['Group', ...columns.map(column => column.label)];
  const data = sections.flatMap(({ heading, rows }) => rows.map(row => [heading, ...row]));
  return `\uFEFF${Papa.unparse({ fields, data }, { escapeFormulae: true })}\r\n`;
}
