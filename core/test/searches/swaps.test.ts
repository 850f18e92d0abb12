/** The swap plan: against every way there is on small draws, and of plans. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch } from '../../src/foundations/index.js';
import {
  leastSwaps,
  NoAnswer,
  swapBatteries,
  type SwapProblem,
  type Swaps,
} from '../../src/searches/index.js';
import { sunday } from '../events.js';
import { friday } from '../stations/edited.js';
import { foundBy, highsSolver } from './solver.js';

/** Batteries, changes and the least that is left, %, of an assignment; undefined where it breaks a rule. */
function worth({ positions, batteries, steps }: SwapProblem, swaps: Swaps): number[] | undefined {
  const taken = batteries.map(() => 0);
  for (const [p, pieces] of swaps.entries())
    for (const [i, battery] of pieces.entries()) {
      const share = batteries[battery]?.takes[p]?.[i];
      if (share === undefined) return undefined;
      taken[battery] = (taken[battery] ?? 0) + share;
    }
  const left = batteries.map((each, b) => each.left - (taken[b] ?? 0));
  if (left.some(each => each < -1e-9)) return undefined;
  for (let step = 0; step < steps; step++) {
    const here = positions.map(
      ({ pieces }, p) => swaps[p]?.[pieces.findIndex(piece => piece.includes(step))] ?? -1,
    );
    if (new Set(here).size < here.length) return undefined;
  }
  const changes = swaps.reduce((sum, pieces, p) => {
    const before = positions[p]?.underWay ? (positions[p]?.now ?? -1) : pieces[0];
    return sum + pieces.filter((each, i) => each !== (i === 0 ? before : pieces[i - 1])).length;
  }, 0);
  return [
    new Set(swaps.flat()).size,
    changes,
    -100 * Math.min(...left.filter((_, b) => swaps.flat().includes(b))),
  ];
}

/** Every assignment. */
function* all({ positions, batteries }: SwapProblem): Generator<Swaps> {
  const sizes = positions.map(({ pieces }) => pieces.length);
  const count = sizes.reduce((sum, size) => sum + size, 0);
  for (let code = 0; code < batteries.length ** count; code++) {
    let rest = code;
    yield sizes.map(size =>
      Array.from({ length: size }, () => {
        const battery = rest % batteries.length;
        rest = Math.floor(rest / batteries.length);
        return battery;
      }),
    );
  }
}

const compare = (a: readonly number[], b: readonly number[]): number => {
  const at = a.findIndex((each, i) => Math.abs(each - (b[i] ?? 0)) > 1e-6);
  return at < 0 ? 0 : (a[at] ?? 0) - (b[at] ?? 0);
};

const draws = fc
  .record({ positions: fc.integer({ min: 1, max: 2 }), steps: fc.integer({ min: 2, max: 3 }) })
  .chain(({ positions, steps }) =>
    fc.record({
      steps: fc.constant(steps),
      underWay: fc.boolean(),
      left: fc.array(fc.constantFrom(0.5, 0.8, 1), { minLength: 3, maxLength: 3 }),
      changes: fc.array(fc.array(fc.boolean(), { minLength: steps, maxLength: steps }), {
        minLength: positions,
        maxLength: positions,
      }),
      watts: fc.array(fc.array(fc.integer({ min: 1, max: 6 }), { minLength: steps, maxLength: steps }), {
        minLength: positions,
        maxLength: positions,
      }),
      gives: fc.array(fc.integer({ min: 4, max: 14 }), { minLength: 1, maxLength: 3 }),
    }),
  );

describe('the swap programme', () => {
  it('finds what trying every way finds: batteries, then changes, then the most left in the emptiest', async () => {
    const solve = highsSolver();
    await fc.assert(
      fc.asyncProperty(draws, async ({ steps, underWay, left, changes, watts, gives }) => {
        const pieces = changes.map(own => {
          const found: number[][] = [];
          own.forEach((on, step) => (on || step === 0 ? found.push([step]) : found.at(-1)?.push(step)));
          return found;
        });
        const problem: SwapProblem = {
          steps,
          positions: pieces.map((own, p) => ({
            ...{ id: `p${p}`, label: `P${p}`, pieces: own, underWay },
            now: underWay && p < gives.length ? p : undefined,
          })),
          batteries: gives.map((give, b) => ({
            ...{ id: `b${b}`, label: `B${b}`, left: left[b] ?? 1 },
            takes: pieces.map((own, p) =>
              own.map(piece => piece.reduce((sum, step) => sum + (watts[p]?.[step] ?? 0), 0) / give),
            ),
          })),
        };
        const best = [...all(problem)]
          .flatMap(swaps => [worth(problem, swaps)].filter(each => each !== undefined))
          .sort(compare)[0];
        try {
          const { swaps, proven } = await leastSwaps(problem, solve);
          const found = worth(problem, swaps);
          expect(proven).toBe(true);
          expect(found?.slice(0, 2)).toEqual(best?.slice(0, 2));
          expect(found?.[2]).toBeCloseTo(best?.[2] ?? NaN, 2);
        } catch (error) {
          if (!(error instanceof NoAnswer)) throw error;
          expect(best).toBeUndefined();
        }
      }),
      { numRuns: 100 },
    );
  });
});

describe('batteries that are few at the price of changes', () => {
  it('stand beside a plan with fewer changes', async () => {
    // Of 0.5 + 0.6 + 0.5 + 0.4, two batteries are full with every other piece each; of three, the last does two pieces.
    const takes = [[0.5, 0.6, 0.5, 0.4]];
    const problem: SwapProblem = {
      steps: 4,
      positions: [{ id: 'p', label: 'P', pieces: [[0], [1], [2], [3]], now: undefined, underWay: false }],
      batteries: ['a', 'b', 'c'].map(id => ({ id, label: id, left: 1, takes })),
    };
    const { swaps, calm, proven } = await leastSwaps(problem, highsSolver());
    expect(worth(problem, swaps)?.slice(0, 2)).toEqual([2, 3]);
    expect(worth(problem, calm ?? [])?.slice(0, 2)).toEqual([3, 2]);
    expect(proven).toBe(true);
  });
});

describe('the swap plan of a plan', () => {
  it('of Friday takes the large battery in place of the one that is too short', async () => {
    const { answer } = await foundBy(swapBatteries, friday, {});
    expect([answer.batteries, answer.changes, answer.proven]).toEqual([1, 0, true]);
    expect(answer.positions[0]?.steps[0]?.battery).toBe('BIG 01');
  });

  it('without that changes the battery of the camera once, while that is not wanted', async () => {
    const shelf = applyPatch(friday.shelf, [
      { op: 'replace', path: '/items/itembig01/state', value: 'in repair' },
    ]);
    const { answer } = await foundBy(swapBatteries, { ...friday, shelf }, {});
    expect([answer.batteries, answer.changes, answer.proven]).toEqual([2, 1, true]);
    const [first, second] = answer.positions[0]?.steps ?? [];
    // The camera is locked: nobody stands at it.
    expect(answer.positions[0]?.by).toBe('Floor, Maud Tarrant');
    expect(first?.at).toBe('2026-12-04T17:55:00.000Z');
    expect(second?.at).toBe(first?.until);
    expect(second?.until).toBe('2026-12-04T21:05:00.000Z');
    for (const step of [first, second]) expect(step?.left).toBeGreaterThanOrEqual(0);
    expect(answer.least).toBeCloseTo(Math.min(first?.left ?? 0, second?.left ?? 0), 3);
  });

  it('goes on from what was read and done, and is put in place of what was planned', async () => {
    const shelf = applyPatch(friday.shelf, [
      { op: 'replace', path: '/items/itembig01/state', value: 'in repair' },
    ]);
    const own = { ...friday, shelf };
    const { offers } = await foundBy(swapBatteries, own, {});
    const [edit] = offers[0]?.changes ?? [];
    if (!edit) throw new Error('nothing is offered');
    const plan = applyPatch(friday.plan, edit.patch);
    const [[change, planned] = []] = Object.entries(plan.batteryChanges ?? {});
    expect(planned).toMatchObject({ battery: 'battnorth', item: 'itembat02' });
    const { snags } = assess({ ...own, plan });
    expect(snags.filter(({ rule }) => /power.battery-(short|change)/.test(rule))).toEqual([]);
    // As the doors open it shows 60 %, not 67: it gives a fifth more than was planned.
    const chargeReadings = {
      reading001: { battery: 'battnorth', at: '2026-12-04T19:00:00Z', percent: 60, by: 'Maud' },
    };
    const read = { ...plan, chargeReadings };
    const again = await foundBy(swapBatteries, { ...own, plan: read }, {});
    const [here] = again.answer.positions;
    expect(Date.parse(here?.steps[0]?.at ?? '')).toBeGreaterThanOrEqual(Date.parse('2026-12-04T19:00:00Z'));
    const patch = again.offers[0]?.changes[0]?.patch ?? [];
    expect(patch[0]).toEqual({ op: 'remove', path: `/batteryChanges/${String(change)}` });
    const after = assess({ ...own, plan: applyPatch(read, patch) });
    const short = after.snags.filter(({ rule }) => rule === 'power.battery-short');
    expect(short.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  it('of Sunday needs no change', async () => {
    const { answer } = await foundBy(swapBatteries, sunday, {});
    expect([answer.changes, answer.positions.length, answer.unknown]).toEqual([0, 3, []]);
  });

  it('says what cannot hold together where the batteries do not do', async () => {
    const order = { itemsolo01: 720 };
    const long = {
      ...friday,
      plan: applyPatch(
        friday.plan,
        Object.entries(order).map(([item, value]) => ({
          ...({ op: 'replace', path: `/runningOrder/${item}/minutes` } as const),
          value,
        })),
      ),
    };
    const { answer } = await foundBy(swapBatteries, long, {});
    expect(answer.positions).toEqual([]);
    expect(answer.conflict?.rules).toContain('C2 BATTERY is fed all the time');
    expect(answer.conflict?.relaxed.length).toBeGreaterThan(0);
  });

  it('of a plan without a running order says that nobody knows when', async () => {
    const { answer } = await foundBy(
      swapBatteries,
      { ...friday, plan: { ...friday.plan, runningOrder: {} } },
      {},
    );
    expect([answer.positions, answer.unknown]).toEqual([[], ['C2 BATTERY']]);
  });
});
