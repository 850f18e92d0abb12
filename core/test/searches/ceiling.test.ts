/** What fits under a ceiling: against every choice there is, by hand, and on plans. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix } from '../../src/fixes.js';
import {
  ceilingCost,
  goalsLeft,
  underCeiling,
  whatFits,
  worthOf,
  type CeilingProblem,
  type CeilingWay,
} from '../../src/searches/ceiling/index.js';
import { ended, isProven } from '../../src/searches/search.js';
import { EVENTS } from '../events.js';
import { foundBy, highsSolver } from './solver.js';

const solve = highsSolver();
const still = (): number => 0;

const way = (id: string, cost: number, more: Partial<CeilingWay> = {}): CeilingWay => ({
  ...{ id, label: id, cost, money: 'gear', there: true, asPlanned: true, worth: 1, loses: [], reused: false },
  ...more,
});
const without = (loses: readonly string[] = []): CeilingWay =>
  way('without', 0, { money: 'hire', there: false, asPlanned: false, worth: 0, loses });

/** Every choice, the best of those that fit. */
function bestOfAll(problem: CeilingProblem): number {
  const free = problem.lines.filter(({ follows }) => follows.length === 0);
  let best = -Infinity;
  const go = (i: number, chosen: Map<string, CeilingWay>): void => {
    const line = free[i];
    if (line) {
      for (const each of line.ways) go(i + 1, new Map(chosen).set(line.id, each));
      return;
    }
    const followers = problem.lines.filter(
      ({ follows }) => follows.length > 0 && follows.every(id => chosen.get(id)?.there === true),
    );
    // Of a line that follows, each way may be the best: what is hired counts for no reserve.
    const ways = followers.reduce<Map<string, CeilingWay>[]>(
      (all, { id, ways: own }) => all.flatMap(some => own.map(each => new Map(some).set(id, each))),
      [chosen],
    );
    for (const each of ways)
      if (ceilingCost(problem, each) <= problem.ceiling + 1e-6)
        best = Math.max(best, worthOf(problem, each, goalsLeft(problem, each)));
  };
  go(0, new Map());
  return best;
}

const GOALS = ['a', 'b', 'c'];
const aWay = fc.record({
  cost: fc.integer({ min: 0, max: 40 }).map(n => n * 10),
  money: fc.constantFrom('gear' as const, 'small' as const, 'hire' as const),
  loses: fc.subarray(GOALS),
  worth: fc.integer({ min: 0, max: 3 }),
  reused: fc.boolean(),
});
const aProblem: fc.Arbitrary<CeilingProblem> = fc.record({
  ceiling: fc.integer({ min: 0, max: 100 }).map(n => n * 10),
  reserve: fc.constantFrom(0, 0.1, 0.25),
  goals: fc.constant(GOALS),
  reuse: fc.constantFrom(0, 10),
  lines: fc
    .array(fc.record({ ways: fc.array(aWay, { minLength: 1, maxLength: 3 }), follows: fc.boolean() }), {
      minLength: 1,
      maxLength: 5,
    })
    .map(lines =>
      lines.map(({ ways, follows }, i) => {
        const own = ways.map((each, j) => way(`${i}${j}`, each.cost, { ...each, asPlanned: j === 0 }));
        // The first stands for itself; others may follow it, and are then there for nothing lost.
        const after = follows && i > 0;
        return {
          ...{ id: `l${i}`, label: `l${i}`, follows: after ? ['l0'] : [] },
          ways: after ? own.map(each => ({ ...each, loses: [] })) : [...own, without([GOALS[i % 3] ?? 'a'])],
        };
      }),
    ),
  wishes: fc
    .array(
      fc.record({
        weight: fc.integer({ min: 1, max: 50 }),
        by: fc.subarray(GOALS, { minLength: 1 }),
        least: fc.integer({ min: 1, max: 2 }),
        with: fc.subarray(GOALS, { maxLength: 1 }),
      }),
      { maxLength: 4 },
    )
    .map(wishes =>
      wishes.map((wish, i) => ({ ...wish, id: `w${i}`, label: `w${i}`, sort: 'output' as const })),
    ),
});

describe('what fits under a ceiling', () => {
  it('is as good as the best of all choices there are', async () => {
    await fc.assert(
      fc.asyncProperty(aProblem, async problem => {
        const best = bestOfAll(problem);
        if (best === -Infinity) return;
        const { chosen, worth, cost, bound } = await underCeiling(problem, solve, still);
        expect(worth).toBeCloseTo(best, 5);
        expect(bound).toBeGreaterThanOrEqual(worth - 1e-6);
        expect(cost).toBeLessThanOrEqual(problem.ceiling + 0.005);
        expect(worthOf(problem, chosen, goalsLeft(problem, chosen))).toBeCloseTo(worth, 5);
      }),
      { numRuns: 150 },
    );
  });

  it('keeps a tenth of what is bought, or what leads cost where that is more; nothing of what is hired', () => {
    const cost = (ways: readonly CeilingWay[]): number =>
      ceilingCost({ reserve: 0.1 }, new Map(ways.map((each, i) => [`${i}`, each])));
    expect(cost([way('camera', 500)])).toBeCloseTo(550, 9);
    expect(cost([way('camera', 500), way('lead', 30, { money: 'small' })])).toBeCloseTo(550, 9);
    expect(cost([way('camera', 500), way('lead', 80, { money: 'small' })])).toBeCloseTo(580, 9);
    expect(cost([way('camera', 60, { money: 'hire' })])).toBe(60);
  });

  it('asks what only a combination loses, and believes it', async () => {
    // Either of two supplies is enough; only without both nothing comes out.
    const supply = (id: string) => ({
      ...{ id, label: id, follows: [] },
      ways: [way('buy new', 100), without()],
    });
    const problem: CeilingProblem = {
      ...{ ceiling: 110, reserve: 0, reuse: 0, goals: ['out'] },
      lines: [
        supply('one'),
        supply('two'),
        { ...supply('extra'), ways: [way('buy new', 105, { worth: 90 }), without()] },
      ],
      wishes: [{ id: 'w', label: 'Stream', sort: 'output', weight: 100, by: ['out'], least: 1, with: [] }],
    };
    const asked: number[] = [];
    const alone = await underCeiling(problem, solve, still);
    expect(alone.worth).toBe(190);
    const found = await underCeiling(problem, solve, still, {}, departures => {
      const gone = departures.filter(([, { there }]) => !there).map(([line]) => line);
      asked.push(gone.length);
      return gone.includes('one') && gone.includes('two') ? ['out'] : [];
    });
    expect(found.worth).toBe(101);
    expect(asked.length).toBeGreaterThan(1);
  });
});

const kits = EVENTS.filter(([name]) => name.startsWith('kit'));

describe.each(kits)('%s under a ceiling', (_, bundle) => {
  it.each([0.1, 0.5, 1])(
    'of %f of what all of it costs: fits, loses what it says, and is a plan',
    async share => {
      const all = Number(assess(bundle).pack.money.total.value);
      const ceiling = Math.round(all * share * 100) / 100;
      const found = await foundBy(whatFits, bundle, { ceiling });
      const { answer, offers } = found;
      expect(isProven(found)).toBe(true);
      expect(answer.cost).toBeLessThanOrEqual(ceiling + 0.005);
      const after = assess(applyFix(bundle, offers[0] ?? { changes: [] }));
      // What is tape and ramps in the whole plan may be less in what is left.
      expect(Number(after.pack.money.total.value)).toBeLessThanOrEqual(ceiling + 0.005);
      const fed = Object.entries(after.signal.outputs).filter(([, { fedBy }]) => fedBy.value !== null).length;
      const lost = answer.lost.filter(({ sort }) => sort === 'output').length;
      expect(fed + lost).toBe(Object.keys(bundle.plan.outputs ?? {}).length);
      if (share === 1) expect([answer.lost, answer.without]).toEqual([[], []]);
    },
  );
});

it('refuses a line that need not be come by, and a plan of which nobody said what may be spent', async () => {
  const [, bundle] = kits[0] ?? [];
  if (!bundle) throw new Error('no kit');
  await expect(ended(whatFits.problemOf(bundle, { ceiling: 100, keep: ['nothing'] }))).rejects.toThrow(
    /keep\/0/,
  );
  await expect(ended(whatFits.problemOf(bundle, {}))).rejects.toThrow(/ceiling/);
});

it('goes for what is hired, lent or used where that keeps more on air, and for what the next step wants', async () => {
  const [, kit] = kits[0] ?? [];
  if (!kit) throw new Error('no kit');
  const kinds = {
    ...kit.kinds,
    kinds: {
      ...kit.kinds.kinds,
      phone0001: {
        ...kit.kinds.kinds.phone0001,
        prices: { pricehire1: { sort: 'hire per day', each: { amount: 20, currency: 'EUR' } } },
      },
    },
  } as typeof kit.kinds;
  const bundle = { ...kit, kinds, rules: { ...kit.rules, currency: 'EUR' as const } };
  const { answer } = await foundBy(whatFits, bundle, { ceiling: 500, borrow: ['tabletmix'] });
  const waysOf = (lines: typeof answer.lines) =>
    Object.fromEntries(lines.map(({ line, way: by }) => [line, by]));
  expect(waysOf(answer.lines)).toMatchObject({ tabletmix: 'borrow', phonewide: 'hire', phonetele: 'hire' });
  expect(answer.lost).toEqual([]);
  // With money enough for either, what will be wanted again is bought.
  const next = await foundBy(whatFits, bundle, { ceiling: 4000, next: ['phone0001'] });
  expect(waysOf(next.answer.lines)).toMatchObject({ phonewide: 'buy new', phonetele: 'buy new' });
});
