/** Poses gathered by likeness: a tree of cells, each with the best that any pose in it offers. */
import { angleBetween } from '../../foundations/index.js';
import type { WantedShot } from './demands.js';
import type { Pose } from './poses.js';
import { APART, SAME_SIDE } from './score.js';

type Weights = readonly Pick<WantedShot, 'points' | 'second'>[];

/** The numbers of many poses side by side: a row of qualities and of bearings for each, one for each shot. */
class Columns {
  readonly width: number;
  readonly quality: Float64Array;
  readonly bearing: Float64Array;
  readonly cost: Float64Array;

  constructor(
    readonly poses: readonly Pose[],
    readonly shots: Weights,
  ) {
    this.width = shots.length;
    this.quality = new Float64Array(poses.length * this.width);
    this.bearing = new Float64Array(poses.length * this.width);
    this.cost = new Float64Array(poses.length);
    for (const [row, { quality, bearings, cost }] of poses.entries()) {
      this.quality.set(quality, row * this.width);
      this.bearing.set(bearings, row * this.width);
      this.cost[row] = cost;
    }
  }
}

export class Cell {
  /** Of each shot, the best and the least quality of any pose in the cell. */
  readonly best: Float64Array;
  readonly least: Float64Array;
  /** Of each shot, the middle of the bearings from the mark, and how far any is from it, degrees. */
  private readonly middle: Float64Array;
  private readonly off: Float64Array;
  readonly cheapest: number;
  private readonly dearest: number;
  /** How far poses in it may differ, points; 0 for a single one. */
  readonly spread: number;
  private halves: readonly [Cell, Cell] | undefined;

  private constructor(
    private readonly columns: Columns,
    private readonly rows: Int32Array,
  ) {
    const { width, quality, cost } = columns;
    const best = new Float64Array(width);
    const least = new Float64Array(width).fill(Infinity);
    let [cheapest, dearest] = [Infinity, -Infinity];
    for (const row of rows) {
      const price = cost[row] as number;
      if (price < cheapest) cheapest = price;
      if (price > dearest) dearest = price;
      const from = row * width;
      for (let i = 0; i < width; i++) {
        const q = quality[from + i] as number;
        if (q > (best[i] as number)) best[i] = q;
        if (q < (least[i] as number)) least[i] = q;
      }
    }
    [this.best, this.least, this.cheapest, this.dearest] = [best, least, cheapest, dearest];
    this.middle = new Float64Array(width);
    this.off = new Float64Array(width).fill(ANY_SIDE);
    if (rows.length <= COARSE) for (let i = 0; i < width; i++) this.lookAround(i);
    let spread = dearest - cheapest;
    for (let i = 0; i < width; i++) spread += this.qualities(i) + this.sides(i);
    this.spread = rows.length < 2 ? 0 : Math.max(spread, 1e-12);
  }

  /** One cell with all of some poses. */
  static of(poses: readonly Pose[], shots: Weights): Cell {
    return new Cell(
      new Columns(poses, shots),
      Int32Array.from(poses, (_, row) => row),
    );
  }

  /** Poses in it. */
  get size(): number {
    return this.rows.length;
  }
  pose(i: number): Pose {
    return this.columns.poses[this.rows[i] as number] as Pose;
  }

  /** The middle of the bearings that a mark sees the poses at, and how far any is from it. */
  private lookAround(shot: number): void {
    const { width, bearing } = this.columns;
    const first = bearing[(this.rows[0] ?? 0) * width + shot] ?? 0;
    let [low, high] = [0, 0];
    for (const row of this.rows) {
      const turn = turned(bearing[row * width + shot] as number, first);
      if (turn < low) low = turn;
      if (turn > high) high = turn;
    }
    this.middle[shot] = first + (low + high) / 2;
    this.off[shot] = (high - low) / 2;
  }

  /** Points by which poses differ in the quality of a shot, and in the side they see it from. */
  private qualities(i: number): number {
    const { points } = this.columns.shots[i] as Weights[number];
    return this.rows.length === 0 ? 0 : points * ((this.best[i] as number) - (this.least[i] as number));
  }
  private sides(i: number): number {
    if (this.rows.length > COARSE) return 0;
    const { points, second } = this.columns.shots[i] as Weights[number];
    const far = Math.min(1, (2 * (this.off[i] as number)) / APART);
    return SAME_SIDE * points * second * (this.best[i] as number) * far;
  }

  /** Two cells that part it where its poses differ most; those that differ in nothing are halved. */
  split(): readonly [Cell, Cell] {
    if (this.halves) return this.halves;
    const { width, quality, bearing, cost } = this.columns;
    let [widest, shot, by]: [number, number, 'cost' | 'quality' | 'side'] = [
      this.dearest - this.cheapest,
      0,
      'cost',
    ];
    for (let i = 0; i < width; i++) {
      if (this.qualities(i) > widest) [widest, shot, by] = [this.qualities(i), i, 'quality'];
      if (this.sides(i) > widest) [widest, shot, by] = [this.sides(i), i, 'side'];
    }
    const middle = this.middle[shot] as number;
    const keys = new Float64Array(this.rows.length);
    for (let i = 0; i < keys.length; i++) {
      const row = this.rows[i] as number;
      const at = row * width + shot;
      keys[i] = (
        by === 'cost' ? cost[row] : by === 'quality' ? quality[at] : turned(bearing[at] as number, middle)
      ) as number;
    }
    const [low, high] = partedAt(middleOf(keys), keys, this.rows);
    this.halves = [new Cell(this.columns, low), new Cell(this.columns, high)];
    return this.halves;
  }

  /** Whether any pose of this cell and any of another see a shot from nearly the same side. */
  sameSideAs(other: Cell, i: number): boolean {
    const off = (this.off[i] as number) + (other.off[i] as number);
    return off < APART && angleBetween(this.middle[i] as number, other.middle[i] as number) + off < APART;
  }
}

/** In cells of more poses than this, where each stands is not looked at yet: it may be any side, degrees. */
const COARSE = 3000;
const ANY_SIDE = 180;

/** From one bearing to another, −180…180°. */
function turned(to: number, from: number): number {
  const turn = to - from;
  return turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
}

/** Half way between the least and the greatest: unlike values are told apart soonest so. */
function middleOf(keys: Float64Array): number {
  let [least, greatest] = [Infinity, -Infinity];
  for (const key of keys) {
    if (key < least) least = key;
    if (key > greatest) greatest = key;
  }
  return (least + greatest) / 2;
}

/** Rows with keys below a cut, and the others; halves where all keys are alike. */
function partedAt(cut: number, keys: Float64Array, rows: Int32Array): [Int32Array, Int32Array] {
  let below = 0;
  for (const key of keys) if (key < cut) below++;
  if (below === 0) return [rows.slice(0, rows.length >> 1), rows.slice(rows.length >> 1)];
  const [low, high] = [new Int32Array(below), new Int32Array(rows.length - below)];
  let [inLow, inHigh] = [0, 0];
  for (let i = 0; i < rows.length; i++) {
    if ((keys[i] as number) < cut) low[inLow++] = rows[i] as number;
    else high[inHigh++] = rows[i] as number;
  }
  return [low, high];
}
