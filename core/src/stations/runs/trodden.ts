/** Where leads lie, in squares of half a metre: what they share, and how much floor they cover together. */
import { distance, type Point } from '../../foundations/index.js';
import type { RunResult } from './index.js';

/** Side of a square, m: leads as near as this to each other count as lying together. */
export const SQUARE = 0.5;
const STRIDE = 1 << 13;
const HALF = STRIDE / 2;

const keyOf = (column: number, row: number): number => (row + HALF) * STRIDE + column + HALF;

/** The squares that a lead lies in, sorted, and the same with those around them. */
export interface Squares {
  readonly own: Int32Array;
  readonly around: Int32Array;
  /** Length in each of its own squares, m. */
  readonly lengths: ReadonlyMap<number, number>;
}

/** Calls `visit` for every stretch of at most `step` metres that lies on a floor. */
export function alongFloor(
  { points, aloft }: Pick<RunResult, 'points' | 'aloft'>,
  step: number,
  visit: (middle: Point, length: number, direction: Point, segment: number) => void,
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
      visit([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t], length / count, direction, i - 1);
    }
  }
}

/** The square of a point. */
export const squareOf = ([x, y]: Point): number => keyOf(Math.floor(x / SQUARE), Math.floor(y / SQUARE));

/** The squares of one lead. */
export function squaresOf(run: Pick<RunResult, 'points' | 'aloft'>): Squares {
  const lengths = new Map<number, number>();
  const around = new Set<number>();
  alongFloor(run, SQUARE / 2, ([x, y], length) => {
    const [column, row] = [Math.floor(x / SQUARE), Math.floor(y / SQUARE)];
    const key = keyOf(column, row);
    lengths.set(key, (lengths.get(key) ?? 0) + length);
    for (let r = row - 1; r <= row + 1; r++)
      for (let c = column - 1; c <= column + 1; c++) around.add(keyOf(c, r));
  });
  return {
    own: Int32Array.from(lengths.keys()).sort(),
    around: Int32Array.from(around).sort(),
    lengths,
  };
}

/** Length of one lead that lies beside another, m. */
export function shared(a: Squares, b: Squares): number {
  let [i, k, sum] = [0, 0, 0];
  while (i < a.own.length && k < b.around.length) {
    const [left, right] = [a.own[i] as number, b.around[k] as number];
    if (left === right) sum += a.lengths.get(left) ?? 0;
    if (left <= right) i++;
    if (right <= left) k++;
  }
  return sum;
}
