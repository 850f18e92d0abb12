/** The racks of an event on paper: as a PDF to scale, as one SVG picture, as a drawing for other programs. */
import {
  aboutEvent,
  dxfOf,
  marksDrawing,
  marksSvg,
  rackPages,
  stacked,
  type Assessment,
  type Bundle,
} from '@idle-satchel/core';
import { drawMark } from './mark-on-paper.js';
import { newPdf, type Paper, type Pdf } from './paper.js';

const MARGIN = 36;
const HEAD = 24;
/** Points, and pixels, to a metre of paper. */
const POINTS = 72 / 0.0254;
const PIXELS = 96 / 0.0254;
/** Of the picture: as wide as a page across, and between two racks, px. */
const PICTURE = { width: 1400, height: 1e4 };
const GAP = 40;

const titleOf = (bundle: Bundle, assessment: Assessment): string =>
  `Racks: ${aboutEvent(bundle.plan, assessment)}`;

/** A PDF that is still being written; pipe it to where it goes. */
export function elevationsPdf(bundle: Bundle, assessment: Assessment, paper: Paper): Pdf {
  const title = titleOf(bundle, assessment);
  const pdf = newPdf(title, {
    size: paper,
    layout: 'landscape',
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: 0 },
    autoFirstPage: false,
  });
  const begin = (): void => {
    pdf
      .addPage()
      .font('text')
      .fontSize(9)
      .fillColor('black')
      .text(title, MARGIN, MARGIN - 12, { lineBreak: false });
  };
  begin();
  const room = { width: pdf.page.width - 2 * MARGIN, height: pdf.page.height - 2 * MARGIN - HEAD };
  rackPages(bundle, assessment, room, POINTS).forEach(({ marks }, i) => {
    if (i > 0) begin();
    pdf.save().translate(MARGIN, MARGIN + HEAD);
    for (const mark of marks) drawMark(pdf, mark);
    pdf.restore();
  });
  pdf.end();
  return pdf;
}

export function elevationsSvg(bundle: Bundle, assessment: Assessment): string {
  const { marks, width, height } = stacked(rackPages(bundle, assessment, PICTURE, PIXELS), GAP);
  return marksSvg(marks, titleOf(bundle, assessment), width, height);
}

/** In metres, as large as they are, without the pages of words. */
export function elevationsDxf(bundle: Bundle, assessment: Assessment): string {
  const room = { width: Infinity, height: Infinity };
  const drawn = rackPages(bundle, assessment, room, PIXELS).filter(({ scale }) => scale !== undefined);
  const perMetre = PIXELS / (drawn[0]?.scale ?? 1);
  return dxfOf(marksDrawing(stacked(drawn, GAP).marks, perMetre));
}
