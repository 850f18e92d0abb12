/** People and gear as flat boards square to the way a camera looks: their outline is all that a viewfinder needs. */
import { polar, type Point } from '../foundations/index.js';
import type { Face, Place3, Substance } from './face.js';
import type { Body } from './room-in-space.js';

/** Corners across (right of the middle) and up, m. */
type Shape = readonly (readonly [number, number])[];

const HEAD_HEIGHT = 0.24;
const HEAD_WIDTH = 0.17;
const SHOULDERS = 0.46;

/** A head as an octagon under its top. */
function headShape(top: number): Shape {
  const [rx, ry] = [HEAD_WIDTH / 2, HEAD_HEIGHT / 2];
  return Array.from({ length: 8 }, (_, i): readonly [number, number] => {
    const turn = ((i + 0.5) * Math.PI) / 4;
    return [
      (Math.cos(turn) * rx) / Math.cos(Math.PI / 8),
      top - ry + (Math.sin(turn) * ry) / Math.cos(Math.PI / 8),
    ];
  });
}

/** Half a body from the middle of the neck down to the feet: how far aside, and how far under the chin, m. */
const HALF_BODY: Shape = [
  [0.065, -0.03],
  [0.075, 0.05],
  [SHOULDERS * 0.4, 0.1],
  [SHOULDERS * 0.5, 0.22],
  [SHOULDERS * 0.5, 0.55],
  [SHOULDERS * 0.42, 0.8],
];

/** Neck and shoulders down to the feet. */
function bodyShape(floor: number, top: number): Shape {
  const chin = top - HEAD_HEIGHT;
  const side = HALF_BODY.map(([across, under]) => [across, Math.max(floor, chin - under)] as const);
  const right: Shape = [...side, [SHOULDERS * 0.38, floor]];
  return [...right, ...right.map(([across, up]) => [-across, up] as const).reverse()];
}

/** Turns shapes into faces at a place of the plan; they lie along a direction. */
function board(what: Substance, of: string, at: Point, along: number, shapes: readonly Shape[]): Face[] {
  return shapes.map(shape => ({
    what,
    of,
    corners: shape.map(([across, up]): Place3 => [...polar(at, along, across), up]),
    edges: shape.map(() => true),
  }));
}

/** A person as head and body. */
export const personBoards = ({ of, at, floor, head }: Body, aim: number): Face[] =>
  board('person', of, at, aim + 90, [bodyShape(floor, head), headShape(head)]);

export interface Stand {
  readonly of: string;
  readonly at: Point;
  readonly floor: number;
  /** Height of what it carries, m above the zero level. */
  readonly top: number;
}

/** A camera or another thing on its stand: two legs and a box. */
export function standBoards({ of, at, floor, top }: Stand, aim: number): Face[] {
  const knee = Math.max(floor, top - 0.12);
  return board('gear', of, at, aim + 90, [
    [
      [-0.42, floor],
      [-0.36, floor],
      [0.03, knee],
      [-0.03, knee],
    ],
    [
      [0.36, floor],
      [0.42, floor],
      [0.03, knee],
      [-0.03, knee],
    ],
    [
      [-0.14, knee],
      [0.14, knee],
      [0.14, top + 0.08],
      [-0.14, top + 0.08],
    ],
  ]);
}

/** A pole, an arm or something flat on its table: a plain board along a direction. */
export function plainBoards(
  { of, at, floor, top, width }: Stand & { readonly width: number },
  along: number,
): Face[] {
  const half = width / 2;
  return board('gear', of, at, along, [
    [
      [-half, floor],
      [half, floor],
      [half, top],
      [-half, top],
    ],
  ]);
}
