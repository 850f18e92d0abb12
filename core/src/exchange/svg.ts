/** A venue as an SVG picture to scale: black on white, told by line, hatch and word. */
import type { Venue } from '../documents/index.js';
import { boundsOf, type Point, type Reading } from '../foundations/index.js';
import { scaleBar } from '../plan-picture/index.js';
import { layersOf, type Shape } from './drawing.js';
import { inkOf, namesOnPaper, type Ink, type WrittenName } from './ink.js';
import { toDrawing } from './to-drawing.js';
import { lookOf } from './look.js';

/** Room around the walls, m on the paper. */
const MARGIN = 0.015;
/** Height of letters, m on the paper. */
const LETTERS = 0.0026;

const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const escaped = (text: string): string =>
  text
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, ' ')
    .replace(/[&<>"]/g, sign => ENTITIES[sign] ?? sign);
const number = (value: number): string => String(Math.round(value * 1e4) / 1e4 + 0);
const list = (points: readonly Point[]): string =>
  points.map(([x, y]) => `${number(x)},${number(y)}`).join(' ');

/** Size of the picture of a venue at a scale of 1 to so many, m on the paper. */
export function paperOf(
  { outline }: Pick<Venue, 'outline'>,
  scale: number,
): { width: number; height: number } {
  const { min, max } = boundsOf(outline);
  return {
    width: (max[0] - min[0]) / scale + 2 * MARGIN,
    height: (max[1] - min[1]) / scale + 2 * MARGIN + 0.01,
  };
}

/** The venue at a scale of 1 to so many, in metres; each kind of part is a group of its own. */
export function svgOf(venue: Venue, scale: number, reading: Reading): string {
  const drawing = toDrawing(venue);
  const { min, max } = boundsOf(venue.outline);
  const { width, height } = paperOf(venue, scale);
  const [x, y] = [min[0] - MARGIN * scale, min[1] - MARGIN * scale];
  const letters = LETTERS * scale;
  const groups = layersOf(drawing).map(({ name }) => {
    const shapes = drawing.shapes.filter(shape => shape.layer === name && shape.kind !== 'text');
    const { stroke, dash, fill } = lookOf(name);
    const style = [
      `fill="${fill === 'hatch' ? 'url(#hatch)' : (fill ?? 'none')}" stroke="black" stroke-width="${number(stroke * scale)}"`,
      ...(dash ? [`stroke-dasharray="${dash.map(part => number(part * scale)).join(' ')}"`] : []),
    ];
    return `<g id="${escaped(name)}" ${style.join(' ')}>${shapes.map(elementOf).join('')}</g>`;
  });
  const bar = scaleBar(reading);
  const below = max[1] + 0.009 * scale;
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${number(width * 1000)}mm" height="${number(height * 1000)}mm"`,
    ` viewBox="${[x, y, width * scale, height * scale].map(number).join(' ')}" data-metres-per-unit="1">`,
    `<title>${escaped(venue.name)}, 1 : ${scale}</title>`,
    `<defs><pattern id="hatch" width="${number(0.0025 * scale)}" height="${number(0.0025 * scale)}" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">`,
    `<line y2="${number(0.0025 * scale)}" stroke="#777" stroke-width="${number(0.0003 * scale)}"/></pattern></defs>`,
    `<rect id="PAPER" x="${number(x)}" y="${number(y)}" width="${number(width * scale)}" height="${number(height * scale)}" fill="white"/>`,
    ...groups,
    `<g id="SIGNS" stroke-linejoin="round">${inkOf(venue, scale)
      .map(ink => pathOf(ink, scale))
      .join('')}</g>`,
    `<g id="NAMES" fill="black" stroke="white" stroke-width="${number(0.0008 * scale)}" stroke-linejoin="round" paint-order="stroke" font-family="sans-serif" text-anchor="middle">${namesOnPaper(venue, scale, reading).ground.map(nameOf).join('')}</g>`,
    `<g id="SCALE" fill="black" font-family="sans-serif" font-size="${number(letters)}">`,
    `<path d="M${number(min[0])} ${number(below)}h${number(bar.metres)}" stroke="black" stroke-width="${number(0.0004 * scale)}"/>`,
    `<text x="${number(min[0])}" y="${number(below + letters * 1.4)}">${bar.words} · 1 : ${scale} · ${escaped(venue.name)}</text></g>`,
    '</svg>',
    '',
  ].join('\n');
}

/** A shape with its name as its title: drawn elsewhere, where there is room. */
function elementOf({ kind, points, closed, radius = 0, text }: Shape): string {
  const [[x, y] = [0, 0] as Point] = points;
  const title = text ? `<title>${escaped(text)}</title>` : '';
  switch (kind) {
    case 'path': {
      const tag = closed ? 'polygon' : 'polyline';
      return `<${tag} points="${list(points)}">${title}</${tag}>`;
    }
    case 'circle':
      return `<circle cx="${number(x)}" cy="${number(y)}" r="${number(radius)}">${title}</circle>`;
    case 'point':
      return `<circle cx="${number(x)}" cy="${number(y)}" r="${POINT}" stroke="none">${title}</circle>`;
    case 'text':
      return '';
  }
}

/** Radius of the circle that stands for a point beneath its sign, m of the venue. */
const POINT = 0.01;

const COLOURS = { black: 'black', white: 'white', grey: '#777' } as const;

function pathOf({ d, at, unit, stroke, colour, fill }: Ink, scale: number): string {
  const moved =
    unit === 1 ? '' : ` transform="translate(${number(at[0])} ${number(at[1])}) scale(${number(unit)})"`;
  const line =
    stroke === undefined
      ? ''
      : ` stroke="${COLOURS[colour]}" stroke-width="${number((stroke * scale) / unit)}"`;
  return `<path d="${d}" fill="${fill ? COLOURS[fill] : 'none'}"${line}${moved}/>`;
}

function nameOf({ text, at: [x, y], size, upright, bold }: WrittenName): string {
  const turned = upright ? ` transform="rotate(-90 ${number(x)} ${number(y)})"` : '';
  return `<text x="${number(x)}" y="${number(y + size * 0.35)}" font-size="${number(size)}"${bold ? ' font-weight="bold"' : ''}${turned}>${escaped(text)}</text>`;
}
