/** Paper: documents that are printed, with the typefaces of every sheet, and what those cannot write. */
import type { Rules } from '@idle-satchel/core/documents';
import { createRequire } from 'node:module';
import { buffer } from 'node:stream/consumers';
import PDFDocument from 'pdfkit';

const require = createRequire(import.meta.url);
const font = (name: string): string => require.resolve(`@fontsource/${name}`);
/** Typefaces of every sheet. */
const FONTS = {
  text: font('atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff'),
  bold: font('atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-600-normal.woff'),
  tape: font('barlow-condensed/files/barlow-condensed-latin-600-normal.woff'),
};

export type Paper = 'A4' | 'LETTER';

/** Letter where units are imperial, else A4. */
export const paperOf = ({ units }: Pick<Rules, 'units'>): Paper => (units === 'imperial' ? 'LETTER' : 'A4');

/** A PDF that is still being written; pipe it to where it goes. */
export type Pdf = InstanceType<typeof PDFDocument>;

/** Signs of the screen that the typefaces have not, as they are written on paper. */
const WRITTEN: Readonly<Record<string, string>> = {
  '→': '>',
  '☐': '[   ]',
  '′': "'",
  '″': '"',
  '≥': 'at least',
  Ω: 'ohm',
  µ: 'u',
};
const UNWRITTEN = new RegExp(`[${Object.keys(WRITTEN).join('')}]`, 'gu');

/** A text with nothing in it that would come out as an empty box. */
export const onPaper = (text: string): string => text.replace(UNWRITTEN, sign => WRITTEN[sign] ?? sign);

/** A new document with a title; what is written into it is written as the typefaces can. */
export function newPdf(title: string, options: PDFKit.PDFDocumentOptions): Pdf {
  const pdf = new PDFDocument({ ...options, font: FONTS.text, info: { Title: title } });
  // By their paths: under a name that is registered the tables read the whole typeface again for every cell.
  const byPath = pdf.font.bind(pdf) as (source: PDFKit.Mixins.PDFFontSource, ...rest: unknown[]) => Pdf;
  pdf.font = (source: PDFKit.Mixins.PDFFontSource, ...rest: unknown[]) =>
    byPath(FONTS[source as keyof typeof FONTS] ?? source, ...rest);
  for (const name of ['text', 'heightOfString', 'widthOfString', 'boundsOfString'] as const) {
    const plain = pdf[name].bind(pdf) as (text: string, ...rest: unknown[]) => never;
    pdf[name] = (text: string, ...rest: unknown[]) => plain(onPaper(text), ...rest);
  }
  return pdf;
}

/** A document that is being written, to its end. */
export const bytesOf = (pdf: Pdf): Promise<Uint8Array> => buffer(pdf);
