/** A sheet as a file of each sort that it can be had as. */
import { textOf, type Sheet } from '@idle-satchel/core';
import { FileAnswer } from '../../route.js';
import { csvOf } from './csv.js';
import { bytesOf, type Paper } from './paper.js';
import { pdfOf } from './pdf.js';
import { xlsxOf } from './xlsx.js';

export const SHEET_FILES = ['pdf', 'csv', 'xlsx', 'txt'] as const;
export type SheetFile = (typeof SHEET_FILES)[number];

interface Printed {
  readonly paper: Paper;
  /** The address of what a section is of, for the code beside its heading. */
  readonly pageOf?: (of: string) => string;
}

/** `name` without its ending. */
export async function sheetFile(
  sheet: Sheet,
  sort: SheetFile,
  name: string,
  { paper, pageOf }: Printed,
): Promise<FileAnswer> {
  const file = `${name}.${sort}`;
  switch (sort) {
    case 'pdf':
      return new FileAnswer(await bytesOf(pdfOf(sheet, paper, pageOf)), 'application/pdf', file);
    case 'csv':
      return new FileAnswer(csvOf(sheet), 'text/csv', file);
    case 'xlsx':
      return new FileAnswer(
        await xlsxOf(sheet),
        'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        file,
      );
    case 'txt':
      return new FileAnswer(textOf(sheet), 'text/plain', file);
  }
}
