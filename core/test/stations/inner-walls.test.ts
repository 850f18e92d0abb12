/** Inner walls and the doors in them, as leads meet them. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Venue } from '../../src/documents/index.js';
import { crossing, type Point } from '../../src/foundations/geometry.js';
import { CostField } from '../../src/foundations/cost-field.js';
import { floorOf } from '../../src/stations/runs/floor.js';
import { Laying, type Stop } from '../../src/stations/runs/laying.js';
import { routeTo } from '../../src/stations/runs/route.js';
import { between } from '../arbitraries.js';
import { box } from '../rooms.js';

const rectangle = (x: number, y: number, width: number, depth: number): Point[] =>
  box(x, y, x + width, y + depth);

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
