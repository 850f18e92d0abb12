import type { Sheet } from '@idle-satchel/core';
import writeXlsxFile, { type Cell } from 'write-excel-file/node';

/** Letters that a cell can hold. */
const LONGEST = 32_767;
/** Characters that a spreadsheet of 100 parts of width is wide. */
const WIDTH = 130;

const words = (value: string): Cell => ({ value: value.slice(0, LONGEST), type: String });

/** A sheet as a workbook: numbers are numbers with their unit in the heading; words are words, whatever they look like. */
export function xlsxOf({ title, columns, sections }: Sheet): Promise<Uint8Array> {
  const head = ['Group', ...columns.map(({ label, unit }) => (unit ? `${label}, ${unit}` : label))];
  const rows = sections.flatMap(({ heading, rows: own, numbers }) =>
    own.map((row, i) => [
      words(heading),
      ...row.map((text, k): Cell => {
        const number = numbers[i]?.[k];
        return number === undefined ? words(text) : { value: number, type: Number };
      }),
    ]),
  );
  const total = columns.reduce((sum, { width }) => sum + width, 0);
  return writeXlsxFile([head.map((value): Cell => ({ value, type: String, fontWeight: 'bold' })), ...rows], {
    // Names of sheets take no signs that are used in addresses.
    sheet: title.replace(/[\\/*?:[\]]/g, ' ').slice(0, 31),
    columns: [
      { width: 16 },
      ...columns.map(({ width }) => ({ width: Math.max(6, (width / total) * WIDTH) })),
    ],
    stickyRowsCount: 1,
  }).toBuffer();
}
