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

/** Two leads of which a part lies beside the other: their ids, and the length of it, of both the less, m. */
export type Beside = readonly [id: string, other: string, length: number];

/**
 * Every two leads that lie beside each other anywhere, once each, in order. They are found by the squares that they
 * share, so that what lies apart costs nothing.
 */
export function* lyingBeside(squares: Readonly<Record<string, Squares>>): Generator<Beside> {
  const all = Object.entries(squares);
  const inside = indexOf(all, ({ lengths }) => lengths.keys());
  const near = indexOf(all, ({ around }) => around);
  // Of the lead at hand the part that lies beside each other one, and of each other one the part beside it.
  const [own, theirs] = [new Float64Array(all.length), new Float64Array(all.length)];
  for (const [i, [id, { lengths, around }]] of all.entries()) {
    for (const [square, length] of lengths) {
      for (const other of near.get(square) ?? []) if (other > i) own[other] = (own[other] as number) + length;
    }
    const met: number[] = [];
    for (const square of around) {
      for (const other of inside.get(square) ?? []) {
        if (other <= i) continue;
        if (theirs[other] === 0) met.push(other);
        theirs[other] = (theirs[other] as number) + (all[other]?.[1].lengths.get(square) as number);
      }
    }
    met.sort((a, b) => a - b);
    for (const other of met) {
      yield [id, all[other]?.[0] as string, Math.min(own[other] as number, theirs[other] as number)];
    }
    own.fill(0, i);
    theirs.fill(0, i);
  }
}

/** Which leads have a square, by their places in a list. */
function indexOf(
  all: readonly (readonly [string, Squares])[],
  of: (squares: Squares) => Iterable<number>,
): ReadonlyMap<number, readonly number[]> {
  const index = new Map<number, number[]>();
  for (const [i, [, squares]] of all.entries()) {
    for (const square of of(squares)) {
      const there = index.get(square);
      if (there) there.push(i);
      else index.set(square, [i]);
    }
  }
  return index;
}
