/** Drawing a sheet as PDF: black on white, A4 or Letter, readable without colour. */
import type { Sheet } from '@idle-satchel/core';
import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';

const require = createRequire(import.meta.url);
const font = (name: string): string => require.resolve(`@fontsource/${name}`);
/** Typefaces of every sheet. */
export const FONTS = {
  text: font('atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff'),
  bold: font('atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-600-normal.woff'),
  tape: font('barlow-condensed/files/barlow-condensed-latin-600-normal.woff'),
};

const MARGIN = 36;
const SIZE = 9;
const PAD = 2;
export type Paper = 'A4' | 'LETTER';

type Pdf = InstanceType<typeof PDFDocument>;

/** A PDF that is still being written; pipe it to where it goes. */
export function pdfOf(sheet: Sheet, paper: Paper): Pdf {
  const pdf = new PDFDocument({
    size: paper,
    layout: 'landscape',
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: 0 },
    bufferPages: true,
    font: FONTS.text,
    info: { Title: `${sheet.title}: ${sheet.about}` },
  });
  for (const [name, path] of Object.entries(FONTS)) pdf.registerFont(name, path);
  new SheetPen(pdf, sheet).draw();
  pdf.end();
  return pdf;
}

class SheetPen {
  private readonly widths: readonly number[];
  private y = MARGIN;

  constructor(
    private readonly pdf: Pdf,
    private readonly sheet: Sheet,
  ) {
    const total = sheet.columns.reduce((sum, column) => sum + column.width, 0);
    const room = pdf.page.width - 2 * MARGIN;
    this.widths = sheet.columns.map(column => (column.width / total) * room);
  }

  draw(): void {
    this.head();
    for (const { heading, rows } of this.sheet.sections) {
      if (rows.length === 0) continue;
      this.section(heading);
      for (const row of rows) this.row(row, 'text');
    }
    this.notes();
    this.pageNumbers();
  }

  private get bottom(): number {
    return this.pdf.page.height - MARGIN - 16;
  }

  private head(): void {
    const { pdf, sheet } = this;
    pdf.font('tape').fontSize(20).text(sheet.title, MARGIN, MARGIN, { lineBreak: false });
    pdf
      .font('text')
      .fontSize(10)
      .text(sheet.about, MARGIN, MARGIN + 24, { lineBreak: false });
    this.y = MARGIN + 46;
    this.row(
      sheet.columns.map(column => column.label),
      'bold',
    );
  }

  private section(heading: string): void {
    if (this.y + 44 > this.bottom) this.nextPage();
    this.y += 8;
    this.pdf.font('tape').fontSize(12).text(heading, MARGIN, this.y, { lineBreak: false });
    this.y += 17;
    this.rule(1);
  }

  private row(cells: readonly string[], face: 'text' | 'bold'): void {
    const { pdf, sheet, widths } = this;
    pdf.font(face).fontSize(SIZE);
    const options = (i: number) => ({
      width: (widths[i] ?? 0) - 2 * PAD,
      align: sheet.columns[i]?.align ?? ('left' as const),
    });
    const height = Math.max(...cells.map((cell, i) => pdf.heightOfString(cell || ' ', options(i)))) + 2 * PAD;
    if (this.y + height > this.bottom) this.nextPage();
    pdf.font(face).fontSize(SIZE);
    let x = MARGIN;
    cells.forEach((cell, i) => {
      pdf.text(cell, x + PAD, this.y + PAD, options(i));
      x += widths[i] ?? 0;
    });
    this.y += height;
    this.rule(face === 'bold' ? 1.2 : 0.3);
  }

  private rule(width: number): void {
    const { pdf } = this;
    pdf
      .moveTo(MARGIN, this.y)
      .lineTo(pdf.page.width - MARGIN, this.y)
      .lineWidth(width)
      .stroke();
  }

  private nextPage(): void {
    this.pdf.addPage();
    this.head();
  }

  private notes(): void {
    this.y += 10;
    for (const note of this.sheet.notes) {
      const width = this.pdf.page.width - 2 * MARGIN;
      this.pdf.font('text').fontSize(SIZE + 1);
      const height = this.pdf.heightOfString(note, { width });
      if (this.y + height > this.bottom) this.nextPage();
      this.pdf
        .font('text')
        .fontSize(SIZE + 1)
        .text(note, MARGIN, this.y, { width });
      this.y += height + 4;
    }
  }

  private pageNumbers(): void {
    const { pdf } = this;
    const { count } = pdf.bufferedPageRange();
    for (let page = 0; page < count; page++) {
      pdf.switchToPage(page);
      const words = `${this.sheet.title} · page ${page + 1} of ${count}`;
      pdf
        .font('text')
        .fontSize(8)
        .text(words, MARGIN, pdf.page.height - MARGIN - 8, {
          width: pdf.page.width - 2 * MARGIN,
          align: 'right',
          lineBreak: false,
        });
    }
  }
}
