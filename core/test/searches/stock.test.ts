/** Cutting leads from the stock: as good as trying everything, and what a plan gets of it. */
import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch, inOrder } from '../../src/foundations/index.js';
import {
  acceptCut,
  compareCosts,
  cutAll,
  cutFromStock,
  stockCost,
  type LeadDemand,
  type Pieces,
  type StockCost,
  type StockKind,
  type StockProblem,
} from '../../src/searches/index.js';
import { edited, friday, set } from '../stations/edited.js';
import { foundBy, highsSolver } from './solver.js';

const solve = highsSolver();

/** Every way to make one lead from what is left. */
function* waysFor(lead: LeadDemand, left: ReadonlyMap<StockKind, number>): Generator<readonly StockKind[]> {
  yield [];
  for (const { group, mostJoins } of lead.options) {
    const kinds = [...left.keys()].filter(kind => kind.group === group);
    function* more(from: number, pieces: readonly StockKind[]): Generator<readonly StockKind[]> {
      if (pieces.reduce((sum, { length }) => sum + length, 0) >= lead.length) yield pieces;
      if (pieces.length > mostJoins) return;
      for (let k = from; k < kinds.length; k++) {
        const kind = kinds[k] as StockKind;
        const used = pieces.filter(each => each === kind).length;
        if (used < (left.get(kind) ?? 0)) yield* more(k, [...pieces, kind]);
      }
    }
    yield* more(0, []);
  }
}

/** The least cost by trying every choice. */
function byForce(problem: StockProblem): StockCost {
  let best: StockCost | undefined;
  const go = (i: number, chosen: Pieces, left: ReadonlyMap<StockKind, number>): void => {
    const lead = problem.leads[i];
    if (!lead) {
      const cost = stockCost(problem, chosen);
      if (!best || compareCosts(cost, best) < 0) best = cost;
      return;
    }
    for (const pieces of waysFor(lead, left)) {
      const next = new Map(left);
      for (const kind of pieces) next.set(kind, (next.get(kind) ?? 0) - 1);
      go(i + 1, new Map([...chosen, [lead.id, pieces]]), next);
    }
  };
  go(0, new Map(), new Map(problem.stock.map(kind => [kind, kind.count])));
  return best as StockCost;
}

const groups = ['coax', 'hdmi'] as const;
const kindOf = fc.record({
  group: fc.constantFrom(...groups),
  length: fc.constantFrom(2, 5, 10, 15, 20, 25),
  count: fc.integer({ min: 0, max: 2 }),
});
const problemOf = fc
  .record({
    stock: fc.array(kindOf, { minLength: 1, maxLength: 4 }),
    leads: fc.array(
      fc.record({
        length: fc.integer({ min: 10, max: 400 }).map(tenths => tenths / 10),
        groups: fc.subarray([...groups], { minLength: 1 }),
        carries: fc.constantFrom(12, 22, Infinity),
      }),
      { minLength: 1, maxLength: 3 },
    ),
  })
  .map(({ stock, leads }): StockProblem => ({
    stock: stock.map((kind, i) => ({ kind: `kind${i}`, ...kind })),
    leads: leads.map(({ length, groups: own, carries }, i) => ({
      id: `lead${i}`,
      length,
      sold: Math.ceil(length),
      options: own.map(group => ({
        group,
        carries,
        perJoint: Number.isFinite(carries) ? 2 : 0,
        mostJoins: group === 'coax' ? 2 : 0,
      })),
    })),
  }));

describe('cutting from the stock', () => {
  it('is as good as trying everything, uses no cable twice, and is always long enough', async () => {
    await fc.assert(
      fc.asyncProperty(problemOf, async problem => {
        const pieces = await cutFromStock(problem, solve);
        expect(compareCosts(stockCost(problem, pieces), byForce(problem))).toBe(0);
        for (const kind of problem.stock) {
          const used = [...pieces.values()].flat().filter(each => each === kind).length;
          expect(used).toBeLessThanOrEqual(kind.count);
        }
        for (const { id, length } of problem.leads) {
          const own = pieces.get(id);
          if (own) expect(own.reduce((sum, each) => sum + each.length, 0)).toBeGreaterThanOrEqual(length);
        }
      }),
      { numRuns: 120 },
    );
  });

  it('leaves the long cable for the long lead, where the quick rule would do so too late', async () => {
    const option = { group: 'a', mostJoins: 1, carries: Infinity, perJoint: 0 };
    const stock = [
      { kind: 'ten', group: 'a', length: 10, count: 2 },
      { kind: 'twenty', group: 'a', length: 20, count: 1 },
    ];
    const lead = (id: string, length: number): LeadDemand => ({
      id,
      length,
      sold: length,
      options: [option],
    });
    const pieces = await cutFromStock({ leads: [lead('one', 18), lead('two', 19)], stock }, solve);
    // One of them takes both short ones joined: 2 m and 1 m are left over either way.
    expect(stockCost({ leads: [lead('one', 18), lead('two', 19)], stock }, pieces)).toEqual({
      bought: 0,
      boughtLength: 0,
      beyondReach: 0,
      joins: 1,
      excess: 3,
    });
  });
});

describe('the leads of the concert', () => {
  it('are cut with nothing bought that the shelf has, and no cable twice; the plan takes them as they are', async () => {
    const { answer: proposal } = await foundBy(cutAll, friday, {});
    const items = proposal.cuts.flatMap(cut => cut.items);
    expect(new Set(items).size).toBe(items.length);
    const plan = applyPatch(friday.plan, acceptCut(proposal, friday.plan));
    const { runs } = assess({ ...friday, plan }).runs;
    for (const cut of proposal.cuts) {
      expect(runs[cut.link]?.items ?? []).toEqual(cut.items);
      if (cut.items.length > 0) expect(runs[cut.link]?.cutBy).toBe('accepted');
    }
  });

  it('keep what is laid, leave what is bad, what another event takes, and the spares of the house', async () => {
    const { answer: first } = await foundBy(cutAll, friday, {});
    const [lead] = first.cuts.filter(({ items }) => items.length === 1);
    const [bad = '', ...rest] = first.cuts
      .flatMap(({ items }) => items)
      .filter(item => item !== lead?.items[0]);
    const claimed = rest[0] ?? '';
    const span = { event: 'Other', from: '2026-12-04T10:00:00Z', to: '2026-12-04T22:00:00Z' };
    const bundle = {
      ...friday,
      plan: applyPatch(friday.plan, [
        ...acceptCut(first, friday.plan),
        set(`/links/${lead?.link ?? ''}/laid`, true),
      ]),
      shelf: applyPatch(friday.shelf, [set(`/items/${bad}/state`, 'in repair')]),
      claims: { claims: { claimother: { item: claimed, ...span } } },
    };
    const { answer: again } = await foundBy(cutAll, bundle, {});
    expect(again.laid).toEqual([lead?.label]);
    const used = again.cuts.flatMap(({ items }) => items);
    expect(used).not.toContain(lead?.items[0]);
    expect(used).not.toContain(bad);
    expect(used).not.toContain(claimed);
    const spared = edited(set('/rules', { cableSpares: 1 }));
    const {
      answer: { cuts },
    } = await foundBy(cutAll, spared, {});
    const kinds = new Map<string, number>();
    for (const item of cuts.flatMap(({ items }) => items)) {
      const kind = friday.shelf.items[item]?.kind ?? '';
      kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
    }
    for (const [kind, count] of kinds) {
      const owned = inOrder(friday.shelf.items).filter(([, item]) => item.kind === kind).length;
      expect(count).toBeLessThan(owned);
    }
  });
});

describe('what is proposed for a lead', () => {
  it('says what it has now, what it would have, and what is left over or to be bought', async () => {
    const { answer } = await foundBy(cutAll, friday, {});
    const { runs } = assess(friday).runs;
    expect(answer.cuts.length).toBeGreaterThan(5);
    for (const { link, now, next, items, excess, buy, length } of answer.cuts) {
      expect(now).toBe(runs[link]?.cable.value ?? '');
      expect(next).toBe(items.map(item => friday.shelf.items[item]?.tape).join(' + '));
      const metres = items.map(
        item => friday.kinds.kinds[friday.shelf.items[item]?.kind ?? '']?.cable?.length ?? NaN,
      );
      const total = metres.reduce((sum, each) => sum + each, 0);
      expect(excess).toEqual(items.length > 0 ? expect.closeTo(total - length, 9) : undefined);
      expect(buy === undefined).toBe(items.length > 0);
    }
  });
});
