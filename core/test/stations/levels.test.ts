/** Ways between floors, and where a lead goes under a ramp or over a door – by hand. */
import { describe, expect, it } from 'vitest';
import type { Area, Door } from '../../src/documents/index.js';
import { cellAt, centreOf, type Point } from '../../src/foundations/index.js';
import { crossingMarks, crossingWords } from '../../src/stations/runs/crossing-marks.js';
import { floorOf, NO_WISHES, type Room } from '../../src/stations/runs/floor.js';
import { area, box } from '../rooms.js';

const GALLERY = area('gallery', box(0, 0, 3, 6), { floor: 3 });
/** A room of 8 by 6 m with a gallery 3 m up along its west wall. */
const gridOf = (of: Partial<Room> = {}) =>
  floorOf({ outline: box(0, 0, 8, 6), ...of, areas: { gallery01: GALLERY, ...of.areas } }, NO_WISHES).grid;

/** The lifts of a grid from the gallery down, by where they go. */
function downFrom(grid: ReturnType<typeof gridOf>) {
  const found: { from: Point; to: Point; length: number; cost: number }[] = [];
  const ground = grid.columns * (grid.levelRows ?? 0);
  for (const [from, lifts] of grid.lifts ?? []) {
    if (from < ground) continue;
    for (const { to, length, cost } of lifts)
      if (to < ground) found.push({ from: centreOf(grid, from), to: centreOf(grid, to), length, cost });
  }
  return found;
}

describe('over the edge of a gallery', () => {
  const drops = downFrom(gridOf());

  it('a lead hangs straight down, with two metres more to make it safe', () => {
    expect(drops.length).toBeGreaterThan(0);
    for (const { length, cost } of drops) {
      expect(length).toBe(3);
      expect(cost).toBe(5);
    }
  });

  it('it goes 0.2 m in and comes down 0.35 m out, every half metre of the open edge', () => {
    // The cells of a quarter of a metre that hold 2.8 m and 3.35 m; the other three sides are walls.
    expect(new Set(drops.map(({ to: [x] }) => x))).toEqual(new Set([3.375]));
    expect(new Set(drops.map(({ from: [x] }) => x))).toEqual(new Set([2.875]));
    // 6 m in steps of half a metre, the first a quarter in: a quarter, three quarters, …
    expect(drops).toHaveLength(12);
    const rows = drops.map(({ to: [, y] }) => y).sort((a, b) => a - b);
    expect(rows[0]).toBeCloseTo(0.375, 9);
    expect((rows[1] ?? 0) - (rows[0] ?? 0)).toBeCloseTo(0.5, 9);
  });

  it('it may be climbed back as it came', () => {
    const grid = gridOf();
    for (const [from, lifts] of grid.lifts ?? []) {
      for (const { to, length, cost } of lifts) {
        const back = grid.lifts?.get(to)?.find(lift => lift.to === from);
        expect(back).toEqual({ to: from, length, cost });
      }
    }
  });

  it('it comes down on no aisle, and counts from the floor before it', () => {
    const aisle = gridOf({ areas: { aisle0001: area('keep-clear', box(3, 0, 4.5, 6), { walk: 'y' }) } });
    expect(downFrom(aisle)).toEqual([]);
    const stage = gridOf({ areas: { stage0001: area('raised', box(3, 0, 5, 6), { floor: 0.8 }) } });
    for (const { length } of downFrom(stage)) expect(length).toBeCloseTo(2.2, 9);
  });
});

describe('along stairs', () => {
  const stairs = { label: 'stairs', outline: box(3, 2, 7, 3), head: 'gallery01' } as never;
  const grid = gridOf({ stairs: { stairs001: stairs } });
  const climbs = downFrom(grid).filter(({ length }) => length !== 3);

  it('a lead climbs from the end that is farthest from the gallery to the nearest place on it', () => {
    // The foot is at 3 m, where the floor before the stairs ends; the head at 7 m, where the gallery begins.
    const ends = (at: readonly Point[]): number[] => [...new Set(at.map(([x]) => x))].sort();
    expect(ends(climbs.map(({ from }) => from))).toEqual([2.875]);
    expect(ends(climbs.map(({ to }) => to))).toEqual([6.875, 7.125]);
  });

  it('as long as its slope, at two and a half for each metre and six more', () => {
    // 4 m along and 3 m up: 5 m.
    for (const { length, cost } of climbs) {
      expect(length).toBeCloseTo(5, 9);
      expect(cost).toBeCloseTo(5 * 2.5 + 6, 9);
    }
  });

  it('of another gallery is no way to this one', () => {
    const other = gridOf({ stairs: { stairs001: { ...(stairs as object), head: 'another01' } as never } });
    expect(downFrom(other).every(({ length }) => length === 3)).toBe(true);
  });
});

describe('points in the ceiling', () => {
  const hung = (apart: number) => {
    const points = {
      point0001: { label: 'P1', at: [1, 1] as Point, height: 4 } as never,
      point0002: { label: 'P2', at: [1 + apart, 1] as Point, height: 4 } as never,
    };
    return floorOf({ outline: box(0, 0, 20, 6), ceilingPoints: points }, { ...NO_WISHES, ceiling: true })
      .grid;
  };
  const across = (apart: number): boolean => {
    const grid = hung(apart);
    const [here, there] = [cellAt(grid, [1, 1], 1), cellAt(grid, [1 + apart, 1], 1)];
    return grid.lifts?.get(here)?.some(({ to }) => to === there) ?? false;
  };

  it('are joined where a lead hangs free for twelve metres at most', () => {
    expect(across(12)).toBe(true);
    expect(across(12.01)).toBe(false);
  });
});

const zone = (kind: 'aisle' | 'door', id: string, label = id) => ({ kind, id, label, added: 0, ramped: 1 });
const run = (points: Point[], crossings: ReturnType<typeof zone>[], aloft: number[] = []) => ({
  points,
  floors: points.map(() => 0),
  aloft: new Set(aloft),
  crossings,
});

describe('where a lead crosses', () => {
  const areas: Record<string, Area> = { aisle0001: area('keep-clear', box(4, 0, 6, 10)) };
  const doors: Record<string, Door> = {
    door00001: {
      label: 'main door',
      kind: 'exit',
      height: 2,
      jambs: [
        [9, 0],
        [11, 0],
      ],
    },
  };
  const along: Point[] = [
    [0, 1],
    [12, 1],
  ];

  it('is called a ramp over an aisle, overhead at a door', () => {
    expect(crossingWords(zone('aisle', 'a', 'centre aisle'))).toBe('ramp over centre aisle');
    expect(crossingWords(zone('door', 'd', 'main door'))).toBe('overhead at main door');
  });

  it('is marked in the middle of the aisle, and right before the door', () => {
    const marks = crossingMarks(run(along, [zone('door', 'door00001'), zone('aisle', 'aisle0001')]), {
      areas,
      doors,
    });
    // In the order the lead comes to them.
    expect(marks.map(({ zone: { id } }) => id)).toEqual(['aisle0001', 'door00001']);
    expect(marks[0]?.at[0]).toBeCloseTo(5, 0);
    expect(Math.abs((marks[0]?.at[0] ?? 0) - 5)).toBeLessThanOrEqual(0.1);
    expect(Math.abs((marks[1]?.at[0] ?? 0) - 10)).toBeLessThanOrEqual(0.1);
    expect(marks[0]?.along).toBeCloseTo(marks[0]?.at[0] ?? NaN, 9);
  });

  it('is not marked where the lead hangs over it, or what is crossed is gone', () => {
    const crossing = [zone('aisle', 'aisle0001')];
    expect(crossingMarks(run(along, crossing, [0]), { areas, doors })).toEqual([]);
    expect(crossingMarks(run(along, crossing), { areas: {}, doors })).toEqual([]);
    expect(crossingMarks(run(along, [zone('door', 'door00001')]), { areas, doors: {} })).toEqual([]);
  });
});
