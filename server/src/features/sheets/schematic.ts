/** The schematic on paper: as one SVG picture, and as a PDF over as many pages as it takes. */
import {
  aboutEvent,
  layOut,
  marksSvg,
  schematicGraph,
  schematicMarks,
  withClosed,
  withoutOffers,
  type Assessment,
  type Bundle,
  type ElkNode,
  type PaperMark,
} from '@idle-satchel/core';
import elkjs from 'elkjs';
import { drawMark } from './mark-on-paper.js';
import { newPdf, type Paper, type Pdf } from './paper.js';

type Engine = new () => { layout: (graph: ElkNode) => Promise<ElkNode> };
// It is published as CommonJS: what Node gives as its default is the engine itself, whatever its types say.
const Elk = elkjs as unknown as Engine;

interface OnPaper {
  readonly marks: readonly PaperMark[];
  readonly width: number;
  readonly height: number;
  readonly title: string;
}

async function onPaper(bundle: Bundle, assessment: Assessment): Promise<OnPaper> {
  const graph = withoutOffers(withClosed(schematicGraph(bundle, assessment), bundle, new Set()));
  const elk = new Elk();
  const drawn = await layOut(graph, each => elk.layout(each));
  const kindOf = (box: string): string | undefined => bundle.plan.devices?.[box]?.kind;
  const marks = schematicMarks(graph, drawn, bundle.kinds.kinds, kindOf);
  return {
    marks,
    width: drawn.width + 2 * EDGE,
    height: drawn.height + 2 * EDGE,
    title: `Schematic: ${aboutEvent(bundle.plan, assessment)}`,
  };
}

/** Room for what is nudged over the edge of the drawing. */
const EDGE = 12;

export async function schematicSvg(bundle: Bundle, assessment: Assessment): Promise<string> {
  const { marks, width, height, title } = await onPaper(bundle, assessment);
  return marksSvg(marks, title, width, height);
}

const MARGIN = 30;
const HEAD = 24;
/** Points to a pixel of the drawing at most and at least: what is larger goes over several pages. */
const LARGEST = 0.9;
const SMALLEST = 0.6;
/** What pages share, so that they can be laid over each other, pt. */
const OVERLAP = 18;

/** A PDF that is still being written; pipe it to where it goes. */
export async function schematicPdf(bundle: Bundle, assessment: Assessment, paper: Paper): Promise<Pdf> {
  const { marks, width, height, title } = await onPaper(bundle, assessment);
  const pdf = newPdf(title, {
    size: paper,
    layout: 'landscape',
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: 0 },
    autoFirstPage: false,
  });
  pdf.addPage();
  const room = { width: pdf.page.width - 2 * MARGIN, height: pdf.page.height - 2 * MARGIN - HEAD };
  const scale = Math.max(SMALLEST, Math.min(LARGEST, room.width / width, room.height / height));
  const step = { x: room.width - OVERLAP, y: room.height - OVERLAP };
  const pages = (length: number, each: number, stride: number): number =>
    Math.max(1, Math.ceil((length * scale - each) / stride) + 1);
  const [columns, rows] = [pages(width, room.width, step.x), pages(height, room.height, step.y)];
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      if (row + column > 0) pdf.addPage();
      const where =
        rows * columns > 1 ? ` · row ${row + 1} of ${rows}, page ${column + 1} of ${columns}` : '';
      pdf
        .font('tape')
        .fontSize(14)
        .fillColor('black')
        .text(`${title}${where}`, MARGIN, MARGIN, { lineBreak: false });
      pdf.save();
      pdf.rect(MARGIN, MARGIN + HEAD, room.width, room.height).clip();
      pdf.translate(MARGIN - column * step.x, MARGIN + HEAD - row * step.y).scale(scale);
      const [left, top] = [(column * step.x) / scale, (row * step.y) / scale];
      const seen = { left, top, right: left + room.width / scale, bottom: top + room.height / scale };
      for (const mark of marks) if (isOn(seen, mark)) drawMark(pdf, mark);
      pdf.restore();
    }
  }
  pdf.end();
  return pdf;
}

interface Part {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** More than any text, sign or line is drawn beyond where it is, px. */
const BEYOND = 800;

/** Whether a mark may be seen on a part of the drawing. What is drawn in vain is cut off; nothing that shows is left out. */
function isOn({ left, top, right, bottom }: Part, mark: PaperMark): boolean {
  const points = mark.mark === 'line' ? mark.points : [mark.at];
  const [width, height] = mark.mark === 'rect' ? [mark.width, mark.height] : [0, 0];
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return (
    Math.min(...xs) - BEYOND <= right &&
    Math.max(...xs) + width + BEYOND >= left &&
    Math.min(...ys) - BEYOND <= bottom &&
    Math.max(...ys) + height + BEYOND >= top
  );
}
