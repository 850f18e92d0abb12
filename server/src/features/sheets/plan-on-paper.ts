/** The plan of a venue to scale on a page, black on white. */
import {
  boundsOf,
  inkOf,
  lookOf,
  namesOnPaper,
  scaleBar,
  toDrawing,
  type Point,
  type Reading,
  type Shape,
} from '@idle-satchel/core';
import type { Venue } from '@idle-satchel/core/documents';
import type { Pdf } from './paper.js';

/** Points to a metre of paper. */
const POINTS = 72 / 0.0254;
/** From so large a scale the next ones go by so much: round, and fine enough that a plan fills its page. */
const STEPS = [
  [20, 2.5],
  [50, 5],
  [200, 10],
  [500, 50],
  [2000, 250],
] as const;
const SMALLEST = 10000;
const SCALES = STEPS.flatMap(([from, step], i) => {
  const to = STEPS[i + 1]?.[0] ?? SMALLEST + 1;
  return Array.from({ length: Math.ceil((to - from) / step) }, (_, n) => from + n * step);
});

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Where on the page a place of the venue lies, pt. */
export type OnPage = (place: Point) => [number, number];

export interface DrawnPlan {
  readonly at: OnPage;
  /** Where on the page the middle of the name of each thing that stands there goes. */
  readonly names: ReadonlyMap<string, [number, number]>;
}

/** Something that is drawn onto the plan, with sizes in pt. */
export interface Stand {
  readonly key: string;
  readonly label: string;
  readonly at: Point;
  readonly radius: number;
  readonly letters: number;
}

/** The largest scale, 1 to so many, of those that are usual at which an outline, m, fits into a box, pt. */
export function scaleFor(outline: readonly Point[], width: number, height: number): number {
  const { min, max } = boundsOf(outline);
  const fits = (scale: number): boolean =>
    ((max[0] - min[0]) / scale) * POINTS <= width && ((max[1] - min[1]) / scale) * POINTS <= height;
  return SCALES.find(fits) ?? SMALLEST;
}

const COLOURS = { black: 'black', white: 'white', grey: '#999' } as const;

/**
 * Draws a venue into a box, at the largest usual scale that fits, in the middle of its width; gives where on the page
 * its places lie, and room for the names of what is to be drawn onto it.
 */
export function drawPlan(
  pdf: Pdf,
  venue: Venue,
  reading: Reading,
  { left, top, width, height }: Box,
  stands: readonly Stand[] = [],
): DrawnPlan {
  const scale = scaleFor(venue.outline, width, height);
  const perMetre = POINTS / scale;
  const { min, max } = boundsOf(venue.outline);
  const inset = (width - (max[0] - min[0]) * perMetre) / 2;
  const at = ([x, y]: Point): [number, number] => [
    left + inset + (x - min[0]) * perMetre,
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
  const onPaper = stands.map(({ radius, letters, ...stand }) => ({
    ...stand,
    radius: radius / POINTS,
    letters: letters / POINTS,
  }));
  const names = namesOnPaper(venue, scale, reading, onPaper);
  for (const { text, size, upright, bold, ...name } of names.ground) {
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
  return { at, names: new Map([...names.stands].map(([key, place]) => [key, at(place)])) };
}
