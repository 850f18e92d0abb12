/** The camera plan: where every camera stands on the plan to scale, and a card for each to set it up by. */
import {
  aboutEvent,
  cameraCards,
  PICTURE,
  readingOf,
  type Assessment,
  type Bundle,
  type CameraCard,
  type Inked,
  type Point,
} from '@idle-satchel/core';
import { newPdf, type Paper, type Pdf } from './paper.js';
import { drawPlan, type DrawnPlan } from './plan-on-paper.js';

const MARGIN = 36;
const GAP = 18;
/** Radius of a camera on the plan, and size of the letters of its label, pt. */
const CAMERA = 4;
const LABEL = 11;
/** Shades of the ink of a picture on paper; what is not here is white or black. */
const SHADES: Readonly<Record<string, string>> = {
  paper: '#fff',
  tape: '#fff',
  shade: '#f0f0f0',
  rule: '#ddd',
  ink: '#000',
  faint: '#999',
  brass: '#000',
  slate: '#555',
  madder: '#000',
};

/** A PDF that is still being written; pipe it to where it goes. */
export function cameraPlan(bundle: Bundle, assessment: Assessment, paper: Paper): Pdf {
  const pdf = newPdf(`Camera plan: ${bundle.plan.label}`, {
    size: paper,
    layout: 'landscape',
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: 0 },
  });
  const cards = cameraCards(bundle, assessment);
  head(pdf, 'Camera plan', aboutEvent(bundle.plan, assessment));
  const { venue } = assessment.ground;
  const plan = drawPlan(
    pdf,
    venue,
    readingOf(bundle.plan, assessment.rules),
    {
      left: MARGIN,
      top: MARGIN + 60,
      width: pdf.page.width - 2 * MARGIN,
      height: pdf.page.height - 2 * MARGIN - 90,
    },
    cards.flatMap(({ id, label, at }) =>
      at ? [{ key: id, label, at, radius: CAMERA, letters: LABEL + 4 }] : [],
    ),
  );
  for (const { wedge } of cards) drawWedge(pdf, wedge, plan);
  for (const card of cards) drawCamera(pdf, card, plan);
  const width = (pdf.page.width - 2 * MARGIN - GAP) / 2;
  const height = (pdf.page.height - 2 * MARGIN - 40 - GAP) / 2;
  cards.forEach((card, i) => {
    if (i % 4 === 0) {
      pdf.addPage();
      head(pdf, 'Camera cards', aboutEvent(bundle.plan, assessment));
    }
    const left = MARGIN + (i % 2) * (width + GAP);
    const top = MARGIN + 46 + (Math.floor(i / 2) % 2) * (height + GAP);
    drawCard(pdf, card, left, top, width, height);
  });
  pdf.end();
  return pdf;
}

function head(pdf: Pdf, title: string, about: string): void {
  pdf.fillColor('black').font('tape').fontSize(20).text(title, MARGIN, MARGIN, { lineBreak: false });
  pdf
    .font('text')
    .fontSize(10)
    .text(about, MARGIN, MARGIN + 24, { lineBreak: false });
}

/** What a camera sees, as a faint wedge. */
function drawWedge(pdf: Pdf, wedge: readonly Point[], { at }: DrawnPlan): void {
  if (wedge.length < 3) return;
  wedge.forEach((point, i) => (i === 0 ? pdf.moveTo(...at(point)) : pdf.lineTo(...at(point))));
  pdf.closePath().lineWidth(0.6).fillOpacity(0.08).fillAndStroke('#000', '#777').fillOpacity(1);
}

/** A camera on the plan: its body, and its label on white where there is room for it. */
function drawCamera(pdf: Pdf, { id, label, at: place }: CameraCard, { at, names }: DrawnPlan): void {
  if (!place) return;
  pdf
    .circle(...at(place), CAMERA)
    .lineWidth(1)
    .fillAndStroke('black', 'white');
  const [x, y] = names.get(id) ?? at(place);
  pdf.font('tape').fontSize(LABEL);
  const width = pdf.widthOfString(label);
  pdf
    .rect(x - width / 2 - 3, y - 6.5, width + 6, 13)
    .lineWidth(0.6)
    .fillAndStroke('white', 'black');
  pdf.fillColor('black').text(label, x - width / 2, y - 6, { lineBreak: false });
}

function drawCard(
  pdf: Pdf,
  card: CameraCard,
  left: number,
  top: number,
  width: number,
  height: number,
): void {
  pdf.rect(left, top, width, height).lineWidth(0.8).stroke('black');
  const inner = width - 16;
  pdf
    .fillColor('black')
    .font('tape')
    .fontSize(15)
    .text(card.label, left + 8, top + 5, { lineBreak: false });
  pdf
    .font('text')
    .fontSize(8)
    .text(card.kind, left + 8, top + 23, { width: inner, lineBreak: false });
  const picture = { width: inner * 0.46, height: (inner * 0.46 * PICTURE.height) / PICTURE.width };
  const right = left + 8 + inner - picture.width;
  if (card.picture) drawPicture(pdf, card.picture, right, top + 38, picture.width);
  else {
    pdf
      .rect(right, top + 38, picture.width, picture.height)
      .lineWidth(0.6)
      .stroke('#999');
    pdf.fontSize(8).text('It has no shot yet.', right + 6, top + 44, { lineBreak: false });
  }
  const room = inner - picture.width - 10;
  let y = top + 38;
  const bottom = top + height - 8;
  for (const [i, [name, words]] of card.lines.entries()) {
    pdf.font('text').fontSize(8);
    const tall = Math.max(10, pdf.heightOfString(words, { width: room - 62 }));
    const isLast = i === card.lines.length - 1;
    if (y + tall + (isLast ? 0 : 11) > bottom) {
      leftOut(pdf, card.lines.length - i, left + 8, y);
      break;
    }
    pdf.fillColor('#555').text(name, left + 8, y, { width: 60, lineBreak: false });
    pdf.fillColor('black').text(words, left + 70, y, { width: room - 62 });
    y += tall + 1.5;
  }
  let below = top + 38 + picture.height + 6;
  pdf.font('bold').fontSize(8).fillColor('black');
  const fitting = Math.max(0, Math.floor((bottom - below) / 11));
  const told = card.shots.length > fitting ? card.shots.slice(0, fitting - 1) : card.shots;
  told.forEach((words, i) => {
    pdf
      .font(i === 0 ? 'bold' : 'text')
      .text(`${i === 0 ? 'First: ' : ''}${words}`, right, below, { width: picture.width, lineBreak: false });
    below += 11;
  });
  if (told.length < card.shots.length) leftOut(pdf, card.shots.length - told.length, right, below);
}

/** Says that a card is too small for all that it should tell. */
const leftOut = (pdf: Pdf, count: number, left: number, top: number): Pdf =>
  pdf
    .font('text')
    .fontSize(8)
    .fillColor('#555')
    .text(`… ${count} more: see Shots`, left, top, { lineBreak: false });

function drawPicture(pdf: Pdf, inked: readonly Inked[], left: number, top: number, width: number): void {
  const scale = width / PICTURE.width;
  const height = PICTURE.height * scale;
  pdf.save().rect(left, top, width, height).clip().translate(left, top).scale(scale);
  const trace = (points: readonly (readonly [number, number])[]): void =>
    points.forEach(([x, y], i) => (i === 0 ? pdf.moveTo(x, y) : pdf.lineTo(x, y)));
  for (const { fill, stroke, corners, lines } of inked) {
    if (fill && corners.length > 2) {
      trace(corners);
      pdf.closePath().fill(SHADES[fill] ?? '#fff');
    }
    const drawn = lines.filter(line => line.length > 1);
    if (drawn.length === 0) continue;
    drawn.forEach(trace);
    pdf.lineWidth(stroke.width);
    if (stroke.dash) pdf.dash(stroke.dash[0] ?? 4, { space: stroke.dash[1] ?? 4 });
    pdf.stroke(SHADES[stroke.tone] ?? '#000');
    pdf.undash();
  }
  pdf.restore();
  pdf.rect(left, top, width, height).lineWidth(0.8).stroke('black');
}
