/** Laying leads on the floor, by what a lead may never do. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Venue } from '../../src/documents/index.js';
import { contains, distance, type Point } from '../../src/foundations/geometry.js';
import { CostField } from '../../src/foundations/cost-field.js';
import { cellAt } from '../../src/foundations/floor-grid.js';
import { COST, floorOf, type Floor } from '../../src/stations/runs/floor.js';
import { Laying } from '../../src/stations/runs/laying.js';
import { routeTo } from '../../src/stations/runs/route.js';
import { between, room, type RoomWithPillars } from '../arbitraries.js';

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
        const { cell } = floorOf(plain).grid;
        const [there, turned] = [
          lengthIn(plain, from, to),
          lengthIn({ ...plain, pillars }, flip(from), flip(to)),
        ];
        expect(turned === undefined).toBe(there === undefined);
        // The zigzag of the grid is 2.8 %, and what stands on the border of two cells may be taken for either.
        if (there !== undefined && turned !== undefined)
          expect(Math.abs(turned - there)).toBeLessThan(0.028 * there + cell);
      }),
      { numRuns: 100 },
    );
  });

  it('takes the same of two ways that cost much the same in a room turned by half', () => {
    // 28.0 m along the wall for 39.04, 16.5 m straight across for 16.471 · 2.5 = 41.18.
    const size = { width: 21.234, depth: 17.368 };
    const way = (turn: (at: Point) => Point): number | undefined => {
      const pillars = {
        pillar000: { label: 'P0', at: turn([11.147, 6.499]), size: 0.568, round: true },
        pillar001: { label: 'P1', at: turn([9.274, 8.959]), size: 1.094 },
        pillar002: { label: 'P2', at: turn([8.588, 11.886]), size: 0.46 },
      };
      const venue = {
        ...venueOf({ ...size, outline: rectangle(0, 0, size.width, size.depth), pillars: [] }),
        pillars,
      };
      const [from, to] = [turn([2.692, 12.332]), turn([19.158, 11.921])];
      return routeTo(floorOf(venue), new CostField(floorOf(venue).grid, to), from)?.onFloor;
    };
    expect(way(([x, y]) => [size.width - x, size.depth - y])).toBeCloseTo(way(at => at) ?? NaN, 9);
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
