/** One page to take along: the plan of a venue to scale, and what was surveyed about it. Black on white. */
import {
  boundsOf,
  inkOf,
  inOrder,
  lookOf,
  MAKE_WORDS,
  namesOnPaper,
  scaleBar,
  showText,
  toDrawing,
  type Point,
  type Reading,
  type Shape,
} from '@idle-satchel/core';
import type { Venue } from '@idle-satchel/core/documents';
import PDFDocument from 'pdfkit';
import { FONTS, type Paper } from '../sheets/pdf.js';

type Pdf = InstanceType<typeof PDFDocument>;

const MARGIN = 36;
/** Points to a metre of paper. */
const POINTS = 72 / 0.0254;
const SCALES = [25, 50, 75, 100, 125, 150, 200, 250, 300, 400, 500, 750, 1000, 2000, 5000];
/** Part of the page's width that the plan takes. */
const SHARE = 0.64;

/** The largest usual scale at which an outline fits into a box, points. */
function scaleFor(outline: readonly Point[], width: number, height: number): number {
  const { min, max } = boundsOf(outline);
  const fits = (scale: number): boolean =>
    ((max[0] - min[0]) / scale) * POINTS <= width && ((max[1] - min[1]) / scale) * POINTS <= height;
  return SCALES.find(fits) ?? SCALES.at(-1) ?? 5000;
}

const COLOURS = { black: 'black', white: 'white', grey: '#999' } as const;

/** A PDF that is still being written; pipe it to where it goes. */
export function venueSheet(venue: Venue, reading: Reading, paper: Paper): Pdf {
  const pdf = new PDFDocument({
    ...{ size: paper, layout: 'landscape', font: FONTS.text },
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: 0 },
    info: { Title: `Venue sheet: ${venue.name}` },
  });
  for (const [name, path] of Object.entries(FONTS)) pdf.registerFont(name, path);
  pdf.font('tape').fontSize(20).text(venue.name, MARGIN, MARGIN, { lineBreak: false });
  if (venue.address)
    pdf
      .font('text')
      .fontSize(9)
      .text(venue.address, MARGIN, MARGIN + 24, { lineBreak: false });
  drawPlan(pdf, venue, reading);
  listFacts(pdf, venue, reading);
  pdf.end();
  return pdf;
}

function drawPlan(pdf: Pdf, venue: Venue, reading: Reading): void {
  const width = (pdf.page.width - 2 * MARGIN) * SHARE - 24;
  const [top, bottom] = [MARGIN + 44, pdf.page.height - MARGIN - 30];
  const scale = scaleFor(venue.outline, width, bottom - top);
  const perMetre = POINTS / scale;
  const { min, max } = boundsOf(venue.outline);
  const at = ([x, y]: Point): [number, number] => [
    MARGIN + (x - min[0]) * perMetre,
    top + (y - min[1]) * perMetre,
  ];
  const trace = (points: readonly Point[], closed: boolean): void => {
    points.forEach((point, i) => (i === 0 ? pdf.moveTo(...at(point)) : pdf.lineTo(...at(point))));
    if (closed) pdf.closePath();
  };
  const draw = ({ kind, layer, points, closed, radius = 0 }: Shape): void => {
    const [first] = points;
    if (!first || kind === 'point' || kind === 'text') return;
    const { stroke, dash, fill } = lookOf(layer);
    pdf.lineWidth(stroke * POINTS);
    if (dash) pdf.dash(dash[0] ? dash[0] * POINTS : 2, { space: (dash[1] ?? 0.001) * POINTS });
    else pdf.undash();
    if (kind === 'path') trace(points, closed);
    else pdf.circle(...at(first), radius * perMetre);
    if (fill === 'black') pdf.fillAndStroke('black', 'black');
    else if (fill === 'hatch') pdf.fillAndStroke('#e4e4e4', 'black');
    else pdf.stroke('black');
  };
  for (const shape of toDrawing(venue).shapes) draw(shape);
  pdf.undash();
  for (const ink of inkOf(venue, scale)) {
    const { d, unit, stroke, colour, fill } = ink;
    const [x, y] = at(ink.at);
    pdf
      .save()
      .translate(x, y)
      .scale(unit * perMetre);
    pdf.lineWidth(((stroke ?? 0) * POINTS) / (unit * perMetre)).path(d);
    if (fill) pdf.fillAndStroke(COLOURS[fill], COLOURS[colour]);
    else pdf.stroke(COLOURS[colour]);
    pdf.restore();
  }
  for (const { text, size, upright, bold, ...name } of namesOnPaper(venue, scale, reading)) {
    const [x, y] = at(name.at);
    const letters = size * perMetre;
    pdf
      .font(bold ? 'bold' : 'text')
      .fontSize(letters)
      .fillColor('black');
    pdf.save();
    if (upright) pdf.rotate(-90, { origin: [x, y] });
    const width = pdf.widthOfString(text);
    // Lines stop short of a name.
    pdf.rect(x - width / 2 - 1, y - letters * 0.55, width + 2, letters * 1.1).fill('white');
    pdf
      .fillColor('black')
      .text(text, x - width / 2, y - letters * 0.6, { lineBreak: false })
      .restore();
  }
  const bar = scaleBar(reading);
  const [x, y] = at([min[0], max[1]]);
  pdf
    .lineWidth(1)
    .moveTo(x, y + 14)
    .lineTo(x + bar.metres * perMetre, y + 14)
    .stroke('black');
  const words = `${bar.words} · 1 : ${scale} · north is up · no film and keep clear are shaded`;
  pdf
    .font('text')
    .fontSize(7.5)
    .text(words, x, y + 18, { lineBreak: false });
}

/** What is known, a line each; what is not known is not there. */
function factsOf(venue: Venue, reading: Reading): { heading: string; lines: string[] }[] {
  const metres = (value: number): string => showText(value, 'm', reading);
  const { facts = {} } = venue;
  const desks = inOrder(venue.areas).flatMap(([, { kind, label, card }]) =>
    kind === 'desk' && card
      ? [
          [label, card.buses, card.fader && `${card.fader} the fader`, card.connector, card.level, card.setBy]
            .filter(Boolean)
            .join(' · '),
        ]
      : [],
  );
  return [
    {
      heading: 'The place',
      lines: [
        ...inOrder(venue.dimensions).map(([, { label, from, to }]) => `${label}: ${metres(to - from)}`),
        ...(facts.ceiling === undefined ? [] : [`Ceiling: ${metres(facts.ceiling)}`]),
        ...(facts.people === undefined ? [] : [`People who may be in: ${facts.people}`]),
        ...(facts.access ? [`Access: ${facts.access}`] : []),
        ...(facts.noise ? [`Noise: ${facts.noise}`] : []),
      ],
    },
    {
      heading: `Mains, ${venue.volts} V, ${venue.hertz} Hz`,
      lines: inOrder(venue.circuits).map(([id, { label, amps, others }]) => {
        const sockets = inOrder(venue.sockets).filter(([, { circuit }]) => circuit === id);
        const also = inOrder(others).map(([, other]) => `${other.label} ${other.watts} W`);
        return [
          `${label}, ${amps} A: ${sockets.map(([, socket]) => `${socket.label} (${socket.outlets})`).join(', ') || 'no socket noted'}`,
          ...(also.length > 0 ? [`also ${also.join(', ')}`] : []),
        ].join('; ');
      }),
    },
    {
      heading: 'Light, facing the camera',
      lines: inOrder(venue.marks).map(
        ([, { label, light }]) =>
          `${label}: ${light === undefined ? 'not measured' : showText(light, 'lx', reading)}`,
      ),
    },
    {
      heading: 'Upload',
      lines: [
        ...inOrder(venue.uploads).map(
          ([, { at, up }]) => `${at.slice(0, 16).replace('T', ' ')} UTC: ${showText(up, 'Mb/s', reading)}`,
        ),
        ...inOrder(venue.mobileReadings).map(
          ([, { label, up }]) => `${label}, mobile: ${showText(up, 'Mb/s', reading)}`,
        ),
      ],
    },
    { heading: 'Audio desk', lines: desks },
    {
      heading: 'House lines',
      lines: inOrder(venue.houseLines).map(
        ([, { label, make, length, condition, tag }]) =>
          `${label}: ${MAKE_WORDS[make]}, ${metres(length)}, ${condition}${tag ? `, marked ${tag}` : ''}`,
      ),
    },
    {
      heading: 'Notes',
      lines: inOrder(venue.notes).map(([, { label, text }]) => (text ? `${label}: ${text}` : label)),
    },
    { heading: 'Guessed, not measured', lines: inOrder(venue.guesses).map(([, { label }]) => label) },
  ].filter(({ lines }) => lines.length > 0);
}

function listFacts(pdf: Pdf, venue: Venue, reading: Reading): void {
  const left = MARGIN + (pdf.page.width - 2 * MARGIN) * SHARE;
  const width = pdf.page.width - MARGIN - left;
  const bottom = pdf.page.height - MARGIN - 26;
  let y = MARGIN;
  let unsaid = 0;
  for (const { heading, lines } of factsOf(venue, reading)) {
    if (y + 28 > bottom) {
      unsaid += lines.length;
      continue;
    }
    pdf.font('tape').fontSize(11).text(heading, left, y, { width, lineBreak: false });
    y += 14;
    for (const line of lines) {
      pdf.font('text').fontSize(7.5);
      const height = pdf.heightOfString(line, { width });
      if (y + height > bottom) {
        unsaid++;
        continue;
      }
      pdf.text(line, left, y, { width });
      y += height + 1;
    }
    y += 5;
  }
  const caution =
    'Exits, aisles and how many people may be in: the venue’s own fire plan and local code decide. Anything on the mains beyond plugging in: a qualified person.';
  const more = unsaid > 0 ? `${unsaid} more lines are in the survey itself. ` : '';
  pdf
    .font('text')
    .fontSize(7)
    .text(more + caution, left, bottom + 4, { width });
}
