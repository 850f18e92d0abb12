/** Marks on the page of a PDF, where it is moved and scaled to. */
import type { PaperMark } from '@idle-satchel/core';
import type { Pdf } from './paper.js';

export function drawMark(pdf: Pdf, mark: PaperMark): void {
  const [x, y] = mark.mark === 'line' ? [0, 0] : mark.at;
  const dashed = 'dash' in mark && mark.dash.length > 0;
  // Dash and gap are told by their first two lengths where the whole pattern is longer than a PDF pen takes.
  if (dashed) pdf.dash(mark.dash[0] ?? 2, { space: mark.dash[1] ?? 2 });
  else pdf.undash();
  switch (mark.mark) {
    case 'rect':
      pdf.lineWidth(1).rect(x, y, mark.width, mark.height);
      pdf.fillAndStroke(mark.fill === 'white' ? 'white' : '#f2f2f2', 'black');
      break;
    case 'line':
      mark.points.forEach((point, i) => (i === 0 ? pdf.moveTo(...point) : pdf.lineTo(...point)));
      pdf.lineWidth(1.3).stroke('black');
      break;
    case 'dot':
      pdf
        .lineWidth(1)
        .circle(x, y, 3)
        .fillAndStroke(mark.open ? 'white' : 'black', 'black');
      break;
    case 'path':
      pdf.save().translate(x, y).scale(0.8).lineWidth(0.9).path(mark.d).stroke('black').restore();
      break;
    case 'text': {
      pdf
        .font(mark.bold ? 'bold' : 'text')
        .fontSize(mark.size)
        .fillColor('black');
      const width = pdf.widthOfString(mark.text);
      const left = mark.anchor === 'start' ? x : mark.anchor === 'end' ? x - width : x - width / 2;
      pdf.text(mark.text, left, y - mark.size * 0.8, { lineBreak: false });
    }
  }
}
