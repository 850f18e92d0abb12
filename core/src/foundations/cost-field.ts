/** Least-cost fields over a grid of cells (Dijkstra, in buckets as Dial). */
import { centreOf, openCellsAt, type FloorGrid, type Lift } from './floor-grid.js';
import { distance, type Point } from './geometry.js';

interface Step {
  readonly dx: number;
  readonly dy: number;
  /** Cells that the straight line from middle to middle passes or touches on its way; of a slanting step, two. */
  readonly past: readonly (readonly [dx: number, dy: number])[];
  /** In cells. */
  readonly length: number;
  readonly slanting: boolean;
}

function knight(dx: number, dy: number): boolean {
  return Math.abs(dx) + Math.abs(dy) === 3 && dx !== 0 && dy !== 0;
}

/** Steps a route may take: the 8 neighbours and the 8 knight moves, which keeps lengths within 2.8 %. */
const STEPS: readonly Step[] = [-2, -1, 0, 1, 2].flatMap(dx =>
  [-2, -1, 0, 1, 2].flatMap(dy => {
    const near = Math.max(Math.abs(dx), Math.abs(dy)) === 1;
    if (!knight(dx, dy) && !near) return [];
    const slanting = dx !== 0 && dy !== 0;
    return [{ dx, dy, past: slanting ? cellsPast(dx, dy) : [], length: Math.hypot(dx, dy), slanting }];
  }),
);

const ALL: readonly number[] = STEPS.map((_, step) => step);

/**
 * After each step on plain floor, those that lead on: itself and the two next to it by angle. Any other pair of steps has
 * a shorter way round within two cells of where either begins, so that offering it would change nothing.
 */
const AHEAD: readonly (readonly number[])[] = STEPS.map(step =>
  ALL.toSorted((a, b) => turnOf(step, STEPS[a] as Step) - turnOf(step, STEPS[b] as Step)).slice(0, 3),
);

function turnOf(a: Step, b: Step): number {
  return Math.abs(Math.atan2(a.dx * b.dy - a.dy * b.dx, a.dx * b.dx + a.dy * b.dy));
}

/** The same two cells whichever end a step is taken from. */
function cellsPast(dx: number, dy: number): (readonly [number, number])[] {
  const [sx, sy] = [Math.sign(dx), Math.sign(dy)];
  if (!knight(dx, dy)) {
    return [
      [sx, 0],
      [0, sy],
    ];
  }
  return [Math.abs(dx) === 2 ? [sx, 0] : [0, sy], [sx, sy]];
}

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
      const ahead =
        from >= 0 && plain[from] ? this.steps.ahead[cell - from + FAR * (grid.columns + 1)] : undefined;
      for (const step of ahead ?? ALL)
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

/** The lift between two cells that follow each other on a way, or undefined where a step joins them. */
export const liftBetween = ({ lifts }: FloorGrid, from: number, to: number): Lift | undefined =>
  lifts?.get(from)?.find(lift => lift.to === to);

/** A queue’s buckets are this much narrower than the least step, so that no rounding puts a cell into its own bucket. */
const ROUNDING = 0.999;

/** What steps lead where in a grid, worked out once for all fields over it. */
interface GridSteps {
  /** For each cell a bit for every step that may be taken freely, and for every one that enters or leaves a zone. */
  readonly free: Uint16Array;
  readonly tolled: Uint16Array;
  /** 1 for cells without a lift amid a block of 5 × 5 that may be passed freely, of one cost and one height. */
  readonly plain: Uint8Array;
  /** From a cell to the one a step leads to; and half its length, m. */
  readonly offsets: Int32Array;
  readonly halves: Float64Array;
  /** The steps that lead on after one, by how far it leads through the cells beyond the farthest back. */
  readonly ahead: readonly (readonly number[] | undefined)[];
  /** The least that a step or lift costs. */
  readonly least: number;
  readonly uneven: boolean;
}

const stepsOfGrid = new WeakMap<FloorGrid, GridSteps>();

function stepsOf(grid: FloorGrid): GridSteps {
  let steps = stepsOfGrid.get(grid);
  if (!steps) {
    steps = workOutSteps(grid);
    stepsOfGrid.set(grid, steps);
  }
  return steps;
}

function workOutSteps(grid: FloorGrid): GridSteps {
  const { columns, rows, costs, zones, axes, heights, lifts } = grid;
  const size = columns * rows;
  // A slanting step may not pass what is forbidden, tolled or one-way.
  const hard = new Uint8Array(size);
  let [least, uneven] = [Infinity, false];
  for (let i = 0; i < size; i++) {
    const cost = costs[i] as number;
    hard[i] = cost === Infinity || zones[i] || axes[i] ? 1 : 0;
    if (cost < least) least = cost;
    if (heights && heights[i] !== heights[0]) uneven = true;
  }
  least *= grid.cell;
  for (const own of lifts?.values() ?? []) for (const { cost } of own) least = Math.min(least, cost);
  const [free, tolled] = [new Uint16Array(size), new Uint16Array(size)];
  const offsets = Int32Array.from(STEPS, ({ dx, dy }) => dy * columns + dx);
  const [first, second] = [0, 1].map(i =>
    Int32Array.from(STEPS, ({ past }) => (past[i] ? past[i][1] * columns + past[i][0] : 0)),
  ) as [Int32Array, Int32Array];
  for (let row = 0, cell = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++, cell++) {
      if (costs[cell] === Infinity) continue;
      for (let i = 0; i < STEPS.length; i++) {
        const { dx, dy, slanting } = STEPS[i] as Step;
        const [c, r] = [column + dx, row + dy];
        if (c < 0 || r < 0 || c >= columns || r >= rows) continue;
        const to = cell + (offsets[i] as number);
        if (costs[to] === Infinity) continue;
        if (!slanting) {
          const mask = hard[cell] || hard[to] ? tolled : free;
          mask[cell] = (mask[cell] as number) | (1 << i);
        } else if (!(
          hard[cell] ||
          hard[to] ||
          hard[cell + (first[i] as number)] ||
          hard[cell + (second[i] as number)]
        )) {
          free[cell] = (free[cell] as number) | (1 << i);
        }
      }
    }
  }
  const halves = Float64Array.from(STEPS, ({ length }) => (length * grid.cell) / 2);
  const ahead: (readonly number[] | undefined)[] = Array.from({ length: 2 * FAR * (columns + 1) + 1 });
  for (const [step, offset] of offsets.entries()) ahead[offset + FAR * (columns + 1)] = AHEAD[step];
  return { free, tolled, plain: plainCells(grid, hard), offsets, halves, ahead, least, uneven };
}

/** Reach of the longest steps, in cells. */
const FAR = 2;

function plainCells({ columns, rows, costs, heights, lifts }: FloorGrid, hard: Uint8Array): Uint8Array {
  // First along the rows, then across them: how many cells of one kind lie behind each other up to each.
  const alike = (a: number, b: number): boolean =>
    !hard[a] && !hard[b] && costs[a] === costs[b] && heights?.[a] === heights?.[b];
  const plain = new Uint8Array(columns * rows);
  const wide = new Uint8Array(columns * rows);
  for (let cell = 0, along = 0; cell < wide.length; cell++) {
    along = cell % columns > 0 && alike(cell - 1, cell) ? along + 1 : 0;
    if (along >= 2 * FAR) wide[cell - FAR] = 1;
  }
  const high = new Uint8Array(columns);
  for (let cell = 0; cell < wide.length; cell++) {
    const column = cell % columns;
    const goesOn = cell >= columns && wide[cell] && wide[cell - columns] && alike(cell - columns, cell);
    high[column] = goesOn ? Math.min((high[column] as number) + 1, 2 * FAR) : 0;
    const middle = cell - FAR * columns;
    if ((high[column] as number) >= 2 * FAR && !lifts?.has(middle)) plain[middle] = 1;
  }
  return plain;
}

/** Toll of a straight step into, out of or within a zone; Infinity against its axis. Half is paid on each border. */
function tollOf(grid: FloorGrid, from: number, to: number, step: Step): number {
  const { axes, zones, tolls } = grid;
  for (const axis of [axes[from], axes[to]])
    if ((axis === 1 && step.dy !== 0) || (axis === 2 && step.dx !== 0)) return Infinity;
  const [left, entered] = [zones[from] ?? 0, zones[to] ?? 0];
  return left === entered ? 0 : ((tolls[left] ?? 0) + (tolls[entered] ?? 0)) / 2;
}

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
