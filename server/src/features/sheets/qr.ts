/** Codes that a phone reads. */
import qrcode from 'qrcode';

/** Dark squares of the code of a text, row by row. */
export function qrOf(text: string): boolean[][] {
  const { modules } = qrcode.create(text, { errorCorrectionLevel: 'M' });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (_each, column) => Boolean(modules.get(row, column))),
  );
}
