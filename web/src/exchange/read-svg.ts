/** Reading an SVG file: its paths, lines, rectangles and circles by group. Nothing in it is ever run or fetched. */
import { MOST_SHAPES, type Point, type Shape } from '@idle-satchel/core';
import { SaxesParser } from 'saxes';
import svgpath from 'svgpath';
import type { ReadDrawing } from './read-dxf.js';
import { Refusal } from './refusal.js';

/** a c e / b d f of an SVG transform. */
type Matrix = readonly [number, number, number, number, number, number];
const SAME: Matrix = [1, 0, 0, 1, 0, 0];
const times = (m: Matrix, n: Matrix): Matrix => [
  m[0] * n[0] + m[2] * n[1],
  m[1] * n[0] + m[3] * n[1],
  m[0] * n[2] + m[2] * n[3],
  m[1] * n[2] + m[3] * n[3],
  m[0] * n[4] + m[2] * n[5] + m[4],
  m[1] * n[4] + m[3] * n[5] + m[5],
];

interface Level {
  readonly matrix: Matrix;
  readonly layer: string;
  /** Inside definitions nothing is drawn. */
  readonly hidden: boolean;
  /** First point of what the element draws: a title inside it is its name. */
  readonly first?: Point | undefined;
}

const HIDDEN: ReadonlySet<string> = new Set([
  'defs',
  'clipPath',
  'mask',
  'pattern',
  'symbol',
  'marker',
  'metadata',
]);
const REFUSED: ReadonlySet<string> = new Set(['script', 'foreignObject', 'iframe', 'handler']);
const DEEPEST = 64;

/** Throws `Refusal` for what is no SVG, has a script or entities of its own, or is too much. */
export function readSvg(text: string): ReadDrawing {
  // An entity of its own can stand for any amount of text, or for another file.
  if (/<!ENTITY/i.test(text))
    throw new Refusal('This SVG file defines entities of its own; save it as plain SVG.');
  const found: Shape[] = [];
  const levels: Level[] = [{ matrix: SAME, layer: 'SVG', hidden: false }];
  let unit: number | undefined;
  let label: { readonly at: Point; readonly layer: string; text: string } | undefined;
  const keep = (shape: Shape): void => {
    if (shape.points.length === 0 || !shape.points.flat().every(Number.isFinite)) return;
    if (found.push(shape) > MOST_SHAPES) {
      throw new Refusal(
        `This drawing has more than ${MOST_SHAPES.toLocaleString('en-GB')} shapes; keep only the plan of the room.`,
      );
    }
  };
  const parser = new SaxesParser<{ xmlns: false }>({ xmlns: false });
  parser.on('error', error => {
    throw new Refusal(`This is not an SVG file that can be read: ${error.message.slice(0, 200)}.`);
  });
  parser.on('opentag', ({ name: qualified, attributes }) => {
    const name = qualified.replace(/^.*:/, '');
    if (REFUSED.has(name) || Object.keys(attributes).some(key => /^on/i.test(key))) {
      throw new Refusal('This SVG file has a script in it; save it as plain SVG.');
    }
    if (levels.length > DEEPEST) throw new Refusal(`This SVG file has groups more than ${DEEPEST} deep.`);
    const above = levels.at(-1) as Level;
    if (levels.length === 1) {
      if (name !== 'svg') throw new Refusal('This is not an SVG file.');
      unit = unitOf(attributes);
    }
    const matrix = times(above.matrix, matrixOf(attributes.transform));
    const named = name === 'g' ? (attributes['inkscape:label'] ?? attributes.id) : undefined;
    const shapes = above.hidden || HIDDEN.has(name) ? [] : shapesOf(name, attributes, matrix);
    const level: Level = {
      first: shapes[0]?.points[0],
      matrix,
      layer: named?.slice(0, 60) ?? above.layer,
      hidden: above.hidden || HIDDEN.has(name),
    };
    levels.push(level);
    if (level.hidden) return;
    if (name === 'text')
      label = {
        at: placed([numberOf(attributes.x), numberOf(attributes.y)], matrix),
        layer: level.layer,
        text: '',
      };
    if (name === 'title' && above.first) label = { at: above.first, layer: level.layer, text: '' };
    for (const shape of shapes) keep({ layer: level.layer, ...shape });
  });
  parser.on('text', part => {
    if (label && label.text.length < 200) label.text += part;
  });
  parser.on('closetag', ({ name }) => {
    levels.pop();
    if ((name !== 'text' && name !== 'title') || !label) return;
    keep({ layer: label.layer, kind: 'text', points: [label.at], closed: false, text: label.text.trim() });
    label = undefined;
  });
  parser.write(text).close();
  if (found.length === 0) throw new Refusal('There is nothing in this SVG file that can be drawn.');
  return { drawing: { shapes: found }, unit };
}

const numberOf = (text: string | undefined): number => Number.parseFloat(text ?? '0') || 0;
const placed = ([x, y]: Point, m: Matrix): Point => [m[0] * x + m[2] * y + m[4], m[1] * x + m[3] * y + m[5]];

const LENGTHS: Readonly<Record<string, number>> = { mm: 0.001, cm: 0.01, m: 1, in: 0.0254, pt: 0.0254 / 72 };

/** Metres on paper to a unit of the drawing, where its width is given in a length; a plan is drawn to some scale of that. */
function unitOf({
  width = '',
  viewBox = '',
  'data-metres-per-unit': own = '',
}: Readonly<Record<string, string>>): number | undefined {
  if (Number(own) > 0) return Number(own);
  const [, digits, name = ''] = /^([\d.]+)\s*([a-z]+)$/i.exec(width.trim()) ?? [];
  const across = Number(viewBox.trim().split(/[\s,]+/)[2]);
  const metres = LENGTHS[name.toLowerCase()];
  return digits && metres && across > 0 ? (Number(digits) * metres) / across : undefined;
}

/** A list of transforms as one matrix; what is not understood changes nothing. */
function matrixOf(text = ''): Matrix {
  let matrix = SAME;
  for (const [, name, list = ''] of text.matchAll(/(\w+)\s*\(([^)]*)\)/g)) {
    const n = list
      .trim()
      .split(/[\s,]+/)
      .map(Number);
    const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = n;
    const [cos, sin] = [Math.cos((a * Math.PI) / 180), Math.sin((a * Math.PI) / 180)];
    const next: Matrix =
      name === 'matrix'
        ? [a, b, c, d, e, f]
        : name === 'translate'
          ? [1, 0, 0, 1, a, b]
          : name === 'scale'
            ? [a, 0, 0, n.length > 1 ? b : a, 0, 0]
            : name === 'rotate'
              ? [cos, sin, -sin, cos, b - b * cos + c * sin, c - b * sin - c * cos]
              : SAME;
    matrix = times(matrix, next);
  }
  return matrix;
}

type Bare = Omit<Shape, 'layer'>;

function shapesOf(name: string, at: Readonly<Record<string, string>>, m: Matrix): Bare[] {
  const path = (points: readonly Point[], closed: boolean): Bare[] =>
    points.length > 1 ? [{ kind: 'path', points: points.map(point => placed(point, m)), closed }] : [];
  const [x, y, width, height] = [at.x, at.y, at.width, at.height].map(numberOf) as [
    number,
    number,
    number,
    number,
  ];
  switch (name) {
    case 'path':
      return pathPoints(at.d ?? '').flatMap(({ points, closed }) => path(points, closed));
    case 'line':
      return path(
        [
          [numberOf(at.x1), numberOf(at.y1)],
          [numberOf(at.x2), numberOf(at.y2)],
        ],
        false,
      );
    case 'polyline':
    case 'polygon': {
      const list = (at.points ?? '')
        .trim()
        .split(/[\s,]+/)
        .map(Number);
      const points = Array.from({ length: Math.floor(list.length / 2) }, (_, i): Point => [
        list[2 * i] ?? 0,
        list[2 * i + 1] ?? 0,
      ]);
      return path(points, name === 'polygon');
    }
    case 'rect':
      return width > 0 && height > 0
        ? path(
            [
              [x, y],
              [x + width, y],
              [x + width, y + height],
              [x, y + height],
            ],
            true,
          )
        : [];
    case 'circle': {
      const radius = numberOf(at.r) * Math.sqrt(Math.abs(m[0] * m[3] - m[1] * m[2]));
      const middle = placed([numberOf(at.cx), numberOf(at.cy)], m);
      return radius > 0 ? [{ kind: 'circle', points: [middle], closed: true, radius }] : [];
    }
    case 'ellipse': {
      const [cx, cy, rx, ry] = [at.cx, at.cy, at.rx, at.ry].map(numberOf) as [number, number, number, number];
      return path(
        Array.from({ length: 36 }, (_, i): Point => [
          cx + rx * Math.cos((i * Math.PI) / 18),
          cy + ry * Math.sin((i * Math.PI) / 18),
        ]),
        true,
      );
    }
    default:
      return [];
  }
}

/** Chords to a Bézier curve. */
const CHORDS = 16;
const LONGEST_PATH = 400_000;

/** The pieces of an SVG path as points: arcs and curves as chords. */
function pathPoints(d: string): { points: Point[]; closed: boolean }[] {
  if (d.length > LONGEST_PATH) throw new Refusal('This SVG file has a path that is too long to be a wall.');
  const pieces: { points: Point[]; closed: boolean }[] = [];
  let piece: { points: Point[]; closed: boolean } | undefined;
  svgpath(d)
    .abs()
    .unarc()
    .unshort()
    .iterate((segment, _, x, y) => {
      const [command, ...n] = segment as [string, ...number[]];
      const curve = (of: (t: number) => Point): void => {
        for (let i = 1; i <= CHORDS; i++) piece?.points.push(of(i / CHORDS));
      };
      if (command === 'M') pieces.push((piece = { points: [[n[0] ?? 0, n[1] ?? 0]], closed: false }));
      else if (command === 'L') piece?.points.push([n[0] ?? 0, n[1] ?? 0]);
      else if (command === 'H') piece?.points.push([n[0] ?? 0, y]);
      else if (command === 'V') piece?.points.push([x, n[0] ?? 0]);
      else if (command === 'Z' || command === 'z') {
        if (piece) piece.closed = true;
      } else if (command === 'Q') {
        const [bx = 0, by = 0, cx = 0, cy = 0] = n;
        curve(t => [
          (1 - t) ** 2 * x + 2 * t * (1 - t) * bx + t * t * cx,
          (1 - t) ** 2 * y + 2 * t * (1 - t) * by + t * t * cy,
        ]);
      } else if (command === 'C') {
        const [bx = 0, by = 0, cx = 0, cy = 0, dx = 0, dy = 0] = n;
        const at = (t: number, a: number, b: number, c: number, e: number): number =>
          (1 - t) ** 3 * a + 3 * t * (1 - t) ** 2 * b + 3 * t * t * (1 - t) * c + t ** 3 * e;
        curve(t => [at(t, x, bx, cx, dx), at(t, y, by, cy, dy)]);
      }
    });
  return pieces;
}
