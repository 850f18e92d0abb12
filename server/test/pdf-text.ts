/** The words of a PDF, as whoever copies from it gets them. */
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

export async function pdfText(bytes: Buffer): Promise<string> {
  const task = getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 });
  const pdf = await task.promise;
  const pages = await Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const { items } = await (await pdf.getPage(i + 1)).getTextContent();
      return items.map(item => ('str' in item ? item.str : '')).join(' ');
    }),
  );
  await task.destroy();
  return pages.join('\n');
}
