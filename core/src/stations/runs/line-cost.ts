/** What a lead in a straight line over a floor costs. */
import { between, cellAt, cellsAt, distance, type FloorGrid, type Point } from '../../foundations/index.js';

/** Less of a line than this in a cell is a touch of its corner. */
const NONE = 1e-6;

/**
 * Cost of a straight line, cell by cell; Infinity through anything forbidden, any zone, or up or down a step, unless
 * `known` to be allowed.
 */
export function lineCost(grid: FloorGrid, a: Point, b: Point, level: number, known: boolean): number {
  const cellOf = lengthwise(grid, a, b) ? cheapestAt : cellAt;
  const [columns, rows] = [bordersAlong(grid, a, b, 0), bordersAlong(grid, a, b, 1)];
  let sum = 0;
  let height: number | undefined;
  for (let before = 0, here = 0; here < 1;) {
    here = Math.min(columns.next, rows.next, 1);
    if (columns.next <= here) columns.next = columns.first + columns.apart * ++columns.passed;
    if (rows.next <= here) rows.next = rows.first + rows.apart * ++rows.passed;
    const share = here - before;
    if (share < NONE) continue;
    const t = (before + here) / 2;
    before = here;
    const cell = cellOf(grid, [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t], level);
    const cost = grid.costs[cell] ?? Infinity;
    const own = grid.heights?.[cell];
    const climbs = height !== undefined && own !== undefined && Math.abs(own - height) > 0.05;
    height = own;
    if (!Number.isFinite(cost) || (grid.zones[cell] ?? 0) > 0 || climbs) {
      if (!known) return Infinity;
      sum += share * (Number.isFinite(cost) ? cost : 1);
      continue;
    }
    sum += share * cost;
  }
  return sum * distance(a, b);
}

/** Where on a line, from 0 at one end to 1 at the other, it passes from one column or row of cells to the next. */
interface Borders {
  readonly first: number;
  readonly apart: number;
  passed: number;
  next: number;
}

function bordersAlong({ cell, origin }: FloorGrid, a: Point, b: Point, axis: 0 | 1): Borders {
  const [from, span] = [(a[axis] - origin[axis]) / cell, (b[axis] - a[axis]) / cell];
  if (span === 0) return { first: Infinity, apart: 0, passed: 0, next: Infinity };
  const border = span > 0 ? Math.floor(from) + 1 : Math.ceil(from) - 1;
  const first = (border - from) / span;
  return { first, apart: 1 / Math.abs(span), passed: 0, next: first };
}

/** Whether a line runs along the border of two rows or columns, where it is in both. */
const lengthwise = (grid: FloorGrid, a: Point, b: Point): boolean =>
  (a[0] === b[0] || a[1] === b[1]) && cellsAt(grid, between(a, b, 0.5)).length > 1;

/** Of the cells that a place lies in, the one that a lead lies in for least; -1 of none. */
function cheapestAt(grid: FloorGrid, at: Point, level: number): number {
  const { costs } = grid;
  const cells = cellsAt(grid, at, level);
  return cells.reduce(
    (best, cell) => ((costs[cell] as number) < (costs[best] ?? Infinity) ? cell : best),
    cells[0] ?? -1,
  );
}
