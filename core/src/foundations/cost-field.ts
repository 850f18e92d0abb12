/** Least-cost fields over a grid of cells (Dijkstra, in buckets as Dial). */
import { centreOf, openCellsAt, type FloorGrid, type Lift } from './floor-grid.js';
import { distance, type Point } from './geometry.js';
import {
  ALL_STEPS,
  aheadOf,
  liftBetween,
  STEPS,
  stepsOf,
  tollOf,
  type GridSteps,
  type Step,
} from './grid-steps.js';

/**
 * Least costs around a source (Dijkstra), spread only as far as has been asked: the nearest cells first, so
 * that a lead to a socket close by costs little. Costs of cells and lifts are above zero.
 */
export class CostField {
  private readonly costs: Float64Array;
  private readonly next: Int32Array;
  private readonly settled: Uint8Array;
  private readonly queue: BucketQueue;
  private readonly steps: GridSteps;

  /** `instead` is a field over a floor of the same size that nobody asks any more: its memory is used again. */
  constructor(
    readonly grid: FloorGrid,
    readonly source: Point,
    level = 0,
    instead?: CostField,
  ) {
    const size = grid.columns * grid.rows;
    const old = instead?.costs.length === size ? instead : undefined;
    this.costs = (old?.costs ?? new Float64Array(size)).fill(Infinity);
    this.next = (old?.next ?? new Int32Array(size)).fill(-1);
    this.settled = old?.settled.fill(0) ?? new Uint8Array(size);
    this.steps = stepsOf(grid);
    this.queue = new BucketQueue(this.steps.least * ROUNDING);
    for (const start of openCellsAt(grid, source, REACH, level)) {
      this.costs[start] = 0;
      this.queue.push(start, 0);
    }
  }

  /** The cells from a point on a floor to the source, or undefined when it cannot be reached. */
  cellsFrom(from: Point, level = 0): number[] | undefined {
    let cell = this.cheapestAt(from, level);
    if (cell < 0) return undefined;
    const cells: number[] = [];
    for (; cell >= 0; cell = this.next[cell] ?? -1) cells.push(cell);
    return cells;
  }

  /** What that way costs; Infinity without any. */
  costFrom(from: Point, level = 0): number {
    return this.costs[this.cheapestAt(from, level)] ?? Infinity;
  }

  /** Length of that way from cell to cell, m, which zigzags up to 2.8 % beyond the straight; undefined without any. */
  lengthFrom(from: Point): number | undefined {
    const cells = this.cellsFrom(from);
    if (!cells) return undefined;
    let sum = 0;
    for (let i = 1; i < cells.length; i++) {
      const [a, b] = [cells[i - 1] as number, cells[i] as number];
      const lift = liftBetween(this.grid, a, b);
      sum += lift ? lift.length : distance(centreOf(this.grid, a), centreOf(this.grid, b));
    }
    return sum;
  }

  /** Of the cells that a point lies in, the one from which the source costs least; -1 without a way. */
  private cheapestAt(from: Point, level: number): number {
    let best = -1;
    for (const cell of openCellsAt(this.grid, from, REACH, level)) {
      this.spreadTo(cell);
      if (this.settled[cell] && (best < 0 || (this.costs[cell] as number) < (this.costs[best] as number)))
        best = cell;
    }
    return best;
  }

  private spreadTo(goal: number): void {
    const { settled, queue } = this;
    while (!settled[goal]) {
      const cell = queue.pop();
      if (cell < 0) return;
      if (settled[cell]) continue;
      settled[cell] = 1;
      this.relax(cell);
    }
  }

  /** Offers every step and lift from a settled cell. What is settled is never offered less: see the queue. */
  private relax(cell: number): void {
    const { grid, costs } = this;
    const { free, tolled, plain, offsets, halves, uneven } = this.steps;
    const { heights, lifts, costs: prices } = grid;
    const own = prices[cell] as number;
    const price = own + TIE;
    const spent = costs[cell] as number;
    if (plain[cell]) {
      const both = price + own;
      const from = this.next[cell] as number;
      for (const step of from >= 0 && plain[from] ? aheadOf(this.steps, from, cell) : ALL_STEPS)
        this.offer(cell, cell + (offsets[step] as number), spent + (halves[step] as number) * both);
      return;
    }
    const tolls = tolled[cell] as number;
    for (let mask = (free[cell] as number) | tolls; mask !== 0; mask &= mask - 1) {
      const step = 31 - Math.clz32(mask & -mask);
      const to = cell + (offsets[step] as number);
      let cost = spent + (halves[step] as number) * (price + (prices[to] as number));
      if (uneven && heights) cost += Math.abs((heights[to] as number) - (heights[cell] as number));
      if (tolls & (1 << step)) cost += tollOf(grid, cell, to, STEPS[step] as Step);
      this.offer(cell, to, cost);
    }
    for (const lift of lifts?.get(cell) ?? NO_LIFTS) this.offer(cell, lift.to, spent + lift.cost);
  }

  private offer(from: number, to: number, cost: number): void {
    if (cost >= (this.costs[to] as number)) return;
    this.costs[to] = cost;
    this.next[to] = from;
    this.queue.push(to, cost);
  }
}

/** What stands where no lead may lie is reached from the nearest floor within this, m. */
const REACH = 2;

/** A metre costs this much more than its cells say, so that of ways that cost the same the shortest is taken. */
const TIE = 1e-7;

const NO_LIFTS: readonly Lift[] = [];

/** A queue’s buckets are this much narrower than the least step, so that no rounding puts a cell into its own bucket. */
const ROUNDING = 0.999;

/**
 * Cells by cost in buckets as wide as the least step: what is in the lowest bucket cannot become cheaper any more, so
 * that its order does not matter (Dial). A cell pushed again at a lower cost leaves its old entry behind. Buckets are
 * chains in two common lists, so that none of many is an array of its own.
 */
class BucketQueue {
  /** The last entry of each bucket, -1 = empty; of each entry its cell and the one before it in its bucket. */
  private readonly last: number[] = [];
  private readonly cells: number[] = [];
  private readonly before: number[] = [];
  /** The last entry that is used no more; those before it follow like a bucket. */
  private unused = NONE;
  private lowest = 0;

  constructor(private readonly width: number) {}

  push(cell: number, key: number): void {
    const { last, cells, before } = this;
    const bucket = Math.floor(key / this.width);
    while (last.length <= bucket) last.push(NONE);
    let entry = this.unused;
    if (entry === NONE) {
      entry = cells.length;
      cells.push(cell);
      before.push(last[bucket] as number);
    } else {
      this.unused = before[entry] as number;
      cells[entry] = cell;
      before[entry] = last[bucket] as number;
    }
    last[bucket] = entry;
  }

  /** A cell of the lowest cost there is, or -1. */
  pop(): number {
    const { last, cells, before } = this;
    for (; this.lowest < last.length; this.lowest++) {
      const entry = last[this.lowest] as number;
      if (entry === NONE) continue;
      last[this.lowest] = before[entry] as number;
      before[entry] = this.unused;
      this.unused = entry;
      return cells[entry] as number;
    }
    return -1;
  }
}

const NONE = -1;
