/** Cells of poses and what bounds them, by hand and against every pose in them. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bounding } from '../../src/searches/placement/bound.js';
import { Cell } from '../../src/searches/placement/cells.js';
import type { Demand, Wanted } from '../../src/searches/placement/demands.js';
import type { Pose } from '../../src/searches/placement/poses.js';
import { angleBetween } from '../../src/foundations/index.js';
import { between } from '../arbitraries.js';

interface Wish {
  readonly quality: readonly number[];
  readonly bearings: readonly number[];
  readonly cost: number;
}

const pose = (of: Wish): Pose => of as unknown as Pose;
const one = (quality: number, bearing = 0, cost = 0): Wish => ({
  quality: [quality],
  bearings: [bearing],
  cost,
});
const WEIGHTS = [{ points: 3, second: 0.4 }];
const cellOf = (wishes: readonly Wish[], weights = WEIGHTS): Cell => Cell.of(wishes.map(pose), weights);
const costsIn = (cell: Cell): number[] => Array.from({ length: cell.size }, (_, i) => cell.pose(i).cost);

describe('a cell', () => {
  it('knows the best and the least quality of a shot, and the cheapest pose', () => {
    const cell = cellOf([one(0.4, 0, 3), one(0.9, 0, 5), one(0.2, 0, 4)]);
    expect([...cell.best]).toEqual([0.9]);
    expect([...cell.least]).toEqual([0.2]);
    expect(cell.cheapest).toBe(3);
    expect(cell.size).toBe(3);
  });

  it('of one pose does not spread', () => {
    expect(cellOf([one(0.4, 10, 3)]).spread).toBe(0);
  });

  it('of like poses spreads so little that it is split last, and yet is split', () => {
    const cell = cellOf([one(0.4, 10, 3), one(0.4, 10, 3)]);
    expect(cell.spread).toBe(1e-12);
    expect(cell.split().map(({ size }) => size)).toEqual([1, 1]);
  });

  it('spreads by cost, by quality in points, and by side in what a second camera loses', () => {
    expect(cellOf([one(0.4, 0, 3), one(0.4, 0, 5)]).spread).toBeCloseTo(2, 12);
    // 3 points · 0.5 of quality.
    expect(cellOf([one(0.4), one(0.9)]).spread).toBeCloseTo(1.5, 12);
    // 20° apart: each is 10° off the middle; 0.8 · 3 · 0.4 · 0.5 · (20 / 30).
    expect(cellOf([one(0.5, 0), one(0.5, 20)]).spread).toBeCloseTo(0.8 * 3 * 0.4 * 0.5 * (20 / 30), 12);
    // 30° apart and more is any side.
    expect(cellOf([one(0.5, 0), one(0.5, 30)]).spread).toBeCloseTo(0.48, 12);
    expect(cellOf([one(0.5, 0), one(0.5, 90)]).spread).toBeCloseTo(0.48, 12);
  });
});

describe('a split', () => {
  it('parts by what differs most, half way between the least and the greatest', () => {
    const [cheap, dear] = cellOf([one(0.5, 0, 1), one(0.5, 0, 9), one(0.5, 0, 2), one(0.5, 0, 5)]).split();
    expect(costsIn(cheap)).toEqual([1, 2]);
    // What lies on the middle goes up.
    expect(costsIn(dear)).toEqual([9, 5]);
  });

  it('by quality where that is worth more points than cost', () => {
    // 3 · 0.5 = 1.5 points of quality against 1.4 and then 1.6 of cost.
    const by = (cost: number) =>
      cellOf([one(0.4, 0, cost), one(0.9, 0, 0), one(0.4, 0, 0)])
        .split()
        .map(({ best }) => best[0]);
    expect(by(1.4)).toEqual([0.4, 0.9]);
    expect(by(1.6)).toEqual([0.9, 0.4]);
  });

  it('by side where the sides differ most, over the turn as well', () => {
    const [left, right] = cellOf([one(0.5, 350), one(0.5, 10), one(0.5, 355), one(0.5, 20)]).split();
    const bearings = (cell: Cell) => Array.from({ length: cell.size }, (_, i) => cell.pose(i).bearings[0]);
    expect(bearings(left)).toEqual([350, 355]);
    expect(bearings(right)).toEqual([10, 20]);
  });

  it('is made once', () => {
    const cell = cellOf([one(0.4), one(0.9)]);
    expect(cell.split()).toBe(cell.split());
  });

  it('by the shot that it is worth most in', () => {
    const two = (a: number, b: number): Wish => ({ quality: [a, b], bearings: [0, 0], cost: 0 });
    const weights = [
      { points: 3, second: 0 },
      { points: 1, second: 0 },
    ];
    // The first differs by 0.3 · 3 = 0.9 points, the second by 0.8 · 1.
    const [low] = cellOf([two(0.5, 0.1), two(0.8, 0.1), two(0.5, 0.9)], weights).split();
    expect(low.best[0]).toBe(0.5);
    expect(low.size).toBe(2);
  });
});

describe('the same side', () => {
  const sees = (a: readonly number[], b: readonly number[]): boolean =>
    cellOf(a.map(bearing => one(0.5, bearing))).sameSideAs(cellOf(b.map(bearing => one(0.5, bearing))), 0);
  it('is less than 30° apart for any two of them', () => {
    expect(sees([0], [29.9])).toBe(true);
    expect(sees([0], [30])).toBe(false);
    expect(sees([350], [19.9])).toBe(true);
    expect(sees([0, 10], [29.9])).toBe(true);
    expect(sees([0, 10], [30])).toBe(false);
    expect(sees([0, 10], [5, 29])).toBe(true);
    expect(sees([0, 20], [15, 30])).toBe(false);
    expect(sees([350, 0], [355, 19])).toBe(true);
  });

  it('is said of no two that are not', () => {
    const bearings = fc.array(between(-180, 180), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(bearings, bearings, (a, b) => {
        if (!sees(a, b)) return;
        for (const p of a) for (const q of b) expect(angleBetween(p, q)).toBeLessThan(30 + 1e-9);
      }),
    );
  });
});

const moment = (...demands: [shot: number, points: number][]): Demand[] =>
  demands.map(([shot, points]) => ({ shot, points }));
const wanted = (shots: { points: number; second: number }[], ...moments: Demand[][]): Wanted =>
  ({ shots, moments }) as unknown as Wanted;

describe('the bound', () => {
  const single = wanted(WEIGHTS, moment([0, 3]));
  const boundOf = (of: Wanted, ...cells: Cell[]): number =>
    bounding(of)({ cells, locked: cells.map(() => false) });

  it('of one cell is the best of it less the cheapest of it', () => {
    expect(boundOf(single, cellOf([one(0.4, 0, 0.1), one(0.9, 0, 0.7)]))).toBeCloseTo(3 * 0.9 - 0.1, 12);
  });

  it('of two adds the share of a second camera, less what they lose on the same side', () => {
    const a = cellOf([one(0.9, 0)]);
    expect(boundOf(single, a, cellOf([one(0.5, 30)]))).toBeCloseTo(3 * (0.9 + 0.4 * 0.5), 12);
    // On the same side a fifth of the second is left.
    expect(boundOf(single, a, cellOf([one(0.5, 29)]))).toBeCloseTo(3 * (0.9 + 0.4 * 0.2 * 0.5), 12);
  });

  it('of three takes the best pair, which need not have the two best', () => {
    // 0.9 with 0.8 beside it on its side: 0.9 + 0.4 · 0.2 · 0.8 = 0.964; with 0.5 from elsewhere 1.1.
    const cells = [one(0.9, 0), one(0.8, 10), one(0.5, 90)].map(each => cellOf([each]));
    expect(boundOf(single, ...cells)).toBeCloseTo(3 * 1.1, 12);
    expect(boundOf(single, ...[...cells].reverse())).toBeCloseTo(3 * 1.1, 12);
  });

  it('of shots at one moment gives each camera one of them, and takes off what they must lose', () => {
    const two = (a: number, b: number): Cell =>
      cellOf(
        [{ quality: [a, b], bearings: [0, 90], cost: 0 }],
        [
          { points: 3, second: 0.4 },
          { points: 2, second: 0.2 },
        ],
      );
    const both = wanted(
      [
        { points: 3, second: 0.4 },
        { points: 2, second: 0.2 },
      ],
      moment([0, 3], [1, 2]),
    );
    expect(boundOf(both, two(0.9, 0.8))).toBeCloseTo(2.7, 12);
    // Two cameras serve both, and lose 0.8 · 0.4 · 3 · 0.9 and 0.8 · 0.2 · 2 · 0.8 for the same side of each.
    const lost = 0.8 * 0.4 * 3 * 0.9 + 0.8 * 0.2 * 2 * 0.8;
    expect(boundOf(both, two(0.9, 0.8), two(0.9, 0.8))).toBeCloseTo(2.7 + 1.6 - lost, 12);
    // A camera that may serve nothing of a shot loses nothing on it.
    expect(boundOf(both, two(0.9, 0), two(0, 0.8))).toBeCloseTo(2.7 + 1.6, 12);
  });

  it('gives a locked camera all of them', () => {
    const shots = [
      { points: 3, second: 0 },
      { points: 2, second: 0 },
    ];
    const cell = cellOf([{ quality: [0.9, 0.8], bearings: [0, 0], cost: 0 }], shots);
    const of = bounding(wanted(shots, moment([0, 3], [1, 2])));
    expect(of({ cells: [cell], locked: [true] })).toBeCloseTo(2.7 + 1.6, 12);
    expect(of({ cells: [cell], locked: [] })).toBeCloseTo(2.7, 12);
  });

  it('counts a shot that is wanted alone and with others in both', () => {
    const shots = [
      { points: 2, second: 0 },
      { points: 1, second: 0 },
    ];
    const cell = cellOf([{ quality: [1, 1], bearings: [0, 0], cost: 0 }], shots);
    // Half its points alone, half with the other: one camera takes 1 and then the better of 1 and 1.
    const both = wanted(shots, moment([0, 1]), moment([0, 1], [1, 1]));
    expect(boundOf(both, cell)).toBeCloseTo(2, 12);
  });

  it('falls with every split, or stays', () => {
    const wish = fc.record({
      quality: fc.tuple(between(0, 1), between(0, 1)),
      bearings: fc.tuple(between(-180, 180), between(-180, 180)),
      cost: between(0, 0.5),
    });
    const shots = [
      { points: 3, second: 0.4 },
      { points: 2, second: 0.2 },
    ];
    const of = bounding(wanted(shots, moment([0, 3]), moment([0, 0], [1, 2])));
    const cells = fc.array(wish, { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(cells, cells, (a, b) => {
        const [left, right] = [cellOf(a, shots), cellOf(b, shots)];
        const whole = of({ cells: [left, right], locked: [false, false] });
        for (const half of left.split()) {
          expect(of({ cells: [half, right], locked: [false, false] })).toBeLessThanOrEqual(whole + 1e-9);
        }
      }),
    );
  });
});
