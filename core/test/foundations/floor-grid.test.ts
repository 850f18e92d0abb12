import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contains, crossing, stretchInside, type Point } from '../../src/foundations/geometry.js';
import { CostField } from '../../src/foundations/cost-field.js';
import { fillCells, type FloorGrid } from '../../src/foundations/floor-grid.js';
import { visibleRegion } from '../../src/foundations/visible-region.js';
import { walls } from '../rooms.js';

const square: Point[] = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
];

function openGrid(columns: number, rows: number): FloorGrid & { tolls: number[] } {
  return {
    cell: 1,
    origin: [0, 0],
    columns,
    rows,
    costs: new Float64Array(columns * rows).fill(1),
    axes: new Uint8Array(columns * rows),
    zones: new Uint16Array(columns * rows),
    tolls: [0],
  };
}

describe('a polygon in a grid', () => {
  it('has the same cells mirrored and turned by half, wherever its sides lie', () => {
    const at = fc.integer({ min: 0, max: 24 }).map(n => n / 2);
    fc.assert(
      fc.property(fc.tuple(at, at, at, at), ([a, b, c, d]) => {
        const [left, right, top, bottom] = [Math.min(a, b), Math.max(a, b), Math.min(c, d), Math.max(c, d)];
        fc.pre(left < right && top < bottom);
        const filled = (x0: number, y0: number, x1: number, y1: number): Set<number> => {
          const cells = new Set<number>();
          const corners: Point[] = [
            [x0, y0],
            [x1, y0],
            [x1, y1],
            [x0, y1],
          ];
          fillCells(openGrid(12, 12), corners, cell => cells.add(cell));
          return cells;
        };
        const plain = filled(left, top, right, bottom);
        const turned = filled(12 - right, 12 - bottom, 12 - left, 12 - top);
        expect([...turned].map(cell => 143 - cell).sort((x, y) => x - y)).toEqual(
          [...plain].sort((x, y) => x - y),
        );
        const mirrored = filled(12 - right, top, 12 - left, bottom);
        const flip = (cell: number): number => cell - (cell % 12) + 11 - (cell % 12);
        expect([...mirrored].map(flip).sort((x, y) => x - y)).toEqual([...plain].sort((x, y) => x - y));
      }),
    );
  });
});

describe('geometry', () => {
  it('finds crossings and the stretch inside a polygon', () => {
    expect(crossing([-5, 5], [15, 5], [0, 0], [0, 10])).toBeCloseTo(0.25);
    expect(stretchInside(square, [-5, 5], [15, 5])).toEqual([0.25, 0.75]);
    expect(stretchInside(square, [5, 5], [15, 5])).toEqual([0, 0.5]);
    expect(stretchInside(square, [-5, 11], [15, 11])).toBeUndefined();
  });

  it('fills just the cells whose centre is inside', () => {
    const grid = openGrid(12, 12);
    const filled = new Set<number>();
    fillCells(
      grid,
      [
        [1, 1],
        [6.2, 1],
        [1, 8],
      ],
      cell => filled.add(cell),
    );
    for (let i = 0; i < 144; i++) {
      const centre: Point = [(i % 12) + 0.5, Math.floor(i / 12) + 0.5];
      expect(filled.has(i)).toBe(
        contains(
          [
            [1, 1],
            [6.2, 1],
            [1, 8],
          ],
          centre,
        ),
      );
    }
  });

  it('sees out to the range, and only to a wall before it', () => {
    const region = visibleRegion(
      [5, 5],
      0,
      90,
      20,
      walls([
        [8, 0],
        [8, 10],
      ]),
    );
    expect(Math.max(...region.map(([x]) => x))).toBeCloseTo(8, 6);
    expect(region[0]).toEqual([5, 5]);
  });
});

describe('cost fields', () => {
  it('walk around what is forbidden', () => {
    const grid = openGrid(9, 9);
    for (let row = 0; row < 8; row++) grid.costs[row * 9 + 4] = Infinity;
    const cells = new CostField(grid, [0.5, 0.5]).cellsFrom([8.5, 0.5]) ?? [];
    expect(cells.every(cell => grid.costs[cell] !== Infinity)).toBe(true);
    expect(cells.some(cell => cell === 8 * 9 + 4)).toBe(true);
    for (let row = 0; row < 9; row++) grid.costs[row * 9 + 4] = Infinity;
    expect(new CostField({ ...grid }, [0.5, 0.5]).cellsFrom([8.5, 0.5])).toBeUndefined();
  });

  it('cross a toll zone straight and only where it is worth it', () => {
    const grid = openGrid(9, 9);
    for (let row = 0; row < 9; row++) {
      grid.zones[row * 9 + 4] = 1;
      grid.axes[row * 9 + 4] = 1;
    }
    grid.tolls.push(6);
    const cells = new CostField(grid, [0.5, 0.5]).cellsFrom([8.5, 8.5]) ?? [];
    const inZone = cells.filter(cell => grid.zones[cell]);
    expect(inZone).toHaveLength(1);
    const at = cells.indexOf(inZone[0] as number);
    expect(Math.abs((cells[at + 1] ?? 0) - (cells[at - 1] ?? 0))).toBe(2);
  });
});
