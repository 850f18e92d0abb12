import type { Sheet } from '@idle-satchel/core';
import Papa from 'papaparse';

/**
 * A sheet as CSV: its sections become a first column, numbers are numbers with their unit in the heading. Cells that a
 * spreadsheet would compute are defused.
 */
export function csvOf({ columns, sections }: Sheet): string {
  const fields = ['Group', ...columns.map(({ label, unit }) => (unit ? `${label}, ${unit}` : label))];
  const data = sections.flatMap(({ heading, rows, numbers }) =>
    rows.map((row, i) => [heading, ...row.map((text, k) => numbers[i]?.[k] ?? text)]),
  );
  return `\uFEFF${Papa.unparse({ fields, data }, { escapeFormulae: true })}\r\n`;
}
