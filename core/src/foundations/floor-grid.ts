/** A floor as a grid of cells with a cost to enter each, and least-cost fields over it (Dijkstra). */
import type { Point } from './geometry.js';

/** Steps a route may take: the 8 neighbours and the 8 knight moves, which keeps lengths within 2.8 %. */
const STEPS: readonly Point[] = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
  [1, 1],
  [1, -1],
  [-1, 1],
  [-1, -1],
  [2, 1],
  [2, -1],
  [-2, 1],
  [-2, -1],
  [1, 2],
  [1, -2],
  [-1, 2],
  [-1, -2],
];

/** Along which axis a cell may be crossed. */
export type Axis = 'any' | 'x' | 'y';

export interface FloorGrid {
  readonly cell: number;
  readonly origin: Point;
  readonly columns: number;
  readonly rows: number;
  /** Cost per metre in each cell; Infinity where a lead may not lie. */
  readonly costs: Float64Array;
  /** 0 = any direction, 1 = only along x, 2 = only along y. */
  readonly axes: Uint8Array;
  /** Id (1…) of the toll zone a cell lies in, 0 = none. */
  readonly zones: Uint8Array;
  /** Cost paid on entering each zone, by id. */
  readonly tolls: readonly number[];
}

/** Least cost from every cell to the field's source, and the neighbour to step to. */
export interface CostField {
  readonly grid: FloorGrid;
  readonly source: Point;
  readonly costs: Float64Array;
  readonly next: Int32Array;
}

export const cellAt = (grid: FloorGrid, [x, y]: Point): number => {
  const column = Math.floor((x - grid.origin[0]) / grid.cell);
  const row = Math.floor((y - grid.origin[1]) / grid.cell);
  if (column < 0 || row < 0 || column >= grid.columns || row >= grid.rows) return -1;
  return row * grid.columns + column;
};

export const centreOf = (grid: FloorGrid, index: number): Point => [
  grid.origin[0] + ((index % grid.columns) + 0.5) * grid.cell,
  grid.origin[1] + (Math.floor(index / grid.columns) + 0.5) * grid.cell,
];

/** The passable cell nearest to a point within `reach` metres, or -1. */
export function nearestOpenCell(grid: FloorGrid, at: Point, reach: number): number {
  const own = cellAt(grid, at);
  if (own >= 0 && Number.isFinite(grid.costs[own])) return own;
  const span = Math.ceil(reach / grid.cell);
  const column = Math.floor((at[0] - grid.origin[0]) / grid.cell);
  const row = Math.floor((at[1] - grid.origin[1]) / grid.cell);
  let [best, bestDistance] = [-1, reach];
  for (let r = Math.max(0, row - span); r <= Math.min(grid.rows - 1, row + span); r++) {
    for (let c = Math.max(0, column - span); c <= Math.min(grid.columns - 1, column + span); c++) {
      const index = r * grid.columns + c;
      if (!Number.isFinite(grid.costs[index])) continue;
      const [x, y] = centreOf(grid, index);
      const away = Math.hypot(x - at[0], y - at[1]);
      if (away < bestDistance) [best, bestDistance] = [index, away];
    }
  }
  return best;
}

/** Cost of stepping between two cells, or Infinity when the step is not allowed. */
function stepCost(grid: FloorGrid, from: number, to: number, dx: number, dy: number, length: number): number {
  const { costs, axes, zones, tolls } = grid;
  const axis = axes[from] || axes[to] || 0;
  if ((axis === 1 && dy !== 0) || (axis === 2 && dx !== 0)) return Infinity;
  const zone = zones[to] ?? 0;
  const left = zones[from] ?? 0;
  if (dx > 1 || dx < -1 || dy > 1 || dy < -1 || (dx !== 0 && dy !== 0)) {
    // A slanting step must not cut the corner of a forbidden or toll cell.
    const column = from % grid.columns;
    const row = (from - column) / grid.columns;
    const sx = Math.sign(dx);
    const sy = Math.sign(dy);
    for (const [c, r] of [
      [column + sx, row],
      [column, row + sy],
      [column + sx, row + sy],
    ] as const) {
      const passed = r * grid.columns + c;
      if (!Number.isFinite(costs[passed]) || zones[passed] || axes[passed]) return Infinity;
    }
    if (zone || left) return Infinity;
  }
  // The toll of a zone is paid once, on crossing its border either way: half on each side.
  const toll = zone === left ? 0 : ((tolls[zone] ?? 0) + (tolls[left] ?? 0)) / 2;
  return (length * ((costs[from] ?? Infinity) + (costs[to] ?? Infinity))) / 2 + toll;
}

/** Least-cost field around a source point (Dijkstra with a binary heap). */
export function costField(grid: FloorGrid, source: Point): CostField {
  const size = grid.columns * grid.rows;
  const costs = new Float64Array(size).fill(Infinity);
  const next = new Int32Array(size).fill(-1);
  const start = nearestOpenCell(grid, source, 2);
  if (start < 0) return { grid, source, costs, next };
  const heap = new CellHeap(costs);
  costs[start] = 0;
  heap.push(start);
  for (let cell = heap.pop(); cell >= 0; cell = heap.pop()) {
    const column = cell % grid.columns;
    const row = (cell - column) / grid.columns;
    const spent = costs[cell] ?? Infinity;
    for (const [dx, dy] of STEPS) {
      const [c, r] = [column + dx, row + dy];
      if (c < 0 || r < 0 || c >= grid.columns || r >= grid.rows) continue;
      const to = r * grid.columns + c;
      if (grid.costs[to] === Infinity) continue;
      const cost = spent + stepCost(grid, cell, to, dx, dy, Math.hypot(dx, dy) * grid.cell);
      if (cost < (costs[to] ?? Infinity)) {
        costs[to] = cost;
        next[to] = cell;
        heap.push(to);
      }
    }
  }
  return { grid, source, costs, next };
}

/** The cells from a point to the field's source, or undefined when it cannot be reached. */
export function cellsToSource(field: CostField, from: Point): number[] | undefined {
  let cell = nearestOpenCell(field.grid, from, 2);
  if (cell < 0 || !Number.isFinite(field.costs[cell])) return undefined;
  const cells = [cell];
  for (;;) {
    cell = field.next[cell] ?? -1;
    if (cell < 0) return cells;
    cells.push(cell);
  }
}

/** Binary heap of cells by cost; a cell pushed again with a lower cost leaves a stale entry behind. */
class CellHeap {
  private readonly cells: number[] = [];
  private readonly keys: number[] = [];
  constructor(private readonly costs: Float64Array) {}

  push(cell: number): void {
    const { cells, keys } = this;
    const key = this.costs[cell] ?? Infinity;
    let at = cells.length;
    cells.push(cell);
    keys.push(key);
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if ((keys[parent] ?? 0) <= key) break;
      cells[at] = cells[parent] ?? 0;
      keys[at] = keys[parent] ?? 0;
      at = parent;
    }
    cells[at] = cell;
    keys[at] = key;
  }

  /** The cheapest cell not yet settled, or -1. */
  pop(): number {
    const { cells, keys } = this;
    while (cells.length > 0) {
      const top = cells[0] ?? -1;
      const topKey = keys[0] ?? 0;
      const last = cells.pop() ?? 0;
      const lastKey = keys.pop() ?? 0;
      if (cells.length > 0) this.sink(last, lastKey);
      if (topKey <= (this.costs[top] ?? Infinity)) return top;
    }
    return -1;
  }

  private sink(cell: number, key: number): void {
    const { cells, keys } = this;
    let at = 0;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= cells.length) break;
      if (child + 1 < cells.length && (keys[child + 1] ?? 0) < (keys[child] ?? 0)) child++;
      if ((keys[child] ?? 0) >= key) break;
      cells[at] = cells[child] ?? 0;
      keys[at] = keys[child] ?? 0;
      at = child;
    }
    cells[at] = cell;
    keys[at] = key;
  }
}
