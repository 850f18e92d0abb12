/** Laying leads on the floor: against a plain search over the same grid, and by what a lead may never do. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Venue } from '../../src/documents/index.js';
import { contains, crossing, distance, type Point } from '../../src/foundations/geometry.js';
import { CostField } from '../../src/foundations/cost-field.js';
import { centreOf, cellAt, type FloorGrid } from '../../src/foundations/floor-grid.js';
import { COST, floorOf, type Floor } from '../../src/stations/runs/floor.js';
import { Laying, type Stop } from '../../src/stations/runs/laying.js';
import { routeTo } from '../../src/stations/runs/route.js';
import { between, room, type RoomWithPillars } from '../arbitraries.js';
import { cellsPassed } from '../steps.js';

const venueOf = ({ outline, pillars }: RoomWithPillars, more: Partial<Venue> = {}): Venue => ({
  version: 1,
  name: 'A room',
  volts: 230,
  hertz: 50,
  outline: [...outline],
  pillars: Object.fromEntries(
    pillars.map(({ label, outline: shape }, i) => {
      const xs = shape.map(([x]) => x);
      const ys = shape.map(([, y]) => y);
      const size = Math.max(...xs) - Math.min(...xs);
      const at: Point = [(Math.max(...xs) + Math.min(...xs)) / 2, (Math.max(...ys) + Math.min(...ys)) / 2];
      return [`pillar${String(i).padStart(3, '0')}`, { label, at, size, round: shape.length > 4 }];
    }),
  ),
  ...more,
});

const rectangle = (x: number, y: number, width: number, depth: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + depth],
  [x, y + depth],
];

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
          const cost = (costs[here] ?? 0) + Math.hypot(dx, dy) * cell * each;
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

const small = fc.record({
  columns: fc.integer({ min: 4, max: 14 }),
  rows: fc.integer({ min: 4, max: 14 }),
  seed: fc.array(fc.constantFrom(1, 2.5, 4, Infinity), { minLength: 196, maxLength: 196 }),
});

describe('a cost field', () => {
  it('finds the least cost that a plain search finds', () => {
    fc.assert(
      fc.property(small, ({ columns, rows, seed }) => {
        const size = columns * rows;
        const grid: FloorGrid = {
          cell: 0.25,
          origin: [0, 0] as const,
          columns,
          rows,
          costs: Float64Array.from(seed.slice(0, size)),
          axes: new Uint8Array(size),
          zones: new Uint16Array(size),
          tolls: [0],
        };
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
});

const inside = (each: RoomWithPillars): fc.Arbitrary<Point> =>
  fc
    .tuple(between(0.6, each.width - 0.6), between(0.6, each.depth - 0.6))
    .filter(at => each.pillars.every(({ outline }) => !contains(outline, at)));

const journey = room.chain(each =>
  fc.record({ room: fc.constant(each), from: inside(each), to: inside(each) }),
);

const along = (points: readonly Point[], visit: (at: Point) => void): void => {
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1] as Point, points[i] as Point];
    for (let t = 0; t <= 1; t += 0.02) visit([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t]);
  }
};

describe('a route', () => {
  it('joins both ends inside the walls, past the pillars, and is no shorter than the straight line', () => {
    fc.assert(
      fc.property(journey, ({ room: each, from, to }) => {
        const floor = floorOf(venueOf(each));
        const route = routeTo(floor, new CostField(floor.grid, to), from);
        if (!route) return;
        expect(route.points[0]).toEqual(from);
        expect(route.points.at(-1)).toEqual(to);
        expect(route.onFloor).toBeGreaterThanOrEqual(distance(from, to) - 1e-9);
        // A quarter-metre grid may graze a corner by half a cell's diagonal.
        const shrunk = each.pillars.filter(({ outline }) => outline.length === 4);
        along(route.points.slice(1, -1), at => {
          expect(contains(each.outline, at)).toBe(true);
          for (const { outline } of shrunk) {
            const [min, max] = [outline[0] as Point, outline[2] as Point];
            const deep = Math.min(at[0] - min[0], max[0] - at[0], at[1] - min[1], max[1] - at[1]);
            expect(deep).toBeLessThan(0.18);
          }
        });
      }),
      { numRuns: 60 },
    );
  });

  it('is the same length both ways, within the grid’s zigzag', () => {
    fc.assert(
      fc.property(journey, ({ room: each, from, to }) => {
        const floor = floorOf(venueOf(each));
        const there = routeTo(floor, new CostField(floor.grid, to), from);
        const back = routeTo(floor, new CostField(floor.grid, from), to);
        expect(there === undefined).toBe(back === undefined);
        if (there && back) expect(weighed(floor, there.points)).toBeCloseTo(weighed(floor, back.points), -1);
      }),
      { numRuns: 60 },
    );
  });

  it('costs the same whichever end is asked', () => {
    fc.assert(
      fc.property(journey, ({ room: each, from, to }) => {
        const areas = {
          aisle0001: { label: 'a', kind: 'keep-clear', walk: 'y', outline: rectangle(3, 0, 1.4, each.depth) },
          aisle0002: { label: 'b', kind: 'keep-clear', walk: 'x', outline: rectangle(0, 4, each.width, 1.2) },
        } as const satisfies Venue['areas'];
        const { grid } = floorOf(venueOf(each, { areas }));
        const there = new CostField(grid, to).costFrom(from);
        const back = new CostField(grid, from).costFrom(to);
        if (Number.isFinite(there) || Number.isFinite(back)) expect(there).toBeCloseTo(back, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('is as long in the room mirrored, and turned by half', () => {
    fc.assert(
      fc.property(journey, fc.constantFrom('x', 'y', 'both'), ({ room: each, from, to }, about) => {
        const flip = ([x, y]: Point): Point => [
          about === 'y' ? x : each.width - x,
          about === 'x' ? y : each.depth - y,
        ];
        const plain = venueOf(each);
        const pillars = Object.fromEntries(
          Object.entries(plain.pillars ?? {}).map(([id, pillar]) => [id, { ...pillar, at: flip(pillar.at) }]),
        );
        const lengthIn = (venue: Venue, a: Point, b: Point): number | undefined =>
          new Laying(venue).route({ at: a, level: 0, fixed: false }, { at: b, level: 0, fixed: true })
            ?.onFloor;
        const [there, turned] = [
          lengthIn(plain, from, to),
          lengthIn({ ...plain, pillars }, flip(from), flip(to)),
        ];
        expect(turned === undefined).toBe(there === undefined);
        if (there !== undefined && turned !== undefined) expect(turned / there).toBeCloseTo(1, 2);
      }),
      { numRuns: 100 },
    );
  });

  it('has the step down from a stage, though the cell of what stands at its edge is not on it', () => {
    const stage = (x: number): Venue => ({
      ...venueOf(hall),
      areas: { stage0001: { label: 'stage', kind: 'raised', floor: 0.4, outline: rectangle(0, 0, x, 12) } },
    });
    const between = (x: number, at: Point): number | undefined =>
      new Laying(stage(x)).route({ at, level: 0, fixed: false }, { at: [18, 6], level: 0, fixed: true })
        ?.between;
    // A stage up to 5.1 m: the cell from 5 to 5.25 m has its middle beyond it.
    expect(between(5.1, [5.05, 6])).toBeCloseTo(0.4, 12);
    expect(between(5.1, [4.5, 6])).toBeCloseTo(0.4, 12);
    expect(between(5.1, [5.15, 6])).toBeCloseTo(0, 12);
    // One up to 5.2 m: there the middle is on it.
    expect(between(5.2, [5.22, 6])).toBeCloseTo(0.8, 12);
    // On the very edge it is on both.
    expect(between(5.2, [5.2, 6])).toBeCloseTo(0.4, 12);
  });

  const hall = { width: 20, depth: 12, outline: rectangle(0, 0, 20, 12), pillars: [] };

  it('goes round the seats along the wall when that costs less', () => {
    const areas = {
      seats0001: { label: 'seats', kind: 'seating' as const, outline: rectangle(4, 1, 12, 10) },
    };
    const floor = floorOf(venueOf(hall, { areas }));
    const route = routeTo(floor, new CostField(floor.grid, [19.5, 6]), [0.5, 6]);
    // Straight: 7 · 2.5 + 12 · 4 = 65.5; by the wall about 6 + 19 + 6 = 31 at 1.
    expect(route?.onFloor).toBeGreaterThan(25);
    along(route?.points ?? [], at => expect(contains(rectangle(4, 1, 12, 10), at)).toBe(false));
  });

  it('crosses an aisle straight, pays for the ramp, and names it', () => {
    const areas = {
      aisle0001: {
        label: 'aisle',
        kind: 'keep-clear' as const,
        walk: 'y' as const,
        outline: rectangle(9, 0, 2, 12),
      },
    };
    const floor = floorOf(venueOf(hall, { areas }));
    const route = routeTo(floor, new CostField(floor.grid, [18, 6]), [2, 6]);
    expect(route?.crossings).toMatchObject([{ kind: 'aisle', label: 'aisle', added: 0 }]);
    expect(route?.crossings[0]?.ramped).toBe(2);
    const within = (route?.points ?? []).filter(([x]) => x > 9.2 && x < 10.8);
    expect(new Set(within.map(([, y]) => y)).size).toBeLessThanOrEqual(1);
  });

  it('passes a door overhead along its wall, up and down again', () => {
    const doors = {
      door00001: {
        label: 'side door',
        kind: 'exit' as const,
        height: 2.2,
        jambs: [
          [9, 0],
          [11, 0],
        ] as Point[],
      },
    };
    const floor = floorOf(
      venueOf(hall, {
        doors,
        areas: {
          seats0001: { label: 'seats', kind: 'seating', outline: rectangle(0.5, 2, 19, 9.5) },
        },
      }),
    );
    const route = routeTo(floor, new CostField(floor.grid, [18, 0.2]), [2, 0.2]);
    expect(route?.crossings).toMatchObject([{ kind: 'door', label: 'side door' }]);
    expect(route?.crossings[0]?.added).toBeCloseTo(5, 12);
    // Nothing lies on the floor before an exit.
    along(route?.points ?? [], ([x, y]) => expect(x > 9.3 && x < 10.7 && y > 0.4 && y < 1.1).toBe(false));
  });

  it('does not exist into a room that is walled off', () => {
    const wall = { pillarwall: { label: 'wall', at: [10, 6] as Point, size: 10 } };
    const floor = floorOf({ ...venueOf({ ...hall, outline: rectangle(0, 1.1, 20, 9.8) }), pillars: wall });
    expect(routeTo(floor, new CostField(floor.grid, [18, 6]), [2, 6])).toBeUndefined();
  });

  it('weighs walls, open floor and seats as the rule says', () => {
    const areas = { seats0001: { label: 'seats', kind: 'seating' as const, outline: rectangle(4, 3, 4, 4) } };
    const { grid } = floorOf(venueOf(hall, { areas }));
    const costAt = (at: Point): number => grid.costs[cellAt(grid, at)] ?? NaN;
    expect(costAt([10, 0.1])).toBe(COST.wall);
    expect(costAt([10, 6])).toBe(COST.open);
    expect(costAt([6, 5])).toBe(COST.seating);
    expect(cellAt(grid, [-1, 5])).toBe(-1);
  });
});

/** Cost of a polyline by small steps. */
function weighed({ grid }: Floor, points: readonly Point[]): number {
  let sum = 0;
  let last: Point | undefined;
  along(points, at => {
    const cost = grid.costs[cellAt(grid, at)] ?? 0;
    if (last) sum += distance(last, at) * (Number.isFinite(cost) ? cost : 1);
    last = at;
  });
  return sum;
}

describe('an inner wall', () => {
  const outline = rectangle(0, 0, 12, 8);
  const base: Venue = { version: 1, name: 'Two rooms', volts: 230, hertz: 50, outline };
  const lengthTo = (venue: Venue, from: Point, to: Point): number | undefined => {
    const floor = floorOf(venue);
    return routeTo(floor, new CostField(floor.grid, to), from)?.onFloor;
  };
  const wall = (...line: Point[]): NonNullable<Venue['walls']> => ({
    partition: { label: 'partition', line },
  });

  it('lets no lead through, at any slant', () => {
    fc.assert(
      fc.property(between(1, 11), between(1, 11), (north, south) => {
        const closed = { ...base, walls: wall([north, 0], [south, 8]) };
        expect(lengthTo(closed, [0.4, 4], [11.6, 4])).toBeUndefined();
      }),
      { numRuns: 60 },
    );
  });

  it('lets a lead through an inner door over its frame only, wherever wall and door lie', () => {
    // A room of 16 by 12 m in two halves: 4.8 m overhead for a door of 2.1 m.
    const hall = { ...base, outline: rectangle(0, 0, 16, 12) };
    fc.assert(
      fc.property(between(2, 14), between(1, 10), between(0.3, 1.5), (x, y, wide) => {
        const jambs: Point[] = [
          [x, y],
          [x, y + wide],
        ];
        const door = { label: 'door', kind: 'inner' as const, height: 2.1, jambs };
        const room = { ...hall, walls: wall([x, 0], [x, 12]), doors: { doorinner: door } };
        const laying = new Laying(room);
        const ends = [0.5, 15.5].map(at => ({ at: [at, 6] satisfies Point, level: 0, fixed: true }));
        const route = laying.route(ends[0] as Stop, ends[1] as Stop);
        expect(route?.crossings.map(({ id, added }) => [id, added])).toEqual([['doorinner', 4.8]]);
        // It passes between the jambs.
        const passes = (route?.points ?? []).slice(1).flatMap((to, i) => {
          const from = route?.points[i] as Point;
          const share = crossing(from, to, [x, -1], [x, 13]);
          return share === undefined ? [] : [from[1] + (to[1] - from[1]) * share];
        });
        for (const at of passes) expect(Math.abs(at - y - wide / 2)).toBeLessThanOrEqual(wide / 2 + 0.13);
        expect(passes.length).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
  });

  it('has a lane at its foot on both sides, wherever it lies', () => {
    for (const x of [4, 4.05, 4.1, 4.125, 4.2, 4.25]) {
      const { grid } = floorOf({ ...base, walls: wall([x, 0], [x, 8]) });
      const row = Array.from({ length: grid.columns }, (_, c) => grid.costs[16 * grid.columns + c]);
      const closed = row.flatMap((cost, c) => (cost === Infinity ? [c] : []));
      const [first = 0, last = 0] = [closed[0], closed.at(-1)];
      expect([row[first - 1], row[last + 1]]).toEqual([1, 1]);
      expect([row[first - 2], row[last + 2]]).toEqual([2.5, 2.5]);
    }
  });

  it('sends it round by the gap, or through a door that is in it', () => {
    const gap = { ...base, walls: wall([6, 0], [6, 6]) };
    const straight = lengthTo(base, [5, 1], [7, 1]) ?? NaN;
    expect(straight).toBeLessThan(2.5);
    // Down to the gap and up again: twice 5 m at least.
    expect(lengthTo(gap, [5, 1], [7, 1])).toBeGreaterThan(10);
    const door = {
      label: 'door',
      kind: 'opening' as const,
      height: 2,
      jambs: rectangle(6, 0.6, 0, 1).slice(1, 3),
    };
    const through = { ...gap, doors: { doorinner: door } };
    expect(lengthTo(through, [5, 1], [7, 1])).toBeLessThan(4);
  });
});
