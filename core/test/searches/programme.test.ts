/** Programmes: what the solver says of them against trying everything, why nothing fits, and ways that are others. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  differentWays,
  incumbentOf,
  inTurn,
  NoAnswer,
  Programme,
  rule,
  rulesOf,
  valueOf,
  whyNone,
  type Model,
  type Rule,
  type Sum,
  type Values,
} from '../../src/searches/index.js';
import { highsSolver } from './solver.js';

const solve = highsSolver();
const still = (): number => 0;

/** Every value of yes-or-no variables that keeps all rows, or those of some rules. */
function* answersTo({ variables, rows }: Model, rules?: ReadonlySet<Rule>): Generator<Values> {
  const kept = rows.filter(row => !rules || !row.rule || rules.has(row.rule));
  for (let bits = 0; bits < 1 << variables.length; bits++) {
    const values = Float64Array.from(variables, (_, i) => (bits >> i) & 1);
    if (
      kept.every(({ sum, least, most }) => {
        const value = valueOf(values, sum);
        return value >= least - 1e-9 && value <= most + 1e-9;
      })
    )
      yield values;
  }
}

const leastOf = (model: Model, sum: Sum): number =>
  Math.min(...[...answersTo(model)].map(values => valueOf(values, sum)));

const factors = fc.array(fc.integer({ min: -6, max: 6 }), { minLength: 7, maxLength: 7 });
const programmes = fc
  .record({
    count: fc.integer({ min: 2, max: 7 }),
    costs: fc.array(factors, { minLength: 2, maxLength: 2 }),
    limits: fc.array(fc.record({ factors, most: fc.integer({ min: -6, max: 12 }) }), {
      minLength: 1,
      maxLength: 5,
    }),
  })
  .map(({ count, costs, limits }) => {
    const programme = new Programme();
    const variables = Array.from({ length: count }, () => programme.yesNo());
    const sumOf = (own: readonly number[]): Sum =>
      variables.map((variable, i) => [own[i] ?? 0, variable] as const);
    for (const [i, limit] of limits.entries())
      programme.atMost(sumOf(limit.factors), limit.most, rule(`rule ${i}`));
    const sums = costs.map(sumOf);
    programme.objective = sums[0] ?? [];
    return { programme, sums };
  });

describe('a programme', () => {
  it('has the least that trying everything finds, proven, or none', async () => {
    await fc.assert(
      fc.asyncProperty(programmes, async ({ programme }) => {
        const least = leastOf(programme, programme.objective);
        const solved = await solve(programme);
        expect(solved.status).toBe(Number.isFinite(least) ? 'best' : 'none');
        if (!Number.isFinite(least)) return;
        expect([solved.value, solved.bound, solved.gap]).toEqual([least, least, 0]);
        expect(valueOf(incumbentOf(solved), programme.objective)).toBe(least);
      }),
      { numRuns: 120 },
    );
  });

  it('has a bound that is never above the best there is, wherever solving ends', async () => {
    await fc.assert(
      fc.asyncProperty(programmes, async ({ programme }) => {
        const least = leastOf(programme, programme.objective);
        const { status, value, bound } = await solve(programme, { wanted: () => false });
        if (!Number.isFinite(least)) {
          expect(['none', 'not known']).toContain(status);
          return;
        }
        expect(bound).toBeLessThanOrEqual(least + 1e-6);
        if (!Number.isNaN(value)) expect(value).toBeGreaterThanOrEqual(least);
      }),
      { numRuns: 40 },
    );
  });

  it('is made least in one sum after the other', async () => {
    await fc.assert(
      fc.asyncProperty(programmes, async ({ programme, sums }) => {
        const [first = [], second = []] = sums;
        const least = leastOf(programme, first);
        if (!Number.isFinite(least)) {
          await expect(inTurn(programme, sums, solve)).rejects.toThrow(NoAnswer);
          return;
        }
        const then = Math.min(
          ...[...answersTo(programme)]
            .filter(values => valueOf(values, first) === least)
            .map(values => valueOf(values, second)),
        );
        const { values, solved } = await inTurn(programme, sums, solve);
        expect([valueOf(values, first), valueOf(values, second)]).toEqual([least, then]);
        expect(solved.map(({ value }) => value)).toEqual([least, then]);
      }),
      { numRuns: 40 },
    );
  });

  it('may be made less without end, or have no variables at all', async () => {
    const programme = new Programme();
    const variable = programme.number(0, Infinity);
    programme.objective = [[-1, variable]];
    expect((await solve(programme)).status).toBe('endless');
    programme.atMost([[2, variable]], 7);
    expect(await solve(programme)).toMatchObject({ status: 'best', value: -3.5, bound: -3.5 });
    const empty = new Programme();
    empty.atLeast([], 0);
    expect((await solve(empty)).status).toBe('best');
    empty.atLeast([], 1);
    expect((await solve(empty)).status).toBe('none');
  });

  it('counts a variable that stands in a row twice as often', async () => {
    const programme = new Programme();
    const variable = programme.whole(0, 9);
    programme.atMost(
      [
        [1, variable],
        [1, variable],
      ],
      7,
    );
    programme.objective = [[-1, variable]];
    expect((await solve(programme)).value).toBe(-3);
  });
});

/** Loads in amps, each on one of the circuits; what each may carry is a rule. */
function sharedOut(
  loads: readonly number[],
  circuits: Readonly<Record<string, readonly [amps: number, price: number]>>,
) {
  const programme = new Programme();
  const on = loads.map(() => Object.keys(circuits).map(() => programme.yesNo()));
  for (const own of on)
    programme.exactly(
      own.map(each => [1, each]),
      1,
    );
  for (const [c, [name, [amps, price]]] of Object.entries(circuits).entries()) {
    const sum = on.flatMap((own, i): Sum => (own[c] ? [[loads[i] ?? 0, own[c]]] : []));
    programme.atMost(sum, amps, rule(`${name} carries ${amps} A`, 'A', price));
  }
  return { programme, assigns: on.flat() };
}

describe('why nothing fits', () => {
  it('names the rules that cannot hold together, and the cheapest to give way', async () => {
    // Three of 5 A on two of 6 A: one must take 10 A, 4 A more than it carries; NORTH does so for less.
    const { programme } = sharedOut([5, 5, 5], { NORTH: [6, 1], SOUTH: [6, 3] });
    programme.atMost([], 0, rule('has nothing to do with it'));
    const { rules, proven, relaxed } = await whyNone(programme, solve, still);
    expect(rules.map(({ words }) => words)).toEqual(['NORTH carries 6 A', 'SOUTH carries 6 A']);
    expect(proven).toBe(true);
    expect(relaxed.map(({ rule: { words }, by }) => [words, by])).toEqual([['NORTH carries 6 A', 4]]);
  });

  it('names none where what has no rule cannot hold by itself', async () => {
    const { programme } = sharedOut([5], { NORTH: [6, 1] });
    programme.atLeast([], 1);
    expect(await whyNone(programme, solve, still)).toEqual({ rules: [], proven: true, relaxed: [] });
  });

  it('is irreducible: without any one of them there is an answer, with all there is none', async () => {
    await fc.assert(
      fc.asyncProperty(programmes, async ({ programme }) => {
        fc.pre(answersTo(programme).next().done === true);
        const { rules, proven, relaxed } = await whyNone(programme, solve, still);
        expect(proven).toBe(true);
        expect(answersTo(programme, new Set(rules)).next().done).toBe(true);
        for (const each of rules) {
          const others = new Set(rules.filter(other => other !== each));
          expect(answersTo(programme, others).next().done).toBe(false);
        }
        // Giving way as it says makes an answer, and no single rule does so for less.
        const given = new Map(relaxed.map(({ rule: own, by }) => [own, by]));
        const cost = (by: ReadonlyMap<Rule, number>): number => [...by.values()].reduce((a, b) => a + b, 0);
        const wide = (by: ReadonlyMap<Rule, number>): Model => ({
          ...programme,
          rows: programme.rows.map(row => ({
            ...row,
            most: row.most + ((row.rule && by.get(row.rule)) ?? 0),
          })),
        });
        expect(answersTo(wide(given)).next().done).toBe(false);
        for (const own of rulesOf(programme))
          expect(answersTo(wide(new Map([[own, cost(given) - 0.5]]))).next().done).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('says that it is not proven where there was no time', async () => {
    const { programme } = sharedOut([5, 5, 5], { NORTH: [6, 1], SOUTH: [6, 3] });
    let clock = 0;
    const { rules, proven } = await whyNone(programme, solve, () => (clock += 6000));
    expect(proven).toBe(false);
    expect(rules).toHaveLength(2);
  });
});

describe('other ways', () => {
  it('assign at least a tenth otherwise, each the best by its aim among those that do', async () => {
    const { programme, assigns } = sharedOut(Array<number>(12).fill(1), { NORTH: [12, 1], SOUTH: [12, 1] });
    const onNorth: Sum = assigns.filter((_, i) => i % 2 === 0).map(each => [1, each]);
    const onSouth: Sum = assigns.filter((_, i) => i % 2 === 1).map(each => [1, each]);
    const aims = [
      { words: 'least on NORTH', least: onNorth },
      { words: 'least on NORTH again', least: onNorth },
      { words: 'least on SOUTH', least: onSouth },
    ];
    const { ways, none, notFound } = await differentWays(programme, assigns, aims, solve);
    // Twelve are assigned: two of them must be elsewhere.
    expect(ways.map(({ values }) => [valueOf(values, onNorth), valueOf(values, onSouth)])).toEqual([
      [0, 12],
      [2, 10],
      [12, 0],
    ]);
    expect([none, notFound]).toEqual([[], []]);
  });

  it('are none where everything can only stand as it does', async () => {
    const { programme, assigns } = sharedOut([5, 5], { NORTH: [10, 1] });
    const aims = ['fewest changes', 'most reserve'].map(words => ({ words, least: [] }));
    const { ways, none } = await differentWays(programme, assigns, aims, solve);
    expect(ways.map(({ aim }) => aim.words)).toEqual(['fewest changes']);
    expect(none.map(({ words }) => words)).toEqual(['most reserve']);
  });
});
