/** The schematic as marks on paper. */
import type { Kind } from '../documents/index.js';
import type { MapOf, Point } from '../foundations/index.js';
import type { PaperMark } from '../paper/marks.js';
import { BOX, FACE_SCALE, NAME_BASE, TAPE } from './box.js';
import { FACE, faceOf } from './face.js';
import type { SchematicGraph } from './graph.js';
import { nudgedWay, type DrawnSchematic } from './layout.js';
import { PATTERNS } from './patterns.js';

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
