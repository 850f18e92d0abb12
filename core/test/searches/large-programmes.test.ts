/** Large programmes in parts, rules that are said once they are broken, and what is left where the solver ends. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  highsSolver as solverOf,
  lazily,
  Programme,
  valueOf,
  type Values,
} from '../../src/searches/index.js';
import { kernelSolver } from '../../src/searches/solver/kernel.js';
import { highsSolver } from './solver.js';

const solve = highsSolver();
const still = (): number => 0;

/** Customers of which each is served from one of some places; a place that serves costs something, and serves so many. */
const places = fc
  .record({
    opening: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 3, maxLength: 5 }),
    serves: fc.integer({ min: 1, max: 3 }),
    customers: fc.integer({ min: 2, max: 7 }),
    distances: fc.array(fc.integer({ min: 0, max: 12 }), { minLength: 35, maxLength: 35 }),
  })
  .map(({ opening, serves, customers, distances }) => {
    const programme = new Programme();
    const open = opening.map(() => programme.yesNo());
    const served = Array.from({ length: customers }, () => opening.map(() => programme.yesNo()));
    for (const own of served)
      programme.exactly(
        own.map(each => [1, each]),
        1,
      );
    for (const [i, place] of open.entries())
      programme.atMost(
        [...served.flatMap(own => own.slice(i, i + 1)).map(each => [1, each] as const), [-serves, place]],
        0,
      );
    programme.objective = [
      ...open.map((place, i) => [opening[i] ?? 0, place] as const),
      ...served.flatMap((own, c) => own.map((each, i) => [distances[c * 5 + i] ?? 0, each] as const)),
    ];
    return { programme, served, open };
  });

describe('a programme in parts', () => {
  it('has the least that the whole has, proven, or none', async () => {
    const inParts = kernelSolver(solve, still, 1);
    await fc.assert(
      fc.asyncProperty(places, async ({ programme }) => {
        const [whole, parts] = [await solve(programme), await inParts(programme)];
        expect([parts.status, parts.value, parts.bound]).toEqual([whole.status, whole.value, whole.bound]);
        if (parts.incumbent) expect(valueOf(parts.incumbent, programme.objective)).toBe(whole.value);
      }),
      { numRuns: 100 },
    );
  });

  it('begins with what is known of an answer, and tells no bound above the best', async () => {
    const bounds: number[] = [];
    const inParts = kernelSolver(solve, still, 1);
    await fc.assert(
      fc.asyncProperty(places, async ({ programme, served }) => {
        const whole = await solve(programme);
        if (!whole.incumbent) return;
        // Of the places nothing is told: they follow from who is served where.
        const start: Values = whole.incumbent.map(() => NaN);
        for (const { index } of served.flat()) start[index] = whole.incumbent[index] ?? NaN;
        const parts = await inParts(programme, { start, report: ({ bound }) => bounds.push(bound) });
        expect([parts.status, parts.value]).toEqual(['best', whole.value]);
        expect(bounds.splice(0).every(bound => bound <= whole.value + 1e-6)).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
});

describe('rules that are said once they are broken', () => {
  it('hold in the end as if they had been said at first', async () => {
    await fc.assert(
      fc.asyncProperty(places, fc.integer({ min: 0, max: 2 }), async ({ programme, open }, most) => {
        const few = { rule: undefined, sum: open.map(each => [1, each] as const), least: -Infinity, most };
        const broken = (values: Values) => (valueOf(values, few.sum) > most ? [few] : []);
        const said = await solve({ ...programme, rows: [...programme.rows, few] });
        const { status, value } = await lazily(solve, broken, still)(programme);
        expect([status, value]).toEqual([said.status, said.value]);
      }),
      { numRuns: 40 },
    );
  });
});

describe('a solver that runs out of memory', () => {
  class RuntimeError extends Error {
    override readonly name = 'RuntimeError';
  }
  const withModel = (): never => {
    throw new RuntimeError('memory access out of bounds');
  };

  it.each([
    ['an answer', [1, 0], 'found', 3],
    ['no answer', [1, 1], 'not known', NaN],
    ['not told in full', [1, NaN], 'not known', NaN],
  ] as const)('leaves what is known already: %s', async (_, start, status, value) => {
    const programme = new Programme();
    const [a, b] = [programme.yesNo(), programme.yesNo()];
    programme.exactly(
      [
        [1, a],
        [1, b],
      ],
      1,
    );
    programme.objective = [
      [3, a],
      [2, b],
    ];
    const constants = { modelStatus: {}, variableType: {}, callbackType: {} };
    const dead = solverOf(() => Promise.resolve({ withModel, constants } as never), still);
    const solved = await dead(programme, { start: Float64Array.from(start) });
    expect([solved.status, solved.value]).toEqual([status, value]);
  });
});
