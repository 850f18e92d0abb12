/** “Connect the rest”: everything gets a lead that can have one, as cheaply as trying everything would find. */
import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch } from '../../src/foundations/index.js';
import {
  assign,
  connectTheRest,
  costOf,
  takenBy,
  takeProposals,
  type Way,
  type ConnectProblem,
} from '../../src/searches/index.js';
import { edited, friday, remove, set } from '../stations/edited.js';
import { foundBy, highsSolver } from './solver.js';

const solve = highsSolver();

const never = (): boolean => false;

/** The cheapest by trying every choice. */
function byForce(problem: ConnectProblem): number {
  let best = Infinity;
  const go = (i: number, chosen: (Way | undefined)[], taken: ReadonlySet<string>): void => {
    const demand = problem.demands[i];
    if (!demand) {
      best = Math.min(best, costOf(chosen, problem));
      return;
    }
    go(i + 1, [...chosen, undefined], taken);
    for (const way of demand.ways) {
      const keys = takenBy(way, problem, never);
      if (keys.some(key => taken.has(key))) continue;
      go(i + 1, [...chosen, way], new Set([...taken, ...keys]));
    }
  };
  go(0, [], new Set());
  return best;
}

const wayOf = fc.record({
  from: fc.record({
    device: fc.constantFrom('devicea', 'deviceb', 'devicec'),
    port: fc.constantFrom('p1', 'p2'),
  }),
  to: fc.record({ device: fc.constantFrom('switchx', 'switchy'), port: fc.constantFrom('q1', 'q2') }),
  via: fc.option(
    fc.constantFrom('adapter', 'converter').map(kind => ({ kind, input: 'i', output: 'o' })),
    { nil: undefined },
  ),
  bus: fc.constant(undefined),
  cost: fc.integer({ min: 0, max: 900 }).map(n => n / 100),
});
const problems = fc.record({
  demands: fc
    .array(fc.array(wayOf, { maxLength: 5 }), { maxLength: 4 })
    .map(lists => lists.map((ways, i) => ({ id: `demand${i}`, label: `demand ${i}`, ways }))),
  owned: fc.record({ adapter: fc.integer({ min: 0, max: 2 }), converter: fc.integer({ min: 0, max: 1 }) }),
  groups: fc.constantFrom({}, { 'devicea p1': 'one socket', 'devicea p2': 'one socket' }),
});

describe('the assignment', () => {
  it('costs what the best of all choices costs', async () => {
    await fc.assert(
      fc.asyncProperty(problems, async problem => {
        const { cost, ways } = await assign(problem, never, solve);
        expect(cost).toBeCloseTo(byForce(problem), 6);
        const keys = [...ways.values()].flatMap(way => takenBy(way, problem, never));
        expect(new Set(keys).size).toBe(keys.length);
      }),
      { numRuns: 150 },
    );
  });
});

describe('the demo church without its leads', () => {
  const bare = edited(
    set('/links', {}),
    set('/devices/monitor01', {
      order: 'zz',
      label: 'MONITOR',
      kind: 'monitor24',
      viewers: ['mixer'],
      place: { inside: 'deskrack1' },
    }),
  );

  it('is plugged in whole, with the adapter that the small socket needs', async () => {
    const {
      answer: { proposals, without },
    } = await foundBy(connectTheRest, bare, {});
    expect(without).toEqual([]);
    expect(proposals.find(({ demand }) => demand === 'C3 SIDE')?.via).toBe(
      'Adapter, HDMI D plug to HDMI A socket, ADD 01',
    );
    const { signal } = assess({ ...bare, plan: applyPatch(bare.plan, takeProposals(proposals)) });
    expect(
      Object.values(signal.sources)
        .map(({ input }) => input.value)
        .sort(),
    ).toEqual([1, 2, 3, 4].map(n => `HDMI in ${n}`));
    for (const { fedBy } of Object.values(signal.outputs)) expect(fedBy.value).toBe('programme of SWITCHER');
    expect(signal.views.mixerswitcher1?.sees.value).toBe('multiview on MONITOR');
    expect(
      Object.values(signal.links).every(({ mates, faces }) => mates.value === true && faces.value === 'yes'),
    ).toBe(true);
  });
});

describe('what finds no free input', () => {
  it('is said, and the rest is left as it is', async () => {
    const full = edited(
      set('/devices/camfour04', {
        order: 'zz',
        label: 'C4',
        kind: 'camoneinc',
        place: { at: [9, 9], height: 1.5 },
      }),
    );
    const {
      answer: { proposals, without },
    } = await foundBy(connectTheRest, full, {});
    expect(without).toEqual(['C4']);
    expect(proposals).toEqual([]);
    const { answer: one } = await foundBy(connectTheRest, edited(remove('/links/linkword1')), {});
    expect(one.proposals.map(({ from, to }) => `${from} → ${to}`)).toEqual([
      'WORDS · HDMI out → SWITCHER · HDMI in 4',
    ]);
    expect(friday.plan.links?.linkword1).toBeDefined();
  });
});
