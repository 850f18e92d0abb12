/** Labels for the ends of leads on paper: PDF pages, or one page as SVG. */
import {
  changedLabels,
  itemLabelPages,
  labelPages,
  labelPageSvg,
  labelsOnPage,
  leadLabels,
  LABEL_PAPERS,
  type Assessment,
  type Bundle,
  type ItemLabel,
  type ItemLabelSize,
  type LabelMark,
  type LabelPaper,
  type LabelSize,
  type LeadLabel,
} from '@idle-satchel/core';
import { qrOf } from './qr.js';
import { newPdf, type Pdf } from './paper.js';

export interface LabelRequest {
  readonly size: LabelSize;
  readonly paper: LabelPaper;
  /** Only what is not as it was printed. */
  readonly changed: boolean;
  /** Address of the page of a lead. */
  readonly pageOf: (link: string) => string;
}

function wantedOf({ plan }: Bundle, assessment: Assessment, { changed }: LabelRequest): LeadLabel[] {
  const all = leadLabels(plan, assessment);
  return changed ? changedLabels(all, plan) : all;
}

/** One page; an empty one beyond the last. */
export function labelsSvg(
  bundle: Bundle,
  assessment: Assessment,
  { size, paper, ...wish }: LabelRequest,
  page: number,
): string {
  const each = labelsOnPage(size, paper);
  const labels = wantedOf(bundle, assessment, { size, paper, ...wish }).slice((page - 1) * each, page * each);
  return labelPageSvg(labelPages(labels, size, paper, wish.pageOf, qrOf)[0] ?? [], paper);
}

const POINTS = 72 / 25.4;

/** A PDF that is still being written; pipe it to where it goes. */
export function labelsPdf(bundle: Bundle, assessment: Assessment, wish: LabelRequest): Pdf {
  const labels = wantedOf(bundle, assessment, wish);
  return pagesPdf(
    `Labels: ${bundle.plan.label}`,
    labelPages(labels, wish.size, wish.paper, wish.pageOf, qrOf),
    wish.paper,
    'Every label is as it was printed.',
  );
}

/** Labels of things of the shelf, in the same way. */
export const itemLabelsPdf = (
  labels: readonly ItemLabel[],
  size: ItemLabelSize,
  paper: LabelPaper,
  pageOf: (id: string) => string,
): Pdf =>
  pagesPdf(
    'Labels of the shelf',
    itemLabelPages(labels, size, paper, pageOf, qrOf),
    paper,
    'No label was asked for.',
  );

function pagesPdf(
  title: string,
  pages: readonly (readonly LabelMark[])[],
  paper: LabelPaper,
  nothing: string,
): Pdf {
  const [width, height] = LABEL_PAPERS[paper];
  const pdf = newPdf(title, {
    size: [width * POINTS, height * POINTS],
    margin: 0,
    autoFirstPage: false,
  });
  for (const marks of pages) {
    pdf.addPage();
    for (const mark of marks) draw(pdf, mark);
  }
  if (pages.length === 0) {
    pdf.addPage();
    pdf.fontSize(12).text(nothing, 36, 36);
  }
  pdf.end();
  return pdf;
}

function draw(pdf: Pdf, mark: LabelMark): void {
  switch (mark.mark) {
    case 'rect': {
      const [x, y] = mark.at;
      pdf.rect(x * POINTS, y * POINTS, mark.size[0] * POINTS, mark.size[1] * POINTS);
      if (mark.line) pdf.lineWidth(0.5).fillAndStroke(mark.fill, mark.line);
      else pdf.fill(mark.fill);
      break;
    }
    case 'line':
      if (mark.dash) pdf.dash(mark.dash[0] * POINTS, { space: mark.dash[1] * POINTS });
      else pdf.undash();
      pdf
        .lineWidth(mark.width * POINTS)
        .moveTo(mark.from[0] * POINTS, mark.from[1] * POINTS)
        .lineTo(mark.to[0] * POINTS, mark.to[1] * POINTS)
        .stroke(mark.colour);
      pdf.undash();
      break;
    case 'code': {
      const [x, y] = mark.at;
      const side = mark.cell * POINTS;
      for (const [column, row, length] of mark.bars)
        pdf.rect(x * POINTS + column * side, y * POINTS + row * side, length * side, side);
      pdf.fill('black');
      break;
    }
    case 'text': {
      pdf
        .font(mark.bold ? 'tape' : 'text')
        .fontSize(mark.size * POINTS)
        .fillColor('black');
      let { text } = mark;
      while (text.length > 1 && pdf.widthOfString(text) > mark.room * POINTS) text = `${text.slice(0, -2)}…`;
      pdf.text(text, mark.at[0] * POINTS, (mark.at[1] - mark.size * 0.8) * POINTS, { lineBreak: false });
    }
  }
}
