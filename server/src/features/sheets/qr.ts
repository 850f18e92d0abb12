/** Codes that a phone reads. */
import qrcode from 'qrcode';

/** Dark squares of the code of a text, row by row. */
export function qrOf(text: string): boolean[][] {
  const { modules } = qrcode.create(text, { errorCorrectionLevel: 'M' });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (_each, column) => Boolean(modules.get(row, column))),
  );
}

/** The dark squares of the code of a text as one path, each a unit wide, and how wide the whole is. */
export function qrPath(text: string): { readonly size: number; readonly path: string } {
  const rows = qrOf(text);
  const path = rows
    .flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join('');
  return { size: rows.length, path };
}
