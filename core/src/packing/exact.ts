/**
 * Whether boxes fit into a space, whatever way they are turned and put: one after the other each is turned, and set to
 * one side of each before it – left, right, before, behind, below or above – as long as the longest row along each axis
 * fits. Two boxes that do not overlap are on one such side of each other, so that no packing is missed.
 */
import type { Turn } from '../foundations/index.js';
import { turned, turnsOf, volume, type Box, type Put, type Sides } from './boxes.js';

/** More steps than this are not taken. */
const MOST = 4_000_000;

export type Fits =
  | { readonly verdict: 'fits'; readonly puts: readonly Put[] }
  | { readonly verdict: 'proven not' | 'unknown' };

/** Looks at every way. Boxes float where nothing is under them: this asks for room, not for what lies on what. */
export const exactFit = (
  boxes: readonly Pick<Box, 'sides' | 'upright'>[],
  space: Sides,
  most: number = MOST,
): Fits => new Relations(boxes, space, most).fits();

type Axis = 0 | 1 | 2;
const AXES: readonly Axis[] = [2, 0, 1];
const NONE: Sides = [0, 0, 0];
/** No row leads from one to the other. */
const APART = -1;

class Relations {
  /** The largest first. */
  private readonly order: readonly number[];
  private readonly turns: readonly (readonly Turn[])[];
  /** Sides of the boxes as they stand, in the order of the search; mm³ that they leave of the space. */
  private readonly all: readonly Sides[];
  private readonly spare: number;
  private readonly chosen: Turn[] = [];
  private readonly sides: Sides[] = [];
  /**
   * For each relation that was set, along each axis the longest row from the beginning of one box to the beginning of
   * another; the wall at the beginning is row `n`, the other one column `n`, which counts the length of the last box.
   */
  private readonly rows: Int32Array[] = [];
  private readonly across: number;
  /** By the turns of the first boxes. */
  private readonly wasted = new Map<string, boolean>();
  private steps = 0;

  constructor(
    boxes: readonly Pick<Box, 'sides' | 'upright'>[],
    private readonly space: Sides,
    private readonly most: number,
  ) {
    const size = (i: number): number => volume(boxes[i]?.sides ?? NONE);
    this.order = boxes.map((_, i) => i).sort((a, b) => size(b) - size(a));
    this.turns = this.order.map(i => {
      const box = boxes[i] as Box;
      return turnsOf(box).filter(turn =>
        turned(box.sides, turn).every((side, axis) => side <= (space[axis] ?? 0)),
      );
    });
    this.all = this.order.map(i => boxes[i]?.sides ?? NONE);
    this.spare = volume(space) - this.all.reduce((sum, sides) => sum + volume(sides), 0);
    this.across = this.order.length + 1;
  }

  fits(): Fits {
    this.rows[0] = new Int32Array(3 * this.across * this.across).fill(APART);
    const end = this.turn(0, 0);
    if (end !== undefined) return { verdict: 'fits', puts: this.puts(end) };
    return { verdict: this.steps > this.most ? 'unknown' : 'proven not' };
  }

  /** Turns box `n` every way; gives the depth at which all were set. */
  private turn(n: number, depth: number): number | undefined {
    if (n === this.order.length) return depth;
    const rows = this.rows[depth] as Int32Array;
    const wall = this.across - 1;
    for (const turn of this.turns[n] ?? []) {
      this.chosen[n] = turn;
      this.sides[n] = turned(this.all[n] ?? NONE, turn);
      if (this.wastes(n)) continue;
      for (const axis of AXES) {
        rows[this.cell(axis, n, n)] = 0;
        rows[this.cell(axis, wall, n)] = 0;
        rows[this.cell(axis, n, wall)] = this.side(n, axis);
      }
      const end = this.relate(n, depth);
      if (end !== undefined) return end;
      if (this.steps > this.most) return undefined;
    }
    for (const axis of AXES) {
      rows[this.cell(axis, n, n)] = APART;
      rows[this.cell(axis, wall, n)] = APART;
      rows[this.cell(axis, n, wall)] = APART;
    }
    return undefined;
  }

  /**
   * Sets box `n` to a side of each that it may still overlap, first of the one with the fewest sides left: where one has
   * none, this way is at its end.
   */
  private relate(n: number, depth: number): number | undefined {
    if (++this.steps > this.most) return undefined;
    let [fewest, chosen] = [7, -1];
    for (let other = 0; other < n; other++) {
      if (this.isApart(n, other, depth)) continue;
      let sides = 0;
      for (const axis of AXES) {
        if (this.mayFollow(axis, other, n, depth)) sides++;
        if (this.mayFollow(axis, n, other, depth)) sides++;
      }
      if (sides === 0) return undefined;
      if (sides < fewest) [fewest, chosen] = [sides, other];
    }
    if (chosen < 0) return this.turn(n + 1, depth);
    for (const axis of AXES) {
      for (const after of [true, false]) {
        const [low, high] = after ? [chosen, n] : [n, chosen];
        if (!this.mayFollow(axis, low, high, depth)) continue;
        // Mirrored along an axis a packing is another one: the first relation of each goes one way only.
        if (!after && this.isFree(axis, n, depth)) continue;
        this.follow(axis, low, high, depth);
        const end = this.relate(n, depth + 1);
        if (end !== undefined) return end;
        if (this.steps > this.most) return undefined;
      }
    }
    return undefined;
  }

  private cell(axis: Axis, from: number, to: number): number {
    return (axis * this.across + from) * this.across + to;
  }

  private side(i: number, axis: Axis): number {
    return this.sides[i]?.[axis] ?? 0;
  }

  /** Whether a row leads from one to the other already, so that they cannot overlap. */
  private isApart(a: number, b: number, depth: number): boolean {
    const rows = this.rows[depth] as Int32Array;
    return AXES.some(
      axis => (rows[this.cell(axis, a, b)] ?? 0) >= 0 || (rows[this.cell(axis, b, a)] ?? 0) >= 0,
    );
  }

  /** Whether the row through two boxes fits when one comes right after the other. */
  private mayFollow(axis: Axis, low: number, high: number, depth: number): boolean {
    const rows = this.rows[depth] as Int32Array;
    const wall = this.across - 1;
    const before = rows[this.cell(axis, wall, low)] ?? 0;
    const after = rows[this.cell(axis, high, wall)] ?? 0;
    return before + this.side(low, axis) + after <= this.space[axis];
  }

  /** Whether nothing was set along an axis yet. */
  private isFree(axis: Axis, last: number, depth: number): boolean {
    const rows = this.rows[depth] as Int32Array;
    for (let i = 0; i <= last; i++)
      for (let j = 0; j <= last; j++) if (i !== j && (rows[this.cell(axis, i, j)] ?? 0) >= 0) return false;
    return true;
  }

  /** One depth further, with one box after another along an axis. */
  private follow(axis: Axis, low: number, high: number, depth: number): void {
    const before = this.rows[depth] as Int32Array;
    const rows = (this.rows[depth + 1] ??= new Int32Array(before.length));
    rows.set(before);
    const own = this.side(low, axis);
    for (let from = 0; from < this.across; from++) {
      const up = before[this.cell(axis, from, low)] ?? APART;
      if (up < 0) continue;
      for (let to = 0; to < this.across; to++) {
        const on = before[this.cell(axis, high, to)] ?? APART;
        const at = this.cell(axis, from, to);
        if (on >= 0 && up + own + on > (rows[at] ?? APART)) rows[at] = up + own + on;
      }
    }
  }

  /** Whether the first `last` + 1 boxes, turned as they are, leave more empty than there is to spare. */
  private wastes(last: number): boolean {
    const key = this.chosen.slice(0, last + 1).join();
    let known = this.wasted.get(key);
    if (known === undefined) this.wasted.set(key, (known = this.wasteAtLeast(last) > this.spare + 1e-6));
    return known;
  }

  /**
   * What no packing can fill when the first `last` + 1 boxes are turned as they are, mm³. A line along an axis through a
   * box goes through others with one of their sides each; what the longest such row leaves of the space stays empty.
   */
  private wasteAtLeast(last: number): number {
    const waste = AXES.map(axis => {
      const all = this.space[axis];
      const sidesOf = (i: number): number[] =>
        i <= last
          ? [this.side(i, axis)]
          : (this.turns[i] ?? []).map(turn => turned(this.all[i] ?? NONE, turn)[axis]);
      return this.order.reduce((sum, _, i) => {
        const others = this.order.flatMap((__, j) => (j === i ? [] : [sidesOf(j)]));
        const reached = rowsUpTo(all, others);
        const least = Math.min(...sidesOf(i).map(own => all - own - longest(reached, all - own)));
        return sum + (volume(this.all[i] ?? NONE) * least) / all;
      }, 0);
    });
    return Math.max(...waste);
  }

  private puts(depth: number): Put[] {
    const rows = this.rows[depth] as Int32Array;
    const start = (axis: Axis, n: number): number => rows[this.cell(axis, this.across - 1, n)] ?? 0;
    return this.order.map((box, n) => ({
      box,
      at: [start(0, n), start(1, n), start(2, n)],
      turn: this.chosen[n] ?? 'wdh',
      sides: this.sides[n] ?? NONE,
    }));
  }
}

/** Every length up to `most` that some of the boxes, by one side each, come to in a row: a bit each. */
function rowsUpTo(most: number, sides: readonly (readonly number[])[]): bigint {
  const within = (1n << BigInt(most + 1)) - 1n;
  let rows = 1n;
  for (const own of sides) {
    let more = rows;
    for (const side of own) more |= rows << BigInt(side);
    rows = more & within;
  }
  return rows;
}

/** The longest of those rows that is no longer than `most`. */
const longest = (rows: bigint, most: number): number =>
  (rows & ((1n << BigInt(Math.max(0, most) + 1)) - 1n)).toString(2).length - 1;
