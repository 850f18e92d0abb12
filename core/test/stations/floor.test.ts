/** The floor as leads see it: what each metre costs, where none may lie, what is crossed – cell by cell, by hand. */
import { describe, expect, it } from 'vitest';
import type { Door } from '../../src/documents/index.js';
import { cellAt, type Point } from '../../src/foundations/index.js';
import { floorOf, NO_WISHES, type Floor, type Room, type Wishes } from '../../src/stations/runs/floor.js';
import { area, box } from '../rooms.js';

const door = (kind: Door['kind'], a: Point, b: Point, height = 2): Door => ({
  label: kind,
  kind,
  height,
  jambs: [a, b],
});

/** A room of 8 by 6 m in cells of a quarter of a metre. */
const floor = (of: Partial<Room> = {}, wishes: Partial<Wishes> = {}): Floor =>
  floorOf({ outline: box(0, 0, 8, 6), ...of }, { ...NO_WISHES, ...wishes });

const costAt = ({ grid }: Floor, at: Point): number => grid.costs[cellAt(grid, at)] ?? NaN;
const zoneAt = ({ grid, zones }: Floor, at: Point) => zones[grid.zones[cellAt(grid, at)] ?? 0];
const axisAt = ({ grid }: Floor, at: Point): number => grid.axes[cellAt(grid, at)] ?? NaN;

const MIDDLE: Point = [4, 3];

describe('an empty room', () => {
  const empty = floor();
  it('has cells of a quarter of a metre, from its corner', () => {
    expect(empty.grid).toMatchObject({ cell: 0.25, columns: 32, rows: 24, levelRows: 24, origin: [0, 0] });
    expect(empty.zones).toEqual([undefined]);
  });

  it('costs one along its walls, as far as 0.3 m, and two and a half in the open', () => {
    // The middle of the first cell lies 0.125 m from the wall, that of the second 0.375 m.
    expect(costAt(empty, [4, 0.1])).toBe(1);
    expect(costAt(empty, [4, 0.3])).toBe(2.5);
    expect(costAt(empty, [7.9, 3])).toBe(1);
    expect(costAt(empty, MIDDLE)).toBe(2.5);
  });

  it('has cells twice as large in a hall of more than 1,500 m²', () => {
    const hall = (metres: number) => floorOf({ outline: box(0, 0, metres, 30) }).grid.cell;
    expect(hall(50)).toBe(0.25);
    expect(hall(50.1)).toBe(0.5);
  });

  it('has a lane along the walls that is as much wider there', () => {
    const hall = floorOf({ outline: box(0, 0, 60, 30) });
    // 0.6 m: the middles of the first two cells are 0.25 and 0.75 m from the wall.
    expect(costAt(hall, [30, 0.4])).toBe(1);
    expect(costAt(hall, [30, 0.6])).toBe(2.5);
  });

  it('is closed outside of its walls', () => {
    const bent: Point[] = [
      [0, 0],
      [8, 0],
      [8, 3],
      [4, 3],
      [4, 6],
      [0, 6],
    ];
    expect(costAt(floor({ outline: bent }), [6, 5])).toBe(Infinity);
    expect(costAt(floor({ outline: bent }), [6, 2])).toBe(2.5);
  });
});

describe('what stands on the floor', () => {
  it('is dearer among seats, and free under nothing else', () => {
    const seats = floor({ areas: { seats0001: area('seating', box(2, 2, 6, 4)) } });
    expect(costAt(seats, MIDDLE)).toBe(4);
    expect(costAt(seats, [1, 3])).toBe(2.5);
    const other = floor({ areas: { cameras01: area('cameras', box(2, 2, 6, 4)) } });
    expect(costAt(other, MIDDLE)).toBe(2.5);
  });

  it('is closed where a pillar stands', () => {
    const pillared = floor({ pillars: { pillar001: { label: 'P', at: MIDDLE, size: 1 } } });
    expect(costAt(pillared, MIDDLE)).toBe(Infinity);
    expect(costAt(pillared, [4.4, 3.4])).toBe(Infinity);
    expect(costAt(pillared, [4.7, 3])).toBe(2.5);
  });

  it('is as high as the raised floor is, the higher of two', () => {
    const stages = floor({
      areas: {
        stage0001: area('raised', box(2, 2, 6, 4), { floor: 0.4 }),
        stage0002: area('raised', box(4, 2, 6, 4), { floor: 0.9 }),
        stage0003: area('raised', box(5, 2, 6, 4), { floor: 0.6 }),
      },
    });
    const heightAt = (at: Point) => stages.grid.heights?.[cellAt(stages.grid, at)];
    expect([heightAt([1, 3]), heightAt([3, 3]), heightAt([4.5, 3]), heightAt([5.5, 3])]).toEqual([
      0, 0.4, 0.9, 0.9,
    ]);
  });
});

describe('an aisle that is kept clear', () => {
  const aisle = (walk: 'x' | 'y', wishes: Partial<Wishes> = {}) =>
    floor({ areas: { aisle0001: area('keep-clear', box(3, 1, 5, 5), { walk }) } }, wishes);

  it('may be crossed at a right angle, with a ramp as wide as it is', () => {
    const along = aisle('y');
    expect(zoneAt(along, MIDDLE)).toEqual({
      kind: 'aisle',
      id: 'aisle0001',
      label: 'keep-clear',
      added: 0,
      ramped: 2,
    });
    expect(along.grid.tolls).toEqual([0, 6]);
    expect(costAt(along, MIDDLE)).toBe(2.5);
    // People walk along y, so leads go along x; and the other way round.
    expect(axisAt(along, MIDDLE)).toBe(1);
    expect(axisAt(aisle('x'), MIDDLE)).toBe(2);
    expect(axisAt(along, [1, 3])).toBe(0);
    expect(zoneAt(aisle('x'), MIDDLE)?.ramped).toBe(4);
  });

  it('is closed to a lead that keeps away from it', () => {
    expect(costAt(aisle('y', { avoid: new Set(['aisle0001']) }), MIDDLE)).toBe(Infinity);
    expect(costAt(aisle('y', { avoid: new Set(['another01']) }), MIDDLE)).toBe(2.5);
  });
});

describe('a door', () => {
  const at = (kind: Door['kind'], wishes: Partial<Wishes> = {}) =>
    floor({ doors: { door00001: door(kind, [3, 0], [5, 0]) } }, wishes);
  const SILL: Point = [4, 0.1];

  it('is passed overhead along the wall: twice its height and 0.3 m', () => {
    expect(zoneAt(at('inner'), SILL)).toMatchObject({ kind: 'door', id: 'door00001', added: 4.6, ramped: 0 });
    expect(at('inner').grid.tolls).toEqual([0, 4.6]);
    expect(costAt(at('inner'), SILL)).toBe(1);
  });

  it('to the outside only along the wall; through one inside a lead may go', () => {
    expect(axisAt(at('exit'), SILL)).toBe(1);
    expect(axisAt(at('fire'), SILL)).toBe(1);
    expect(axisAt(at('inner'), SILL)).toBe(0);
    const upright = floor({ doors: { door00001: door('exit', [0, 2], [0, 4]) } });
    expect(axisAt(upright, [0.1, 3])).toBe(2);
  });

  it('that is an exit keeps 1.2 m before it free', () => {
    expect(costAt(at('exit'), [4, 1.1])).toBe(Infinity);
    expect(costAt(at('exit'), [4, 1.3])).toBe(2.5);
    // Beside its jambs the floor is as anywhere.
    expect(costAt(at('exit'), [2.8, 0.9])).toBe(2.5);
    expect(costAt(at('inner'), [4, 1.1])).toBe(2.5);
  });

  it('is nothing where it is an opening or a window', () => {
    for (const kind of ['opening', 'window'] as const) {
      expect(zoneAt(at(kind), SILL)).toBeUndefined();
      expect(at(kind).zones).toEqual([undefined]);
    }
  });

  it('is closed to a lead that keeps away from it', () => {
    expect(costAt(at('inner', { avoid: new Set(['door00001']) }), SILL)).toBe(Infinity);
  });
});

describe('an inner wall', () => {
  const walled = (doors: Room['doors'] = {}) =>
    floor({
      walls: {
        wall00001: {
          label: 'W',
          line: [
            [4, 0],
            [4, 6],
          ],
        } as never,
      },
      doors,
    });

  it('is closed, and leads lie along both of its sides', () => {
    expect(costAt(walled(), [4.05, 3])).toBe(Infinity);
    expect(costAt(walled(), [3.95, 3])).toBe(Infinity);
    expect(costAt(walled(), [4.3, 3])).toBe(1);
    expect(costAt(walled(), [4.55, 3])).toBe(2.5);
  });

  it('is open where a door goes through it, or an opening', () => {
    for (const kind of ['inner', 'opening'] as const) {
      const through = walled({ door00001: door(kind, [4, 2], [4, 4]) });
      expect(Number.isFinite(costAt(through, [4.05, 3])), kind).toBe(true);
      expect(costAt(through, [4.05, 5]), kind).toBe(Infinity);
    }
    const window = walled({ door00001: door('window', [4, 2], [4, 4]) });
    expect(costAt(window, [4.05, 3])).toBe(Infinity);
  });
});

describe('more floors than one', () => {
  const GALLERY = { gallery01: area('gallery', box(0, 0, 3, 6), { floor: 3 }) };
  it('lie after each other in the grid, with two rows between that nothing crosses', () => {
    const { grid, levels } = floor({ areas: GALLERY });
    expect(levels).toEqual(new Map([['gallery01', 1]]));
    expect(grid).toMatchObject({ levelRows: 26, rows: 52 });
    for (const row of [24, 25]) {
      for (let column = 0; column < grid.columns; column++) {
        expect(grid.costs[row * grid.columns + column]).toBe(Infinity);
      }
    }
  });

  it('cost as much along the walls and the rail of a gallery, and are as high as it is', () => {
    const { grid } = floor({ areas: GALLERY });
    const at = (point: Point) => cellAt(grid, point, 1);
    expect(grid.costs[at([1.5, 0.1])]).toBe(1);
    expect(grid.costs[at([2.9, 3])]).toBe(1);
    expect(grid.costs[at([1.5, 3])]).toBe(2.5);
    expect(grid.costs[at([5, 3])]).toBe(Infinity);
    expect(grid.heights?.[at([1.5, 3])]).toBe(3);
  });

  it('have one more for points in the ceiling, where a lead may hang', () => {
    const ceilingPoints = {
      point0001: { label: 'P1', at: [2, 3] as Point, height: 4 } as never,
      point0002: { label: 'P2', at: [6, 3] as Point, height: 4.5 } as never,
    };
    expect(floor({ ceilingPoints }).grid.rows).toBe(24);
    const { grid } = floor({ ceilingPoints }, { ceiling: true });
    expect(grid.rows).toBe(52);
    const [low, high] = [cellAt(grid, [2, 3], 1), cellAt(grid, [6, 3], 1)];
    const lifts = grid.lifts?.get(low) ?? [];
    // Down 4 m, with four for fixing; across √(4² + 0.5²).
    expect(lifts).toContainEqual({ to: cellAt(grid, [2, 3]), length: 4, cost: 8 });
    const across = lifts.find(({ to }) => to === high);
    expect(across?.length).toBeCloseTo(Math.hypot(4, 0.5), 12);
    expect(across?.cost).toBe(across?.length);
  });
});
