/** Laying leads over several floors, through pinned places and around what is refused. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Area, Venue } from '../../src/documents/index.js';
import { CostField } from '../../src/foundations/cost-field.js';
import { openCellsAt, type FloorGrid } from '../../src/foundations/floor-grid.js';
import { contains, distanceToSegment, type Point } from '../../src/foundations/geometry.js';
import { floorOf } from '../../src/stations/runs/floor.js';
import { Laying, type Stop } from '../../src/stations/runs/laying.js';
import { lyingBeside, squaresOf, type Squares } from '../../src/stations/runs/occupancy.js';
import { between } from '../arbitraries.js';
import { cellsPassed } from '../steps.js';

const box = (x: number, y: number, width: number, depth: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + depth],
  [x, y + depth],
];

/** Least costs from a cell by offering every step again whenever a cell became cheaper: slow and plain. */
function plainCosts(grid: FloorGrid, from: number): Float64Array {
  const { columns, rows, cell: side, costs, axes, zones, tolls, heights, lifts } = grid;
  const least = new Float64Array(columns * rows).fill(Infinity);
  least[from] = 0;
  const hard = (cell: number): boolean => costs[cell] === Infinity || zones[cell] !== 0 || axes[cell] !== 0;
  const open = [from];
  for (const here of open) {
    const offer = (to: number, cost: number): void => {
      if ((least[here] ?? 0) + cost >= (least[to] ?? 0) - 1e-12) return;
      least[to] = (least[here] ?? 0) + cost;
      open.push(to);
    };
    const [column, row] = [here % columns, Math.floor(here / columns)];
    for (let dy = -2; dy <= 2; dy++) {
      for (let dx = -2; dx <= 2; dx++) {
        const [far, near] = [Math.max(Math.abs(dx), Math.abs(dy)), Math.min(Math.abs(dx), Math.abs(dy))];
        if (far === 0 || (far === 2 && near !== 1)) continue;
        const [c, r] = [column + dx, row + dy];
        if (c < 0 || r < 0 || c >= columns || r >= rows) continue;
        const to = r * columns + c;
        if (costs[to] === Infinity) continue;
        let cost = Math.hypot(dx, dy) * side * (((costs[here] ?? 0) + (costs[to] ?? 0)) / 2);
        cost += Math.abs((heights?.[to] ?? 0) - (heights?.[here] ?? 0));
        if (near > 0) {
          const passed = cellsPassed(dx, dy).map(([x, y]) => here + y * columns + x);
          if ([here, to, ...passed].some(hard)) continue;
        } else {
          const axis = axes[here] || axes[to];
          if ((axis === 1 && dy !== 0) || (axis === 2 && dx !== 0)) continue;
          const [left, entered] = [zones[here] ?? 0, zones[to] ?? 0];
          if (left !== entered) cost += ((tolls[left] ?? 0) + (tolls[entered] ?? 0)) / 2;
        }
        offer(to, cost);
      }
    }
    for (const lift of lifts?.get(here) ?? []) offer(lift.to, lift.cost);
  }
  return least;
}

/** A room with pillars, an aisle, a stage, a gallery with stairs, a door and points in the ceiling. */
const small = fc.record({
  width: between(6, 12),
  depth: between(6, 12),
  pillars: fc.array(fc.tuple(between(0.2, 0.8), between(0.2, 0.8)), { maxLength: 4 }),
});
const venues = small.chain(({ width, depth, pillars }) =>
  fc.record({ aisle: between(0.2, 0.7), stage: between(0.1, 1.2), gallery: fc.boolean() }).map(each => {
    const areas: Record<string, Area> = {
      aislecent: {
        label: 'aisle',
        kind: 'keep-clear',
        walk: 'x',
        outline: box(1, depth * each.aisle, width - 3, 1.25),
      },
      stage0001: { label: 'stage', kind: 'raised', floor: each.stage, outline: box(width - 2.5, 1, 2.5, 3) },
      ...(each.gallery && {
        gallery01: { label: 'gallery', kind: 'gallery', floor: 3, outline: box(0.1, 0.5, 2, depth - 1) },
      }),
    };
    const venue: Venue = {
      version: 1,
      name: 'A room',
      volts: 230,
      hertz: 50,
      outline: box(0, 0, width, depth),
      areas,
      pillars: Object.fromEntries(
        pillars.map(([x, y], i) => [
          `pillar00${i}`,
          { label: `P${i}`, at: [width * x, depth * y] as Point, size: 0.4 },
        ]),
      ),
      doors: {
        door00001: {
          label: 'door',
          kind: 'exit',
          height: 2,
          jambs: [[3, depth] as Point, [4.2, depth] as Point],
        },
      },
      stairs: { stairs001: { label: 'stairs', outline: box(2.2, 1, 1, 2.5), head: 'gallery01' } },
      ceilingPoints: {
        point0001: { label: 'P1', at: [width * 0.4, depth * 0.3], height: 4 },
        point0002: { label: 'P2', at: [width * 0.6, depth * 0.8], height: 4.5 },
      },
    };
    return { venue, width, depth, ceiling: each.stage > 0.6 };
  }),
);

describe('the cost field of a venue', () => {
  it('has the costs that a plain search finds, in 300 venues', () => {
    fc.assert(
      fc.property(venues, between(0.2, 0.8), between(0.2, 0.8), ({ venue, width, depth, ceiling }, x, y) => {
        const { grid, levels } = floorOf(venue, { avoid: new Set(), ceiling });
        const source: Point = [width * x, depth * y];
        const plain = openCellsAt(grid, source, 2).map(start => plainCosts(grid, start));
        const field = new CostField(grid, source);
        const level = levels.get('gallery01') ?? 0;
        for (const [at, on] of [
          [[width - 1, 2], 0],
          [[1, depth / 2], level],
          [[width / 2, 0.3], 0],
        ] as const) {
          const ours = field.costFrom(at, on);
          const theirs = Math.min(
            ...openCellsAt(grid, at, 2, on).flatMap(cell => plain.map(costs => costs[cell] ?? Infinity)),
          );
          if (theirs === Infinity) expect(ours).toBe(Infinity);
          // A ten-millionth is added to each metre.
          else expect(ours).toBeCloseTo(theirs, 5);
        }
      }),
      { numRuns: 300 },
    );
  });
});

const stop = (at: Point, level = 0): Stop => ({ at, level, fixed: true });
const hall = (more: Partial<Venue> = {}): Venue => ({
  version: 1,
  name: 'Hall',
  volts: 230,
  hertz: 50,
  outline: box(0, 0, 20, 12),
  ...more,
});
const AISLE: Area = { label: 'aisle', kind: 'keep-clear', outline: box(0, 5.5, 16, 1.5), walk: 'x' };

describe('a lead', () => {
  const gallery: Area = { label: 'gallery', kind: 'gallery', floor: 3, outline: box(0, 0, 4, 12) };

  it('comes down over the edge of a gallery, or along its stairs where every edge is at a wall', () => {
    const over = new Laying(hall({ areas: { gallery01: gallery } }));
    const route = over.route(stop([2, 6], over.levelOf('gallery01')), stop([15, 6]));
    expect(route?.between).toBeCloseTo(3, 9);
    expect(route?.aloft.size).toBe(1);
    const [drop = -1] = route?.aloft ?? [];
    expect(route?.points[drop]?.[0]).toBeLessThan(4);
    expect(route?.points[drop + 1]?.[0]).toBeGreaterThan(4);
    expect([route?.floors[drop], route?.floors[drop + 1]]).toEqual([3, 0]);
    const closed = hall({
      areas: { gallery01: { ...gallery, outline: box(0, 0, 4, 8) } },
      walls: {
        wall00001: { label: 'glass', line: [[4.2, 0] as Point, [4.2, 8.2] as Point, [0, 8.2] as Point] },
      },
      stairs: { stairs001: { label: 'stairs', outline: box(2, 8.4, 1, 3), head: 'gallery01' } },
    });
    const along = new Laying(closed).route(stop([2, 6], 1), stop([15, 6]));
    expect(along?.between).toBeGreaterThan(3);
  });

  it('counts a step of a stage once, up or down', () => {
    const stage: Area = { label: 'stage', kind: 'raised', floor: 0.6, outline: box(14, 0, 6, 12) };
    const laying = new Laying(hall({ areas: { stage0001: stage } }));
    expect(laying.route(stop([18, 6]), stop([3, 6]))?.between).toBeCloseTo(0.6, 9);
    expect(laying.route(stop([18, 6]), stop([16, 3]))?.between).toBe(0);
  });

  it('goes through the places that are pinned, whichever end stays put', () => {
    const laying = new Laying(hall());
    const pins = [{ at: [10, 11] as Point }, { at: [15, 2] as Point }];
    const [from, to] = [stop([2, 2]), stop([18, 6])];
    const route = laying.route(from, to, { pins });
    const moved = laying.route({ ...from, fixed: false }, to, { pins });
    for (const { at } of pins) {
      const near = Math.min(
        ...(route?.points.slice(1) ?? []).map((b, i) => distanceToSegment(at, route?.points[i] as Point, b)),
      );
      expect(near).toBeLessThan(0.01);
    }
    expect(route?.onFloor).toBeGreaterThan(laying.route(from, to)?.onFloor ?? Infinity);
    expect(moved?.onFloor).toBeCloseTo(route?.onFloor ?? 0, 9);
  });

  it('keeps away from an aisle that is refused, and goes under a ramp where it is not', () => {
    const laying = new Laying(hall({ areas: { aislecent: AISLE } }));
    const [from, to] = [stop([8, 2]), stop([8, 11])];
    expect(laying.route(from, to)?.crossings.map(({ id }) => id)).toEqual(['aislecent']);
    const round = laying.route(from, to, { avoid: ['aislecent'] });
    expect(round?.crossings).toEqual([]);
    expect(round?.points.some(at => contains(AISLE.outline, at))).toBe(false);
    expect(round?.onFloor).toBeGreaterThan(20);
    const whole = { ...AISLE, outline: box(0, 5.5, 20, 1.5) };
    const shut = new Laying(hall({ areas: { aislecent: whole } }));
    expect(shut.route(from, to, { avoid: ['aislecent'] })).toBeUndefined();
  });

  it('hangs from the ceiling only where that is allowed', () => {
    const points = { point0001: [8, 4] as Point, point0002: [8, 9] as Point };
    const ceilingPoints = Object.fromEntries(
      Object.entries(points).map(([id, at]) => [id, { label: id, at, height: 3 }]),
    );
    const laying = new Laying(
      hall({ areas: { aislecent: { ...AISLE, outline: box(0, 5.5, 20, 1.5) } }, ceilingPoints }),
    );
    const [from, to] = [stop([8, 2]), stop([8, 11])];
    const way = { avoid: ['aislecent'] };
    expect(laying.route(from, to, way)).toBeUndefined();
    const hung = laying.route(from, to, { ...way, ceiling: true });
    // Up 3 m, 5 m across, down 3 m.
    expect(hung?.between).toBeCloseTo(11, 9);
    expect(hung?.aloft.size).toBe(3);
  });
});

describe('two leads', () => {
  const straight = (floor: number, y: number) => ({
    points: [
      [0, y],
      [10, y],
    ] as Point[],
    floors: [floor, floor],
    aloft: new Set<number>(),
  });

  it('lie together where they are near on one floor, not above each other', () => {
    const ground = squaresOf(straight(0, 2));
    const shared = (b: Squares): number => [...lyingBeside({ ground, b })][0]?.[2] ?? 0;
    expect(shared(squaresOf(straight(0, 2.3)))).toBeCloseTo(10, 9);
    expect(shared(squaresOf(straight(0, 4)))).toBe(0);
    expect(shared(squaresOf(straight(3, 2)))).toBe(0);
    expect(shared(squaresOf({ ...straight(0, 2), aloft: new Set([0]) }))).toBe(0);
  });
});
