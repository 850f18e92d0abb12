/** What a lead in a straight line over a floor costs. */
import { between, cellOver, cellsAt, distance, type FloorGrid, type Point } from '../../foundations/index.js';

/** Less of a line than this in a cell is a touch of its corner. */
const NONE = 1e-6;

/**
 * Cost of a straight line, cell by cell; Infinity through anything forbidden, any zone, or up or down a step, unless
 * `known` to be allowed.
 */
export function lineCost(grid: FloorGrid, a: Point, b: Point, level: number, known: boolean): number {
  const { costs, heights, zones } = grid;
  const cellOf = lengthwise(grid, a, b) ? cheapestAt : cellOver;
  const [columns, rows] = [bordersAlong(grid, a, b, 0), bordersAlong(grid, a, b, 1)];
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  let [nextColumn, nextRow] = [columns.first, rows.first];
  let [sum, height] = [0, NaN];
  for (let before = 0, here = 0, column = 0, row = 0; here < 1;) {
    here = Math.min(nextColumn, nextRow, 1);
    if (nextColumn <= here) nextColumn = columns.first + columns.apart * ++column;
    if (nextRow <= here) nextRow = rows.first + rows.apart * ++row;
    const share = here - before;
    if (share < NONE) continue;
    const t = (before + here) / 2;
    before = here;
    const cell = cellOf(grid, a[0] + dx * t, a[1] + dy * t, level);
    const cost = cell < 0 ? Infinity : (costs[cell] as number);
    const own = cell < 0 ? NaN : (heights?.[cell] ?? NaN);
    // Never true where one of the two heights is not known.
    const climbs = Math.abs(own - height) > 0.05;
    height = own;
    if (cost === Infinity || (zones[cell] ?? 0) > 0 || climbs) {
      if (!known) return Infinity;
      sum += share * (cost === Infinity ? 1 : cost);
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
}

function bordersAlong({ cell, origin }: FloorGrid, a: Point, b: Point, axis: 0 | 1): Borders {
  const [from, span] = [(a[axis] - origin[axis]) / cell, (b[axis] - a[axis]) / cell];
  if (span === 0) return { first: Infinity, apart: 0 };
  const border = span > 0 ? Math.floor(from) + 1 : Math.ceil(from) - 1;
  return { first: (border - from) / span, apart: 1 / Math.abs(span) };
}

/** Whether a line runs along the border of two rows or columns, where it is in both. */
const lengthwise = (grid: FloorGrid, a: Point, b: Point): boolean =>
  (a[0] === b[0] || a[1] === b[1]) && cellsAt(grid, between(a, b, 0.5)).length > 1;

/** Of the cells that a place lies in, the one that a lead lies in for least; -1 of none. */
function cheapestAt(grid: FloorGrid, x: number, y: number, level: number): number {
  const { costs } = grid;
  const cells = cellsAt(grid, [x, y], level);
  return cells.reduce(
    (best, cell) => ((costs[cell] as number) < (costs[best] ?? Infinity) ? cell : best),
    cells[0] ?? -1,
  );
}
