/** Sharing out loads: as good as trying everything, within every limit, and what a choice comes to. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  costOfPlugging,
  limitsPassed,
  sharedOut,
  weighed,
  type BalanceProblem,
  type Load,
  type Plugged,
  type SharedOut,
  type Weights,
} from '../../src/searches/balance/index.js';
import { areSeated, outletsTaken } from '../../src/searches/balance/seats.js';
import { NoAnswer, rule, type Rule } from '../../src/searches/index.js';
import { highsSolver } from './solver.js';

const solve = highsSolver();

/** The best way by some weights; throws where it is proven that there is none. */
async function best(problem: BalanceProblem, weights: Weights): Promise<SharedOut> {
  const called = (i: number): Rule => rule(`rule ${i}`);
  const names = { load: called, outlets: called, point: called, circuit: called, pair: called };
  const { ways, none } = await sharedOut(problem, names, [{ words: 'best', weights }], {
    solve,
    now: () => 0,
  });
  const [way] = ways;
  if (way) return way;
  throw new NoAnswer(none.length > 0 ? 'none' : 'not known');
}

/** Every choice of small problems. */
function* choices({ loads, sockets, strips }: BalanceProblem): Generator<Plugged> {
  const points = sockets.length + strips.length;
  function* each(sizes: readonly number[]): Generator<number[]> {
    const [first, ...rest] = sizes;
    if (first === undefined) {
      yield [];
      return;
    }
    for (let i = 0; i < first; i++) for (const others of each(rest)) yield [i, ...others];
  }
  for (const own of each(loads.map(() => points)))
    for (const plugs of each(strips.map(() => sockets.length + 1)))
      yield { points: own, strips: plugs.map(each => each - 1) };
}

function least(problem: BalanceProblem, weights: Weights): number {
  let best = Infinity;
  for (const choice of choices(problem)) {
    const cost = costOfPlugging(problem, choice);
    if (cost) best = Math.min(best, weighed(cost, weights));
  }
  return best;
}

const amps = fc.integer({ min: 0, max: 8 });
const metres = fc.oneof({ weight: 4, arbitrary: fc.integer({ min: 0, max: 9 }) }, fc.constant(Infinity));
const problems: fc.Arbitrary<BalanceProblem> = fc
  .record({ loads: fc.integer({ min: 1, max: 4 }), strips: fc.integer({ min: 0, max: 2 }) })
  .chain(({ loads, strips }) => {
    const points = 2 + strips;
    return fc.record({
      loads: fc
        .array(
          fc.record({
            amps: fc.tuple(amps, amps),
            width: fc.constantFrom(0.04, 0.07, 0.13),
            metres: fc.array(metres, { minLength: points, maxLength: points }),
            now: fc.nat(points - 1),
          }),
          { minLength: loads, maxLength: loads },
        )
        .map(all => all.map((each, i) => ({ id: `load${i}`, ...each }))),
      sockets: fc
        .tuple(
          fc.integer({ min: 1, max: 3 }),
          fc.integer({ min: 1, max: 3 }),
          fc.integer({ min: 4, max: 16 }),
        )
        .map(([a, b, rating]) => [
          { id: 'north', outlets: a, amps: rating, circuit: 0 },
          { id: 'south', outlets: b, amps: 16, circuit: 1 },
        ]),
      strips: fc
        .array(
          fc.record({
            outlets: fc.integer({ min: 2, max: 4 }),
            amps: fc.integer({ min: 5, max: 16 }),
            pitch: fc.constantFrom(0.03, 0.045, 0.06),
            metres: fc.array(metres, { minLength: 2, maxLength: 2 }),
            now: fc.option(fc.nat(1), { nil: undefined }),
          }),
          { minLength: strips, maxLength: strips },
        )
        .map(all =>
          all.map(({ now, ...each }, i) => ({ id: `strip${i}`, ...each, ...(now !== undefined && { now }) })),
        ),
      circuits: fc
        .array(fc.tuple(amps, amps), { minLength: 2, maxLength: 2 })
        .map(all => all.map((left, i) => ({ id: `circuit${i}`, left }))),
      pairs: fc
        .tuple(fc.boolean(), fc.boolean())
        .map(([some, apart]) => (some && loads > 1 ? [{ loads: [0, 1] as const, apart }] : [])),
    });
  });

describe('sharing out loads', () => {
  it.each<readonly [string, Weights]>([
    ['by lengths', { metre: 1, strip: 0, change: 0, share: 0 }],
    ['by strips first', { metre: 1, strip: 100, change: 0, share: 0 }],
    ['by changes first', { metre: 1, strip: 0, change: 100, share: 0 }],
    ['by what is left on the fullest circuit', { metre: 0.01, strip: 0, change: 0, share: 100 }],
  ])('is as good as trying everything, %s', async (_, weights) => {
    await fc.assert(
      fc.asyncProperty(problems, async problem => {
        const lowest = least(problem, weights);
        if (!Number.isFinite(lowest)) {
          await expect(best(problem, weights)).rejects.toThrow(NoAnswer);
          return;
        }
        const { cost, plugged, value, bound, proven } = await best(problem, weights);
        expect(costOfPlugging(problem, plugged)).toEqual(cost);
        expect([value, bound].map(each => each.toFixed(4))).toEqual(
          [lowest, lowest].map(each => each.toFixed(4)),
        );
        expect(proven).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
});

describe('what a choice comes to', () => {
  const problem: BalanceProblem = {
    loads: [
      { id: 'desk', amps: [4], metres: [3, 9, 2], now: 0 },
      { id: 'lamp', amps: [2], width: 0.08, metres: [8, 9, 5], now: 1 },
    ],
    sockets: [
      { id: 'north', outlets: 2, amps: 10, circuit: 0 },
      { id: 'south', outlets: 2, amps: 10, circuit: 1 },
    ],
    strips: [{ id: 'strip', outlets: 3, pitch: 0.05, amps: 6, metres: [1, 4] }],
    circuits: [
      { id: 'a', left: [8] },
      { id: 'b', left: [5] },
    ],
    pairs: [],
  };
  it.each([
    ['both in the strip, at its rating', [2, 2], [0], { metres: 8, strips: 1, changes: 2, share: 0.75 }],
    ['as it is, the strip unused', [0, 1], [-1], { metres: 12, strips: 0, changes: 0, share: 0.5 }],
    ['too much for the circuit', [2, 2], [1], undefined],
    ['both in one socket of two outlets', [0, 0], [-1], { metres: 11, strips: 0, changes: 1, share: 0.75 }],
  ] as const)('%s', (_, points, strips, cost) => {
    expect(costOfPlugging(problem, { points, strips })).toEqual(cost);
  });

  it.each([
    // Side by side they reach 0.08 m and 0.02 m towards each other: two outlets of 0.05 m, and the third is the last.
    [0.16, true],
    [0.162, false],
  ])('of an adapter of %s m beside a plug in a strip of three: it fits, %s', (width, fits) => {
    const loads = problem.loads.map((each, i) => (i === 1 ? { ...each, width } : each));
    const choice = { points: [2, 2], strips: [0] };
    expect(costOfPlugging({ ...problem, loads }, choice) !== undefined).toBe(fits);
    expect(limitsPassed({ ...problem, loads }, choice).map(({ limit }) => limit)).toEqual(
      fits ? [] : ['room'],
    );
  });

  it('is nothing where two that must be on one circuit are not, or the other way round', () => {
    const choice = { points: [0, 1], strips: [-1] };
    const pair = (apart: boolean): BalanceProblem => ({ ...problem, pairs: [{ loads: [0, 1], apart }] });
    expect(costOfPlugging(pair(false), choice)).toBeUndefined();
    expect(costOfPlugging(pair(true), choice)).toBeDefined();
  });
});

describe('outlets that plugs take of a strip', () => {
  const widths = fc.constantFrom(0.04, 0.05, 0.065, 0.08, 0.11, 0.15);
  const strips = fc.record({
    id: fc.constant('strip'),
    outlets: fc.integer({ min: 1, max: 8 }),
    pitch: fc.constantFrom(0.02, 0.03, 0.038, 0.045, 0.06),
    amps: fc.constant(16),
    metres: fc.constant([1]),
  });

  it('never rule out what finds room beside each other', () => {
    fc.assert(
      fc.property(strips, fc.array(widths, { minLength: 1, maxLength: 8 }), (strip, own) => {
        const loads = own.map((width): Load => ({ id: 'load', amps: [], metres: [], width }));
        if (!areSeated(loads, strip)) return;
        const taken = outletsTaken(loads);
        const sum = loads.reduce((total, each) => total + taken(each, strip), 0);
        expect(sum).toBeLessThanOrEqual(strip.outlets);
      }),
      { numRuns: 500 },
    );
  });

  it.each([
    // Two wide ones at the ends reach 0.05 m inwards each: three outlets from one to the other of 0.04 m.
    [0.1, 4, 0.04, 2],
    [0.04, 4, 0.04, 1],
    [0.05, 4, 0.05, 1],
  ])('an adapter of %s m takes of %s outlets %s m apart: %s', (width, outlets, pitch, taken) => {
    const strip = { id: 'strip', outlets, pitch, amps: 16, metres: [] };
    const load = { id: 'load', amps: [], metres: [], width };
    expect(outletsTaken([load])(load, strip)).toBe(taken);
  });
});
