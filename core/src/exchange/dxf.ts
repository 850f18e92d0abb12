/** Writing a drawing as DXF (ASCII, release 2000 entities): metres, y up, one layer for each kind. */
import type { Point } from '../foundations/index.js';
import { layersOf, type Drawing, type Shape } from './drawing.js';

type Pair = readonly [code: number, value: string | number];

/** A tenth of a millimetre. */
const number = (value: number): string => (Math.round(value * 1e4) / 1e4 + 0).toFixed(4);
/** Neither line breaks nor characters that DXF would read as codes. */
const plain = (text: string): string =>
  text
    .replace(/[\r\n\0]+/g, ' ')
    .replaceAll('%%', '% %')
    .slice(0, 250);

const at = ([x, y]: Point, from = 10): Pair[] => [
  [from, number(x)],
  [from + 10, number(-y)],
  [from + 20, number(0)],
];

/** Height of lettering, m. */
const LETTERS = 0.2;

function entity({ kind, layer, points, closed, radius = 0, text = '', letters = LETTERS }: Shape): Pair[] {
  const [first = [0, 0] as Point] = points;
  const common = (type: string): Pair[] => [
    [0, type],
    [8, layer],
  ];
  switch (kind) {
    case 'point':
      return [...common('POINT'), ...at(first)];
    case 'circle':
      return [...common('CIRCLE'), ...at(first), [40, number(radius)]];
    case 'text':
      return [...common('TEXT'), ...at(first), [40, number(letters)], [1, plain(text)]];
    case 'path':
      return [
        ...common('LWPOLYLINE'),
        [90, points.length],
        [70, closed ? 1 : 0],
        ...points.flatMap(([x, y]): Pair[] => [
          [10, number(x)],
          [20, number(-y)],
        ]),
      ];
  }
}

/** The drawing as a DXF file. */
export function dxfOf(drawing: Drawing): string {
  const layers = layersOf(drawing);
  const pairs: Pair[] = [
    [0, 'SECTION'],
    [2, 'HEADER'],
    [9, '$ACADVER'],
    [1, 'AC1015'],
    // 6 = metres.
    [9, '$INSUNITS'],
    [70, 6],
    [0, 'ENDSEC'],
    [0, 'SECTION'],
    [2, 'TABLES'],
    [0, 'TABLE'],
    [2, 'LAYER'],
    [70, layers.length],
    ...layers.flatMap(({ name }): Pair[] => [
      [0, 'LAYER'],
      [2, name],
      [70, 0],
      [62, 7],
      [6, 'CONTINUOUS'],
    ]),
    [0, 'ENDTAB'],
    [0, 'ENDSEC'],
    [0, 'SECTION'],
    [2, 'ENTITIES'],
    ...drawing.shapes.flatMap(entity),
    [0, 'ENDSEC'],
    [0, 'EOF'],
  ];
  return `${pairs.map(([code, value]) => `${code}\n${value}`).join('\n')}\n`;
}
