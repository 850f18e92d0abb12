/** The first sheet of a workbook as rows of text. */
import { MOST_LINES } from '@idle-satchel/core';
import { unzip } from 'fflate';
import { readSheet, type CellValue } from 'read-excel-file/browser';
import { Refusal } from './refusal.js';

const LARGEST = 20 * 1024 * 1024;
/** What a workbook may be once it is unpacked, bytes: a small file can unpack to anything. */
const MOST_UNPACKED = 200 * 1024 * 1024;

/**
 * Rows of the first sheet: days as `2026-12-04`, formulas as what they came to, of merged cells the first. Throws
 * `Refusal` for a file that is no workbook, or too much of one.
 */
export async function workbookRows(file: File): Promise<string[][]> {
  if (file.size > LARGEST) throw new Refusal('This workbook has more than 20 MB; save only the list.');
  const bytes = new Uint8Array(await file.arrayBuffer());
  if ((await unpackedSize(bytes)) > MOST_UNPACKED)
    throw new Refusal('This workbook unpacks to more than 200 MB; save only the list.');
  let rows: readonly (readonly (CellValue | null)[])[];
  try {
    rows = await readSheet(new Blob([bytes]));
  } catch {
    throw new Refusal('This workbook cannot be read; save it as .xlsx or CSV once more.');
  }
  if (rows.length > MOST_LINES + 1)
    throw new Refusal(`This list has ${rows.length - 1} lines; take it in parts of ${MOST_LINES}.`);
  return rows.map(row => row.map(cellText));
}

const cellText = (value: CellValue | null): string => {
  if (value === null) return '';
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  return typeof value === 'string' ? value : String(value);
};

/** Bytes of all parts as their directory says; nothing is unpacked for it. */
function unpackedSize(bytes: Uint8Array): Promise<number> {
  return new Promise((done, failed) => {
    let sum = 0;
    const filter = ({ originalSize }: { originalSize: number }): boolean => {
      sum += originalSize;
      return false;
    };
    unzip(bytes, { filter }, error => {
      if (error) failed(new Refusal('This is no workbook (.xlsx).'));
      else done(sum);
    });
  });
}
