/** Floors as a grid of cells with a cost to enter each. */
import { boundsOf, distance, sidesOf, type Point, type Polygon } from './geometry.js';

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
  readonly zones: Uint16Array;
  /** Cost paid on entering each zone, by id. */
  readonly tolls: readonly number[];
  /** Rows of one floor where several lie behind each other in the grid, ground floor first; absent = one floor. */
  readonly levelRows?: number;
  /** Height of the floor in each cell, m; a metre up or down costs one. Absent = even. */
  readonly heights?: Float64Array;
  /** Ways from a cell that no step leads: down from a gallery, along stairs, up to the ceiling. */
  readonly lifts?: ReadonlyMap<number, readonly Lift[]>;
}

/** A way between two cells that do not touch; it leads back as well, by a lift of its own. */
export interface Lift {
  readonly to: number;
  /** Length of lead that it takes, m. */
  readonly length: number;
  readonly cost: number;
}

const rowsOfLevel = (grid: FloorGrid): number => grid.levelRows ?? grid.rows;

export const cellAt = (grid: FloorGrid, [x, y]: Point, level = 0): number => cellOver(grid, x, y, level);

/** The cell that a place lies in, given by its coordinates; -1 beyond the grid. */
export function cellOver(grid: FloorGrid, x: number, y: number, level: number): number {
  const { origin, columns, cell } = grid;
  const rows = rowsOfLevel(grid);
  const column = Math.floor((x - origin[0]) / cell);
  const row = Math.floor((y - origin[1]) / cell);
  return column < 0 || row < 0 || column >= columns || row >= rows
    ? -1
    : (row + level * rows) * columns + column;
}

/** The floor that a cell lies on. */
export const levelOf = (grid: FloorGrid, index: number): number =>
  Math.floor(index / grid.columns / rowsOfLevel(grid));

export const centreOf = (grid: FloorGrid, index: number): Point => [
  grid.origin[0] + ((index % grid.columns) + 0.5) * grid.cell,
  grid.origin[1] + ((Math.floor(index / grid.columns) % rowsOfLevel(grid)) + 0.5) * grid.cell,
];

/** A centre this near to a side lies on it, as a point does on the border of a cell, m. */
const ON = 1e-9;

/** The cells of a floor that a point lies in: on a border two of them, on a corner four, so that no side is preferred. */
export function cellsAt(grid: FloorGrid, at: Point, level = 0): number[] {
  const [columns, rows] = [indicesAt(grid, at, 0), indicesAt(grid, at, 1)];
  const cells: number[] = [];
  for (const row of rows) {
    if (row < 0 || row >= rowsOfLevel(grid)) continue;
    for (const column of columns)
      if (column >= 0 && column < grid.columns)
        cells.push((row + level * rowsOfLevel(grid)) * grid.columns + column);
  }
  return cells;
}

/** The columns (axis 0) or rows (axis 1) that a point lies in. */
function indicesAt({ cell, origin }: FloorGrid, at: Point, axis: 0 | 1): readonly number[] {
  const along = (at[axis] - origin[axis]) / cell;
  const border = Math.round(along);
  return Math.abs(along - border) * cell < ON ? [border - 1, border] : [Math.floor(along)];
}

/** The passable cells of a floor that a point lies in, else the nearest within `reach` metres; none where there is none. */
export function openCellsAt(grid: FloorGrid, at: Point, reach: number, level = 0): number[] {
  const own = cellsAt(grid, at, level).filter(cell => Number.isFinite(grid.costs[cell]));
  if (own.length > 0) return own;
  let [best, least] = [[] as number[], reach];
  const look = (index: number): void => {
    if (!Number.isFinite(grid.costs[index])) return;
    const away = distance(centreOf(grid, index), at);
    if (away < least - ON) [best, least] = [[index], away];
    else if (away <= least + ON && best.length > 0) best.push(index);
  };
  cellsInBox(grid, [at[0] - reach, at[1] - reach], [at[0] + reach, at[1] + reach], look, level);
  return best;
}

/**
 * Calls `visit` with every cell whose centre lies in a polygon or on a side of it (even-odd rule, row by row): all sides
 * are treated alike, so that a room turned by half has the same cells.
 */
export function fillCells(grid: FloorGrid, polygon: Polygon, visit: (cell: number) => void, level = 0): void {
  const rows = rowsOfLevel(grid);
  const sides = sidesOf(polygon);
  const { min, max } = boundsOf(polygon);
  const rowAt = (y: number): number => Math.floor((y - grid.origin[1]) / grid.cell);
  const columnAt = (x: number): number => (x - grid.origin[0]) / grid.cell - 0.5;
  for (let row = Math.max(0, rowAt(min[1] - ON)); row <= Math.min(rows - 1, rowAt(max[1] + ON)); row++) {
    const y = grid.origin[1] + (row + 0.5) * grid.cell;
    const fill = (line: number, fillCell: (column: number) => void): void => {
      const hits = hitsAlong(sides, line);
      for (let i = 0; i + 1 < hits.length; i += 2) {
        const from = Math.ceil(columnAt(hits[i] as number) - ON);
        const to = Math.floor(columnAt(hits[i + 1] as number) + ON);
        for (let column = Math.max(0, from); column <= Math.min(grid.columns - 1, to); column++)
          fillCell(column);
      }
    };
    const visitColumn = (column: number): void => visit((row + level * rows) * grid.columns + column);
    if (!polygon.some(([, each]) => Math.abs(each - y) < ON)) {
      fill(y, visitColumn);
      continue;
    }
    // Where corners lie in the row itself, what is just above and just below it counts, each cell once.
    const filled = new Set<number>();
    for (const line of [y - 2 * ON, y + 2 * ON]) fill(line, column => filled.add(column));
    filled.forEach(visitColumn);
  }
}

/** Where the sides of a polygon cross a line along x, in order. */
function hitsAlong(sides: readonly (readonly [Point, Point])[], y: number): number[] {
  const hits: number[] = [];
  for (const [[ax, ay], [bx, by]] of sides) {
    if (ay > y !== by > y) hits.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
  }
  return hits.sort((a, b) => a - b);
}

/** Calls `visit` with every cell of a box given by two corners. */
export function cellsInBox(
  grid: FloorGrid,
  min: Point,
  max: Point,
  visit: (cell: number) => void,
  level = 0,
): void {
  const rows = rowsOfLevel(grid);
  const index = (value: number, axis: 0 | 1): number => Math.floor((value - grid.origin[axis]) / grid.cell);
  for (let row = Math.max(0, index(min[1], 1)); row <= Math.min(rows - 1, index(max[1], 1)); row++) {
    for (let c = Math.max(0, index(min[0], 0)); c <= Math.min(grid.columns - 1, index(max[0], 0)); c++) {
      visit((row + level * rows) * grid.columns + c);
    }
  }
}
