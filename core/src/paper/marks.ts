/** Marks on paper, black on white: what an SVG, a PDF and a drawing for other programs are made from. In pixels, y down. */
import type { Drawing, Shape } from '../exchange/drawing.js';
import type { Point } from '../foundations/index.js';

export type PaperMark =
  | {
      readonly mark: 'rect';
      readonly at: Point;
      readonly width: number;
      readonly height: number;
      readonly dash: readonly number[];
      readonly fill: 'white' | 'shade';
    }
  | { readonly mark: 'line'; readonly points: readonly Point[]; readonly dash: readonly number[] }
  | { readonly mark: 'dot'; readonly at: Point; readonly open: boolean }
  | { readonly mark: 'path'; readonly at: Point; readonly d: string }
  | {
      readonly mark: 'text';
      readonly at: Point;
      readonly text: string;
      readonly size: number;
      readonly bold: boolean;
      readonly anchor: 'start' | 'middle' | 'end';
    };

const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const escaped = (words: string): string =>
  words
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, ' ')
    .replace(/[&<>"]/g, sign => ENTITIES[sign] ?? sign);
const number = (value: number): string => String(Math.round(value * 100) / 100 + 0);

/** Marks as an SVG picture, in pixels. */
export function marksSvg(marks: readonly PaperMark[], title: string, width: number, height: number): string {
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${number(width)}" height="${number(height)}" viewBox="0 0 ${number(width)} ${number(height)}" font-family="sans-serif">`,
    `<title>${escaped(title)}</title><rect width="100%" height="100%" fill="white"/>`,
    ...marks.map(elementOf),
    '</svg>',
    '',
  ].join('\n');
}

function elementOf(mark: PaperMark): string {
  const dash = 'dash' in mark && mark.dash.length > 0 ? ` stroke-dasharray="${mark.dash.join(' ')}"` : '';
  switch (mark.mark) {
    case 'rect':
      return `<rect x="${number(mark.at[0])}" y="${number(mark.at[1])}" width="${number(mark.width)}" height="${number(mark.height)}" fill="${mark.fill === 'white' ? 'white' : '#f2f2f2'}" stroke="black"${dash}/>`;
    case 'line':
      return `<polyline points="${mark.points.map(point => point.map(number).join(',')).join(' ')}" fill="none" stroke="black" stroke-width="1.3"${dash}/>`;
    case 'dot':
      return `<circle cx="${number(mark.at[0])}" cy="${number(mark.at[1])}" r="3" fill="${mark.open ? 'white' : 'black'}" stroke="black"/>`;
    case 'path':
      return `<path d="${mark.d}" transform="translate(${mark.at.map(number).join(' ')}) scale(0.8)" fill="none" stroke="black" stroke-width="0.9"/>`;
    case 'text':
      return `<text x="${number(mark.at[0])}" y="${number(mark.at[1])}" font-size="${mark.size}" text-anchor="${mark.anchor}"${mark.bold ? ' font-weight="bold"' : ''}>${escaped(mark.text)}</text>`;
  }
}

const RADIUS = 3;
/** Usual width of a letter, and height of a capital, of the size of the lettering. */
const LETTER = 0.5;
const CAPITALS = 0.7;
const INK_LAYER = 'outlines';
const WORD_LAYER = 'words';

/** Marks as a drawing in metres, of which so many pixels make one. A path, which is a sign, is left out. */
export const marksDrawing = (marks: readonly PaperMark[], perMetre: number): Drawing => ({
  shapes: marks.flatMap((mark): Shape[] => {
    const m = ([x, y]: Point): Point => [x / perMetre, y / perMetre];
    switch (mark.mark) {
      case 'rect': {
        const [x, y] = mark.at;
        const [right, bottom] = [x + mark.width, y + mark.height];
        const points = (
          [
            [x, y],
            [right, y],
            [right, bottom],
            [x, bottom],
          ] as const
        ).map(m);
        return [{ layer: INK_LAYER, kind: 'path', points, closed: true }];
      }
      case 'line':
        return [{ layer: INK_LAYER, kind: 'path', points: mark.points.map(m), closed: false }];
      case 'dot':
        return [
          { layer: INK_LAYER, kind: 'circle', points: [m(mark.at)], closed: true, radius: RADIUS / perMetre },
        ];
      case 'text': {
        const { text, size, anchor } = mark;
        const share = anchor === 'start' ? 0 : anchor === 'middle' ? 0.5 : 1;
        const [x, y] = mark.at;
        const at = m([x - share * text.length * size * LETTER, y]);
        return [
          {
            layer: WORD_LAYER,
            kind: 'text',
            points: [at],
            closed: false,
            text,
            letters: (size * CAPITALS) / perMetre,
          },
        ];
      }
      case 'path':
        return [];
    }
  }),
});
