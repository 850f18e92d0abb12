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

const wideBold = require.resolve('dejavu-fonts-ttf/ttf/DejaVuSansCondensed-Bold.ttf');
/** The same with letters of more scripts, for what those have not. */
const WIDE: typeof FONTS = {
  text: require.resolve('dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf'),
  bold: wideBold,
  tape: wideBold,
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

/** Whether the typeface that is written with now has a letter: of that pdfkit tells nothing itself. */
const hasLetter = (pdf: Pdf, letter: string): boolean =>
  (
    pdf as unknown as { _font: { font: { hasGlyphForCodePoint: (code: number) => boolean } } }
  )._font.font.hasGlyphForCodePoint(letter.codePointAt(0) ?? 0);

/** Documents into which something was written that no typeface of ours has letters for. */
const lacking = new WeakSet<Pdf>();

/** Whether something of a document could only be written as boxes. */
export const isLacking = (pdf: Pdf): boolean => lacking.has(pdf);

/** A new document with a title; each text is written in a typeface that has its letters, where there is one. */
export function newPdf(title: string, options: PDFKit.PDFDocumentOptions): Pdf {
  const pdf = new PDFDocument({ ...options, font: FONTS.text, info: { Title: title } });
  // By their paths: under a name that is registered the tables read the whole typeface again for every cell.
  const byPath = pdf.font.bind(pdf) as (source: PDFKit.Mixins.PDFFontSource, ...rest: unknown[]) => Pdf;
  let face: keyof typeof FONTS = 'text';
  // What a text is laid out by asks for the widths of its words in turn.
  let isWide = false;
  pdf.font = (source: PDFKit.Mixins.PDFFontSource, ...rest: unknown[]) => {
    const known = source as keyof typeof FONTS;
    if (FONTS[known] !== undefined) face = known;
    return byPath(FONTS[known] ?? source, ...rest);
  };
  for (const name of ['text', 'heightOfString', 'widthOfString', 'boundsOfString'] as const) {
    const plain = pdf[name].bind(pdf) as (text: string, ...rest: unknown[]) => never;
    pdf[name] = (text: string, ...rest: unknown[]) => {
      const written = onPaper(text);
      // A line break or a tab is no letter of any typeface.
      const letters = [...written].filter(letter => letter >= ' ');
      if (isWide || letters.every(letter => hasLetter(pdf, letter))) return plain(written, ...rest);
      byPath(WIDE[face]);
      isWide = true;
      try {
        if (!letters.every(letter => hasLetter(pdf, letter))) lacking.add(pdf);
        return plain(written, ...rest);
      } finally {
        isWide = false;
        byPath(FONTS[face]);
      }
    };
  }
  return pdf;
}

/** A document that is being written, to its end. */
export const bytesOf = (pdf: Pdf): Promise<Uint8Array> => buffer(pdf);
