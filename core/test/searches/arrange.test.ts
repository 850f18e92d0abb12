import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyFix } from '../../src/fixes.js';
import { arrangeRack, type ArrangeOptions } from '../../src/searches/arrange/index.js';
import { boundOf } from '../../src/searches/arrange/bound.js';
import { arranged } from '../../src/searches/arrange/arranged.js';
import {
  costOf,
  type ArrangeProblem,
  type Arranged,
  type Placed,
  type Thing,
} from '../../src/searches/arrange/problem.js';
import { runSearch } from '../../src/searches/search.js';
import { edited, friday, remove, set } from '../stations/edited.js';

/** It asks no solver. */
const noSolver = (): never => {
  throw new Error('no programme is solved here');
};

/** A clock that moves only when it is asked, so that no answer hangs on the machine. */
const still = (): number => 0;

function solved(problem: ArrangeProblem, seconds = 1000): Arranged | undefined {
  const steps = arranged(problem, { seconds, now: still });
  for (;;) {
    const { done, value } = steps.next();
    if (done === true) return value;
  }
}

/** Whether places obey the problem, by looking at every pair. */
function obeys({ units, things, apart, touching }: ArrangeProblem, places: readonly Placed[]): boolean {
  const span = (i: number): [number, number] => {
    const low = places[i]?.unit ?? 0;
    return [low, low + (things[i]?.units ?? 0)];
  };
  const common = (i: number, j: number): boolean => span(i)[0] < span(j)[1] && span(j)[0] < span(i)[1];
  const pairs = things.flatMap((_, i) => things.map((__, j) => [i, j] as const)).filter(([i, j]) => i < j);
  return (
    things.every(({ fixed, units: high }, i) => {
      const at = places[i];
      if (!at || at.unit < 1 || at.unit + high - 1 > units) return false;
      return !fixed || (fixed.unit === at.unit && fixed.lane === at.lane);
    }) &&
    pairs.every(([i, j]) => {
      const [a, b] = [things[i] as Thing, things[j] as Thing];
      if (a.rear !== b.rear || !common(i, j)) return true;
      return a.lanes === b.lanes && a.lanes > 1 && places[i]?.lane !== places[j]?.lane;
    }) &&
    apart.every(([i, j]) => !common(i, j)) &&
    touching.every(([i, j]) => span(i)[0] <= span(j)[1] && span(j)[0] <= span(i)[1])
  );
}

/** The cheapest of all arrangements, one by one. */
function byEnumeration(problem: ArrangeProblem): number {
  const { units, things } = problem;
  let best = Infinity;
  const places: Placed[] = [];
  const next = (i: number): void => {
    const thing = things[i];
    if (!thing) {
      if (obeys(problem, places)) best = Math.min(best, costOf(problem, places));
      return;
    }
    for (let unit = 1; unit <= units; unit++)
      for (let lane = 0; lane < thing.lanes; lane++) {
        places[i] = { unit, lane };
        next(i + 1);
      }
  };
  next(0);
  return best;
}

const cost = fc.integer({ min: 0, max: 20 });
const thing = fc.record({
  units: fc.constantFrom(1, 1, 1, 2),
  lanes: fc.constantFrom<1 | 2 | 3>(1, 1, 2, 3),
  rear: fc.constantFrom(false, false, true),
  height: fc.integer({ min: -6, max: 20 }),
  warms: cost,
  minds: fc.constantFrom(0, 1, 3),
});
const pair = fc.tuple(fc.nat(3), fc.nat(3)).filter(([a, b]) => a !== b);
const problems: fc.Arbitrary<ArrangeProblem> = fc
  .record({
    things: fc.array(thing, { minLength: 4, maxLength: 4 }),
    links: fc.array(fc.tuple(pair, cost), { maxLength: 5 }),
    apart: fc.array(pair, { maxLength: 2 }),
    touching: fc.array(pair, { maxLength: 2 }),
    fixed: fc.option(fc.integer({ min: 1, max: 4 }), { nil: undefined }),
  })
  .map(({ things, links, apart, touching, fixed }) => ({
    units: 4,
    things: things.map((each, i) => ({
      ...each,
      fixed: i === 0 && fixed !== undefined ? { unit: fixed, lane: each.lanes - 1 } : undefined,
    })),
    links: links.map(([[a, b], each]) => [a, b, each] as const),
    apart: apart.filter(([a, b]) => things[a]?.rear !== things[b]?.rear),
    touching,
  }));

describe('the order of things in a rack', () => {
  it('is as cheap as the cheapest of all, one by one, and proven to be', () => {
    fc.assert(
      fc.property(problems, problem => {
        const found = solved(problem);
        const best = byEnumeration(problem);
        if (best === Infinity) {
          expect(found).toBeUndefined();
          return;
        }
        expect(obeys(problem, found?.places ?? [])).toBe(true);
        expect(found?.cost).toBeCloseTo(best, 9);
        expect(found?.bound).toBeCloseTo(best, 9);
      }),
      { numRuns: 300 },
    );
  });
});

describe('several leads between two things', () => {
  it('are as near as one, so that the bound stays below the best', () => {
    const whole = (height: number): Thing => ({
      ...{ units: 1, lanes: 1, rear: false, fixed: undefined, height, warms: 0, minds: 0 },
    });
    const three = Array.from({ length: 5 }, () => [0, 1, 4] as const);
    const problem: ArrangeProblem = {
      ...{ units: 4, things: [whole(3), whole(3), whole(1)], apart: [], touching: [] },
      links: [...three, [1, 2, 1]],
    };
    const found = solved(problem);
    expect(found?.cost).toBeCloseTo(byEnumeration(problem), 9);
    expect(boundOf(problem)(0, 1)).toBeLessThanOrEqual(byEnumeration(problem) + 1e-9);
  });
});

describe('arranging a rack of the plan', () => {
  const found = async (bundle: Bundle, options: ArrangeOptions = {}) =>
    runSearch(arrangeRack, bundle, { seconds: 1000, ...options }, { solve: noSolver, now: still });

  it('gives the best for each aim, and what each gives up', async () => {
    const { answer, objectives, offers } = await found(friday);
    expect(answer.rack).toBe('deskrack1');
    expect(objectives.map(({ value, bound }) => value - bound < 1e-9)).toEqual([true, true, true]);
    const stands = answer.ways.map(each => each.stands);
    const [lowest, shortest] = [answer.ways[0]?.stands, answer.ways.at(-1)?.stands];
    expect(lowest?.centre).toBe(Math.min(...stands.map(({ centre }) => centre ?? Infinity)));
    expect(shortest?.leads).toBe(Math.min(...stands.map(({ leads }) => leads)));
    for (const { gives, stands: own } of answer.ways)
      expect(gives.some(each => each.includes('leads'))).toBe(own.leads > (shortest?.leads ?? 0) + 0.05);
    // Each offer is what its way says.
    for (const offer of offers) {
      const way = answer.ways.find(({ id }) => id === offer.id);
      const after = assess(applyFix(friday, offer)).racks.racks['deskrack1'];
      expect(after?.balance.centre.value).toBe(way?.stands.centre);
      for (const { id, unit, rear } of way?.places ?? [])
        expect([after?.items[id]?.unit, after?.items[id]?.rear]).toEqual([unit, rear]);
    }
  });

  it('leaves what stays where it is, and what must touch together', async () => {
    const bundle = edited(
      set('/devices/netswitc1/stays', true),
      set('/devices/striprac1/beside', 'netswitc1'),
    );
    const unit = bundle.plan.devices?.['netswitc1']?.place?.unit ?? 0;
    const { answer } = await found(bundle);
    for (const { places } of answer.ways) {
      const at = (id: string) => places.find(each => each.id === id)?.unit ?? 0;
      expect(at('netswitc1')).toBe(unit);
      expect(Math.abs(at('striprac1') - unit)).toBeLessThanOrEqual(1);
    }
  });

  it('takes what is loose onto the rails, and says what found no room', async () => {
    const loose = edited(remove('/devices/netswitc1/place/unit'));
    expect((await found(loose)).answer.ways[0]?.places.map(({ id }) => id)).toContain('netswitc1');
    const full = edited(
      remove('/devices/netswitc1/place/unit'),
      ...['one', 'two', 'three'].map((id, i) =>
        set(`/devices/extrarow${id}`, {
          ...friday.plan.devices?.['router001'],
          order: `z${i}`,
          label: `EXTRA ${id}`,
          place: { inside: 'deskrack1' },
        }),
      ),
    );
    const { answer } = await found(full);
    expect(answer.leftOut).toEqual(expect.arrayContaining(['NETWORK', 'EXTRA one']));
    expect(answer.ways.length).toBeGreaterThan(0);
  });

  it('refuses what is no rack, and says why nothing fits', async () => {
    await expect(found(friday, { rack: 'switcher1' })).rejects.toThrow('/rack');
    const clash = edited(
      set('/devices/netswitc1/stays', true),
      set('/devices/router001/stays', true),
      set('/devices/router001/place/unit', friday.plan.devices?.['netswitc1']?.place?.unit ?? 0),
    );
    const { answer, offers } = await found(clash);
    expect([answer.ways, offers]).toEqual([[], []]);
    expect(answer.none).toContain('what stays where it is');
  });
});
