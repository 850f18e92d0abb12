/** Least costs over a grid, against a plain search of the same grid. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CostField } from '../../src/foundations/cost-field.js';
import { centreOf, type FloorGrid } from '../../src/foundations/floor-grid.js';
import { distance } from '../../src/foundations/geometry.js';
import { cellsPassed } from '../steps.js';

/** Least cost between two cells by looking at every cell again and again (Bellman and Ford): slow and plain. */
function plainCost(grid: FloorGrid, from: number, to: number): number {
  const steps = [-2, -1, 0, 1, 2].flatMap(dx =>
    [-2, -1, 0, 1, 2].flatMap(dy => {
      const both = [Math.abs(dx), Math.abs(dy)].sort().join();
      return ['0,1', '1,1', '1,2'].includes(both) ? [[dx, dy] as const] : [];
    }),
  );
  const { columns, rows, cell } = grid;
  const open = (c: number, r: number): boolean =>
    c >= 0 && r >= 0 && c < columns && r < rows && Number.isFinite(grid.costs[r * columns + c]);
  const costs = new Float64Array(columns * rows).fill(Infinity);
  costs[from] = 0;
  for (let changed = true; changed;) {
    changed = false;
    for (let r = 0; r < rows; r++) {
      for (let c = 0; c < columns; c++) {
        const here = r * columns + c;
        if (!Number.isFinite(costs[here])) continue;
        for (const [dx, dy] of steps) {
          const [tc, tr] = [c + dx, r + dy];
          if (!open(tc, tr)) continue;
          // A slanting step passes other cells: all must be open.
          if (dx !== 0 && dy !== 0 && !cellsPassed(dx, dy).every(([x, y]) => open(c + x, r + y))) continue;
          const there = tr * columns + tc;
          const each = ((grid.costs[here] ?? 0) + (grid.costs[there] ?? 0)) / 2;
          const climb = Math.abs((grid.heights?.[there] ?? 0) - (grid.heights?.[here] ?? 0));
          const cost = (costs[here] ?? 0) + Math.hypot(dx, dy) * cell * each + climb;
          if (cost < (costs[there] ?? 0) - 1e-12) {
            costs[there] = cost;
            changed = true;
          }
        }
      }
    }
  }
  return costs[to] ?? Infinity;
}

/** What a list of cells costs, step by step. */
const costOf = (grid: FloorGrid, cells: readonly number[]): number =>
  cells.slice(1).reduce((sum, cell, i) => {
    const before = cells[i] ?? 0;
    const each = ((grid.costs[before] ?? 0) + (grid.costs[cell] ?? 0)) / 2;
    return sum + distance(centreOf(grid, before), centreOf(grid, cell)) * each;
  }, 0);

const gridOf = (columns: number, rows: number, costs: Float64Array): FloorGrid => ({
  cell: 0.25,
  origin: [0, 0],
  columns,
  rows,
  costs,
  axes: new Uint8Array(columns * rows),
  zones: new Uint16Array(columns * rows),
  tolls: [0],
});

const small = fc.record({
  columns: fc.integer({ min: 4, max: 14 }),
  rows: fc.integer({ min: 4, max: 14 }),
  seed: fc.array(fc.constantFrom(1, 2.5, 4, Infinity), { minLength: 196, maxLength: 196 }),
});

/** Rooms with wide floors of one cost, some of them raised, and what stands about. */
const cost = fc.constantFrom(1, 2.5, Infinity);
const patch = fc.tuple(fc.nat(17), fc.nat(13), fc.nat(9), fc.nat(9), cost, fc.constantFrom(0, 0.2));
const room = fc.record({
  columns: fc.integer({ min: 8, max: 18 }),
  rows: fc.integer({ min: 8, max: 14 }),
  patches: fc.array(patch, { maxLength: 5 }),
});

describe('a cost field', () => {
  it('finds the least cost that a plain search finds', () => {
    fc.assert(
      fc.property(small, ({ columns, rows, seed }) => {
        const size = columns * rows;
        const grid = gridOf(columns, rows, Float64Array.from(seed.slice(0, size)));
        grid.costs[0] = 1;
        grid.costs[size - 1] = 1;
        const cells = new CostField(grid, centreOf(grid, 0)).cellsFrom(centreOf(grid, size - 1));
        const least = plainCost(grid, 0, size - 1);
        if (!cells) expect(least).toBe(Infinity);
        else {
          expect(cells[0]).toBe(size - 1);
          expect(cells.at(-1)).toBe(0);
          expect(costOf(grid, cells)).toBeCloseTo(least, 9);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('finds it over wide floors, up steps and past what stands there', () => {
    fc.assert(
      fc.property(room, fc.nat(), fc.nat(), ({ columns, rows, patches }, start, end) => {
        const size = columns * rows;
        const costs = new Float64Array(size).fill(1);
        const heights = new Float64Array(size);
        for (const [left, top, wide, high, price, height] of patches) {
          for (let r = top; r <= Math.min(rows - 1, top + high); r++) {
            for (let c = left; c <= Math.min(columns - 1, left + wide); c++) {
              costs[r * columns + c] = price;
              heights[r * columns + c] = height;
            }
          }
        }
        const grid = { ...gridOf(columns, rows, costs), heights };
        const [from, to] = [start % size, end % size];
        costs[from] = costs[to] = 1;
        const found = new CostField(grid, centreOf(grid, from)).costFrom(centreOf(grid, to));
        const least = plainCost(grid, from, to);
        // A ten-millionth more for each metre tells the shortest of ways that cost the same.
        if (Number.isFinite(least)) expect(found).toBeCloseTo(least, 5);
        else expect(found).toBe(Infinity);
      }),
      { numRuns: 200 },
    );
  });
});
