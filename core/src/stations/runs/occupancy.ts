/** Where leads lie, in squares of half a metre: what they share, and how much floor they cover together. */
import { distance, type Point } from '../../foundations/index.js';
import type { RunResult } from './result.js';

/** Side of a square, m: leads as near as this to each other count as lying together. */
export const SQUARE = 0.5;
const STRIDE = 1 << 13;
const HALF = STRIDE / 2;

/** Floors as far apart as this are storeys: what lies on a gallery does not lie beside what is under it, m. */
const STOREY = 2;

const keyOf = (column: number, row: number, floor: number): number =>
  (Math.round(floor / STOREY) * STRIDE + row + HALF) * STRIDE + column + HALF;

/** The squares that a lead lies in, with its length in each, m; and the same with those around them. */
export interface Squares {
  readonly lengths: ReadonlyMap<number, number>;
  readonly around: ReadonlySet<number>;
}

/** Calls `visit` for every stretch of at most `step` metres that lies on a floor. */
export function alongFloor(
  { points, floors, aloft }: Pick<RunResult, 'points' | 'floors' | 'aloft'>,
  step: number,
  visit: (middle: Point, length: number, direction: Point, floor: number) => void,
): void {
  for (let i = 1; i < points.length; i++) {
    if (aloft.has(i - 1)) continue;
    const [a, b] = [points[i - 1] as Point, points[i] as Point];
    const length = distance(a, b);
    const count = Math.max(1, Math.ceil(length / step));
    if (length === 0) continue;
    const direction: Point = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
    for (let k = 0; k < count; k++) {
      const t = (k + 0.5) / count;
      visit([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t], length / count, direction, floors[i] ?? 0);
    }
  }
}

/** The square of a point on a floor. */
export const squareOf = ([x, y]: Point, floor: number): number =>
  keyOf(Math.floor(x / SQUARE), Math.floor(y / SQUARE), floor);

/** The squares of one lead. */
export function squaresOf(run: Pick<RunResult, 'points' | 'floors' | 'aloft'>): Squares {
  const lengths = new Map<number, number>();
  const around = new Set<number>();
  alongFloor(run, SQUARE / 2, ([x, y], length, _direction, floor) => {
    const [column, row] = [Math.floor(x / SQUARE), Math.floor(y / SQUARE)];
    const key = keyOf(column, row, floor);
    lengths.set(key, (lengths.get(key) ?? 0) + length);
    for (let r = row - 1; r <= row + 1; r++)
      for (let c = column - 1; c <= column + 1; c++) around.add(keyOf(c, r, floor));
  });
  return { lengths, around };
}

/** Every two leads that lie on the floor, by both their ids. */
export function* pairsOf(
  squares: Readonly<Record<string, Squares>>,
): Generator<[pair: string, of: { readonly a: Squares; readonly b: Squares }]> {
  const all = Object.entries(squares);
  for (let i = 0; i < all.length; i++) {
    const [id, a] = all[i] as [string, Squares];
    for (let j = i + 1; j < all.length; j++) {
      const [other, b] = all[j] as [string, Squares];
      yield [pairOf(id, other), { a, b }];
    }
  }
}

export const pairOf = (id: string, other: string): string => `${id} ${other}`;

/** Length of two leads that lies beside the other, of both the less, m. */
export const sharedBoth = (_: string, { a, b }: { readonly a: Squares; readonly b: Squares }): number =>
  Math.min(shared(a, b), shared(b, a));

function shared(a: Squares, b: Squares): number {
  let sum = 0;
  for (const [square, length] of a.lengths) if (b.around.has(square)) sum += length;
  return sum;
}
