/** The schematic as marks on paper, black on white: what its SVG and its PDF both draw. */
import type { Kind } from '../documents/index.js';
import type { MapOf, Point } from '../foundations/index.js';
import { BOX, FACE_SCALE, NAME_BASE, TAPE } from './box.js';
import { FACE, faceOf } from './face.js';
import type { SchematicGraph } from './graph.js';
import { nudgedWay, type DrawnSchematic } from './layout.js';
import { PATTERNS } from './patterns.js';

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

/** Letters on paper: a little smaller than on the screen, for alphabets that are wider than ours. */
const ON_PAPER = { name: 11.5, kind: 10, pin: 10.5, tape: 10 } as const;

/** Everything that is drawn, in the order in which it is drawn. */
export function schematicMarks(
  { groups, boxes, wires }: SchematicGraph,
  drawn: DrawnSchematic,
  kinds: MapOf<Kind>,
  kindOf: (box: string) => string | undefined,
): PaperMark[] {
  const nudges = new Map(boxes.map(({ id, nudge }) => [id, nudge] as const));
  const text = (
    at: Point,
    words: string,
    size: number,
    more: { bold?: boolean; anchor?: 'middle' | 'end' } = {},
  ): PaperMark => ({
    mark: 'text',
    at,
    text: words,
    size,
    bold: more.bold ?? false,
    anchor: more.anchor ?? 'start',
  });
  return [
    ...groups.flatMap(({ id, label }): PaperMark[] => {
      const frame = drawn.groups.get(id);
      if (!frame) return [];
      const { x, y, width, height } = frame;
      return [
        { mark: 'rect', at: [x, y], width, height, dash: [4, 3], fill: 'shade' },
        text([x + 8, y + 18], label, 13, { bold: true }),
      ];
    }),
    ...wires.flatMap(({ id, from, to, carries, tape }): PaperMark[] => {
      const points = nudgedWay(drawn.wires.get(id) ?? [], nudges.get(from.box), nudges.get(to.box));
      const [[x, y] = [0, 0]] = points;
      if (points.length === 0) return [];
      return [
        { mark: 'line', points, dash: PATTERNS[carries] },
        ...(tape === ''
          ? []
          : [
              {
                mark: 'rect' as const,
                at: [x + TAPE.gap, y - TAPE.height / 2] as Point,
                dash: [],
                width: TAPE.width,
                height: TAPE.height,
                fill: 'white' as const,
              },
              text([x + TAPE.gap + TAPE.width / 2, y + 4], tape, ON_PAPER.tape, {
                bold: true,
                anchor: 'middle',
              }),
            ]),
      ];
    }),
    ...boxes.flatMap((box): PaperMark[] => {
      const frame = drawn.boxes.get(box.id);
      if (!frame) return [];
      const [x, y] = [frame.x + (box.nudge?.[0] ?? 0), frame.y + (box.nudge?.[1] ?? 0)];
      const kind = kinds[kindOf(box.id) ?? ''];
      const face = kind && box.faced ? faceOf(kind) : undefined;
      return [
        {
          mark: 'rect',
          at: [x, y],
          width: box.width,
          height: box.height,
          dash: box.house ? [6, 3] : [],
          fill: 'white',
        },
        text([x + BOX.edge, y + NAME_BASE], box.label, ON_PAPER.name, { bold: true }),
        ...box.kindLines.map(line => text([x + BOX.edge, y + line.y], line.text, ON_PAPER.kind)),
        ...(face
          ? [
              {
                mark: 'path' as const,
                at: [x + box.width - FACE.width * FACE_SCALE - 5, y + 3] as Point,
                d: `${face.body}${face.sockets}`,
              },
            ]
          : []),
        ...box.pins.flatMap((pin): PaperMark[] => {
          const side = pin.side === 'in' ? 0 : box.width;
          return [
            { mark: 'dot', at: [x + side, y + pin.y], open: pin.side === 'out' || !pin.used },
            text(
              [x + (pin.side === 'in' ? BOX.edge : box.width - BOX.edge), y + pin.y + 4],
              pin.label,
              ON_PAPER.pin,
              pin.side === 'in' ? {} : { anchor: 'end' },
            ),
          ];
        }),
      ];
    }),
  ];
}

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
