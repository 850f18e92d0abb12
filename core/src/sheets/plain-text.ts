import type { Sheet } from './sheet.js';

/** A sheet as plain text for a message: a line for each row, what is empty left out. */
export function textOf({ title, about, sections, notes }: Sheet): string {
  const lines = sections.flatMap(({ heading, rows }) =>
    rows.length === 0
      ? []
      : [
          '',
          ...(heading === '' ? [] : [heading.toUpperCase()]),
          ...rows.map(row => `- ${row.filter(cell => cell.trim() !== '').join(' · ')}`),
        ],
  );
  return `${[title, about, ...lines, ...(notes.length > 0 ? ['', ...notes] : [])].join('\n')}\n`;
}
