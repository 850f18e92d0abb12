/** Drawing a sheet as PDF: black on white, A4 or Letter, readable without colour. */
import type { Sheet } from '@idle-satchel/core';
import { isLacking, newPdf, type Paper, type Pdf } from './paper.js';
import { qrOf } from './qr.js';

const MARGIN = 36;
const SIZE = 9;
/** Room of a page number below what is on a page. */
const NUMBER = 16;

/** Of what the typefaces cannot write. */
const BOXES =
  'A box stands for a letter that cannot be printed here: the same list as text or workbook has it.';

/** Side of the code beside a heading, pt. */
const CODE = 40;

/**
 * A PDF that is still being written; pipe it to where it goes. `pageOf`: the address of what a section is of, for the
 * code beside its heading.
 */
export function pdfOf(sheet: Sheet, paper: Paper, pageOf?: (of: string) => string): Pdf {
  const pdf = newPdf(`${sheet.title}: ${sheet.about}`, {
    size: paper,
    layout: 'landscape',
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: MARGIN + NUMBER },
    bufferPages: true,
    autoFirstPage: false,
  });
  pdf.on('pageAdded', () => drawHead(pdf, sheet));
  pdf.addPage();
  for (const { heading, rows, of } of sheet.sections) {
    const code = pageOf && of !== undefined ? pageOf(of) : undefined;
    if (rows.length > 0) drawSection(pdf, sheet, { heading, rows, code });
  }
  drawNotes(pdf, isLacking(pdf) ? [...sheet.notes, BOXES] : sheet.notes);
  drawPageNumbers(pdf, sheet.title);
  pdf.end();
  return pdf;
}

const roomOf = ({ page }: Pdf): number => page.width - 2 * MARGIN;

/** Rows as a table, ruled below; it goes on under the head of a new page by itself. */
function drawRows(
  pdf: Pdf,
  { columns }: Sheet,
  rows: readonly (readonly string[])[],
  face: 'text' | 'bold',
): void {
  const total = columns.reduce((sum, column) => sum + column.width, 0);
  const ruled = face === 'bold' ? 1.2 : 0.3;
  pdf.table({
    position: { x: MARGIN, y: pdf.y },
    columnStyles: columns.map(({ width, align: x = 'left' as const }) => ({
      width: (width / total) * roomOf(pdf),
      align: { x },
    })),
    rowStyles: { border: { top: 0, right: 0, bottom: ruled, left: 0 } },
    data: rows.map(row =>
      row.map((text, i) => ({
        text,
        font: { src: face, size: SIZE },
        // Figures stand apart from the words that follow them.
        padding: { top: 2, bottom: 2, left: 2, right: columns[i]?.align === 'right' ? 9 : 2 },
      })),
    ),
  });
}

/** Title, event and names of the columns, on every page; what follows begins below them. */
function drawHead(pdf: Pdf, sheet: Sheet): void {
  pdf.font('tape').fontSize(20).text(sheet.title, MARGIN, MARGIN, { lineBreak: false });
  pdf
    .font('text')
    .fontSize(10)
    .text(sheet.about, MARGIN, MARGIN + 24, { lineBreak: false });
  pdf.y = MARGIN + 46;
  drawRows(pdf, sheet, [sheet.columns.map(({ label }) => label)], 'bold');
  pdf.page.margins.top = pdf.y;
}

interface Section {
  readonly heading: string;
  readonly rows: readonly (readonly string[])[];
  /** Where its code leads; undefined without one. */
  readonly code: string | undefined;
}

function drawSection(pdf: Pdf, sheet: Sheet, { heading, rows, code }: Section): void {
  // A heading never stands alone at the foot of a page.
  if (pdf.y + 44 + (code === undefined ? 0 : CODE) > pdf.page.maxY()) pdf.addPage();
  if (code !== undefined) {
    drawCode(pdf, code, MARGIN + roomOf(pdf) - CODE, pdf.y + 4);
    pdf.y += CODE - 12;
  }
  pdf
    .font('tape')
    .fontSize(12)
    .text(heading, MARGIN, pdf.y + 8, { lineBreak: false });
  pdf.y += 17;
  pdf
    .moveTo(MARGIN, pdf.y)
    .lineTo(MARGIN + roomOf(pdf), pdf.y)
    .lineWidth(1)
    .stroke();
  drawRows(pdf, sheet, rows, 'text');
}

/** A code whose upper left corner is at a place, with the quiet edge that readers want around it on white paper. */
function drawCode(pdf: Pdf, text: string, left: number, top: number): void {
  const rows = qrOf(text);
  const square = CODE / rows.length;
  rows.forEach((row, y) =>
    row.forEach((dark, x) => {
      if (dark) pdf.rect(left + x * square, top + y * square, square, square);
    }),
  );
  pdf.fill('black');
}

function drawNotes(pdf: Pdf, notes: readonly string[]): void {
  pdf.font('text').fontSize(SIZE + 1);
  pdf.y += 10;
  for (const note of notes) {
    const height = pdf.heightOfString(note, { width: roomOf(pdf) });
    if (pdf.y + height > pdf.page.maxY()) pdf.addPage();
    pdf
      .font('text')
      .fontSize(SIZE + 1)
      .text(note, MARGIN, pdf.y, { width: roomOf(pdf) });
    pdf.y += 4;
  }
}

function drawPageNumbers(pdf: Pdf, title: string): void {
  const { count } = pdf.bufferedPageRange();
  for (let page = 0; page < count; page++) {
    pdf.switchToPage(page);
    // They stand in the margin, where text would else begin a page of its own.
    pdf.page.margins.bottom = 0;
    pdf
      .font('text')
      .fontSize(8)
      .text(`${title} · page ${page + 1} of ${count}`, MARGIN, pdf.page.height - MARGIN - 8, {
        width: roomOf(pdf),
        align: 'right',
        lineBreak: false,
      });
  }
}
