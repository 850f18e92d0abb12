/** Steps over a grid of cells: which lead where, and what they cost besides the floor itself. */
import type { FloorGrid, Lift } from './floor-grid.js';

export interface Step {
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
export const STEPS: readonly Step[] = [-2, -1, 0, 1, 2].flatMap(dx =>
  [-2, -1, 0, 1, 2].flatMap(dy => {
    const near = Math.max(Math.abs(dx), Math.abs(dy)) === 1;
    if (!knight(dx, dy) && !near) return [];
    const slanting = dx !== 0 && dy !== 0;
    return [{ dx, dy, past: slanting ? cellsPast(dx, dy) : [], length: Math.hypot(dx, dy), slanting }];
  }),
);

export const ALL_STEPS: readonly number[] = STEPS.map((_, step) => step);

/**
 * After each step on plain floor, those that lead on: itself and the two next to it by angle. Any other pair of steps has
 * a shorter way round within two cells of where either begins, so that offering it would change nothing.
 */
const AHEAD: readonly (readonly number[])[] = STEPS.map(step =>
  ALL_STEPS.toSorted((a, b) => turnOf(step, STEPS[a] as Step) - turnOf(step, STEPS[b] as Step)).slice(0, 3),
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

/** The lift between two cells that follow each other on a way, or undefined where a step joins them. */
export const liftBetween = ({ lifts }: FloorGrid, from: number, to: number): Lift | undefined =>
  lifts?.get(from)?.find(lift => lift.to === to);

/** What steps lead where in a grid, worked out once for all fields over it. */
export interface GridSteps {
  /** For each cell a bit for every step that may be taken freely, and for every one that enters or leaves a zone. */
  readonly free: Uint16Array;
  readonly tolled: Uint16Array;
  /** 1 for cells without a lift amid a block of 5 × 5 that may be passed freely, of one cost and one height. */
  readonly plain: Uint8Array;
  /** From a cell to the one a step leads to; and half its length, m. */
  readonly offsets: Int32Array;
  readonly halves: Float64Array;
  /** The steps that lead on after one, by how far it leads through the cells, from `back` on. */
  readonly ahead: readonly (readonly number[] | undefined)[];
  readonly back: number;
  /** The least that a step or lift costs. */
  readonly least: number;
  readonly uneven: boolean;
}

const stepsOfGrid = new WeakMap<FloorGrid, GridSteps>();

export function stepsOf(grid: FloorGrid): GridSteps {
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
  const back = -FAR * (columns + 1);
  const ahead: (readonly number[] | undefined)[] = Array.from({ length: 1 - 2 * back });
  for (const [step, offset] of offsets.entries()) ahead[offset - back] = AHEAD[step];
  return { free, tolled, plain: plainCells(grid, hard), offsets, halves, ahead, back, least, uneven };
}

/** The steps worth taking from a plain cell that a step from another one led to. */
export const aheadOf = ({ ahead, back }: GridSteps, from: number, cell: number): readonly number[] =>
  ahead[cell - from - back] ?? ALL_STEPS;

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
    if (high[column] >= 2 * FAR && !lifts?.has(middle)) plain[middle] = 1;
  }
  return plain;
}

/** Toll of a straight step into, out of or within a zone; Infinity against its axis. Half is paid on each border. */
export function tollOf(grid: FloorGrid, from: number, to: number, step: Step): number {
  const { axes, zones, tolls } = grid;
  for (const axis of [axes[from], axes[to]])
    if ((axis === 1 && step.dy !== 0) || (axis === 2 && step.dx !== 0)) return Infinity;
  const [left, entered] = [zones[from] ?? 0, zones[to] ?? 0];
  return left === entered ? 0 : ((tolls[left] ?? 0) + (tolls[entered] ?? 0)) / 2;
}
