/** Large programmes in parts, rules that are said once they are broken, and what is left where the solver ends. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lehmer } from '../../src/searches/annealing.js';
import {
  highsSolver as solverOf,
  lazily,
  Programme,
  valueOf,
  type Incumbent,
  type Values,
} from '../../src/searches/index.js';
import { kernelSolver } from '../../src/searches/solver/kernel.js';
import { highsSolver } from './solver.js';

const solve = highsSolver();
const still = (): number => 0;

interface Served {
  /** What each place costs once it serves anybody, and how many it serves at most. */
  readonly opening: readonly number[];
  readonly serves: number;
  readonly customers: number;
  /** By customer and place. */
  readonly distances: readonly number[];
}

/** Customers of which each is served from one of some places. */
const places = fc
  .record({
    opening: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 3, maxLength: 5 }),
    serves: fc.integer({ min: 1, max: 3 }),
    customers: fc.integer({ min: 2, max: 7 }),
    distances: fc.array(fc.integer({ min: 0, max: 12 }), { minLength: 35, maxLength: 35 }),
  })
  .map(served);

function served({ opening, serves, customers, distances }: Served) {
  const programme = new Programme();
  const open = opening.map(() => programme.yesNo());
  const from = Array.from({ length: customers }, () => opening.map(() => programme.yesNo()));
  for (const own of from)
    programme.exactly(
      own.map(each => [1, each]),
      1,
    );
  for (const [i, place] of open.entries())
    programme.atMost(
      [...from.flatMap(own => own.slice(i, i + 1)).map(each => [1, each] as const), [-serves, place]],
      0,
    );
  programme.objective = [
    ...open.map((place, i) => [opening[i] ?? 0, place] as const),
    ...from.flatMap((own, c) =>
      own.map((each, i) => [distances[c * opening.length + i] ?? 0, each] as const),
    ),
  ];
  return { programme, from, open };
}

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

  it('begins with what is known of an answer', async () => {
    const inParts = kernelSolver(solve, still, 1);
    await fc.assert(
      fc.asyncProperty(places, async ({ programme, from }) => {
        const whole = await solve(programme);
        if (!whole.incumbent) return;
        // Of the places nothing is told: they follow from who is served where.
        const start: Values = whole.incumbent.map(() => NaN);
        for (const { index } of from.flat()) start[index] = whole.incumbent[index] ?? NaN;
        const parts = await inParts(programme, { start });
        expect([parts.status, parts.value]).toEqual(['best', whole.value]);
      }),
      { numRuns: 40 },
    );
  });

  it.each([
    ['as a whole', solve],
    ['in parts', kernelSolver(solve, still, 1)],
  ])('tells on its way, %s, what was found and what nothing is better than', async (_, asked) => {
    const random = lehmer(7);
    const some = (count: number, most: number) => Array.from({ length: count }, () => 1 + most * random());
    const { programme } = served({
      opening: some(12, 9),
      serves: 4,
      customers: 40,
      distances: some(480, 12),
    });
    const reports: Incumbent[] = [];
    const { value } = await asked(programme, { report: each => reports.push(each) });
    expect(reports.length).toBeGreaterThan(1);
    for (const { value: found = Infinity, bound } of reports) {
      expect(bound).toBeLessThanOrEqual(value + 1e-6);
      expect(found).toBeGreaterThanOrEqual(value - 1e-6);
    }
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
