/** A sheet as a file of each sort that it can be had as. */
import { SHEET_FILES, textOf, type Sheet, type SheetFile } from '@idle-satchel/core';
import { FileAnswer } from '../../route.js';
import { csvOf } from './csv.js';
import { bytesOf, type Paper } from './paper.js';
import { pdfOf } from './pdf.js';
import { xlsxOf } from './xlsx.js';

interface Printed {
  readonly paper: Paper;
  /** The address of what a section is of, for the code beside its heading. */
  readonly pageOf?: (of: string) => string;
}

type Written = (sheet: Sheet, printed: Printed) => string | Uint8Array | Promise<Uint8Array>;

const WRITTEN: Readonly<Record<SheetFile, Written>> = {
  pdf: (sheet, { paper, pageOf }) => bytesOf(pdfOf(sheet, paper, pageOf)),
  csv: csvOf,
  xlsx: xlsxOf,
  txt: textOf,
};

/** `name` without its ending. */
export const sheetFile = async (
  sheet: Sheet,
  ending: SheetFile,
  name: string,
  printed: Printed,
): Promise<FileAnswer> =>
  new FileAnswer(await WRITTEN[ending](sheet, printed), SHEET_FILES[ending].type, `${name}.${ending}`);
