/** What the set-ups say of money: a first kit under its ceiling, a relay by the hour, two ways, one camera to four. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Plan } from '../../src/documents/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { bySize, growthPath, weigh } from '../../src/growth.js';
import { whatFits } from '../../src/searches/ceiling/index.js';
import { takeOutPatch } from '../../src/stations/device-edits.js';
import { differences } from '../../src/weighing/index.js';
import { foundBy } from '../searches/solver.js';
import { CHAPEL, INTERVIEW } from './nine-to-eighteen.js';
import { FIRST_KIT } from './one-to-six.js';
import { SITE_OF_MANY } from './relay.js';
import { staged, type SetUp } from './stage.js';

/** A set-up of which nothing is owned yet, in pounds. */
const unowned = (setUp: SetUp, money: Plan['money'] = {}): Bundle => {
  const bundle = staged(setUp);
  return {
    ...bundle,
    shelf: { items: {} },
    rules: { ...bundle.rules, currency: 'GBP' },
    plan: { ...bundle.plan, money },
  };
};
const without = (bundle: Bundle, devices: readonly string[]): Bundle => ({
  ...bundle,
  plan: devices.reduce(
    // What is in a device goes with it.
    (plan, device) => (plan.devices?.[device] ? applyPatch(plan, takeOutPatch(plan, device)) : plan),
    bundle.plan,
  ),
});
const stepOf = (bundle: Bundle) => ({ bundle, assessment: assess(bundle) });
const pounds = (amount: number) => ({ amount, currency: 'GBP' as const });

describe(FIRST_KIT.label, () => {
  const bundle = unowned(FIRST_KIT, { ceiling: pounds(2000) });

  it('stands against its ceiling, a tenth kept for leads, adapters, tape and spares', () => {
    const { bought, small, reserve, total, left } = assess(bundle).pack.money;
    expect(Number(small.value) + Number(reserve.value)).toBeCloseTo(
      Math.max(Number(bought.value) / 10, Number(small.value)),
      2,
    );
    expect(Number(left?.value)).toBeCloseTo(2000 - Number(total.value), 2);
    expect(assess(bundle).snags.some(({ rule }) => rule === 'pack.over-ceiling')).toBe(
      Number(left?.value) < 0,
    );
  });

  it('fits under less with what is lost said, and keeps what the next step uses again', async () => {
    const half = Number(assess(bundle).pack.money.total.value) / 2;
    const { answer } = await foundBy(whatFits, bundle, { ceiling: half, next: ['switchcom'] });
    expect(answer.cost).toBeLessThanOrEqual(half + 0.005);
    expect(answer.without.length + answer.lost.length).toBeGreaterThan(0);
    const switcher = answer.lines.find(({ line }) => line === 'switcher1');
    expect(switcher === undefined || switcher.reused || !switcher.way.startsWith('buy')).toBe(true);
  });
});

describe(SITE_OF_MANY.label, () => {
  it('says what the hours of the relay and the data that leaves it cost', () => {
    const bundle = unowned(SITE_OF_MANY, {
      costs: {
        costhours1: { order: '1', label: 'Relay', sort: 'relay hours', each: pounds(0.9) },
        costdata01: {
          order: '2',
          label: 'Out of the relay',
          sort: 'relay data',
          each: pounds(0.08),
          copies: 4,
        },
      },
    });
    const { pack, stream } = assess(bundle);
    const { costhours1, costdata01 } = pack.money.costs;
    const sent = Object.values(stream.streams).reduce((sum, { data }) => sum + Number(data.value), 0);
    expect(sent).toBeGreaterThan(0);
    expect(costdata01?.gigabytes?.value).toBeCloseTo(4 * sent, 9);
    expect(costdata01?.cost.value).toBeCloseTo(0.08 * 4 * sent, 2);
    expect(costhours1?.cost.value).toBeCloseTo(0.9 * Number(costhours1?.hours?.value), 2);
  });
});

describe(CHAPEL.label, () => {
  it('says what either way for a camera costs in all: devices, leads, power, spares, minutes and delay', () => {
    const byPair = unowned(CHAPEL);
    // The other way for the north camera: without its extender, on one long lead.
    const bare = without(byPair, ['sendnorth', 'recvnorth']);
    const port = Object.values(byPair.plan.links ?? {}).find(({ to }) => to.device === 'sendnorth')?.from;
    const into = Object.values(byPair.plan.links ?? {}).find(({ from }) => from.device === 'recvnorth')?.to;
    if (!port || !into) throw new Error('the extender joins a camera to the mix');
    const link = { from: port, to: into, make: 'hdmi-optical' as const };
    const byLead = { ...bare, plan: { ...bare.plan, links: { ...bare.plan.links, linkoptic1: link } } };
    const more = differences(weigh(byLead, assess(byLead)), weigh(byPair, assess(byPair)));
    const { tpsend001, tprecv001 } = byPair.kinds.kinds;
    expect(more.devices).toBe((tpsend001?.price ?? 0) + (tprecv001?.price ?? 0));
    expect(Object.keys(more)).toEqual(expect.arrayContaining(['minutes', 'leads', 'spares', 'total']));
  });
});

describe(INTERVIEW.label, () => {
  const four = unowned(INTERVIEW);
  const three = without(four, ['camroams1', 'airsend01', 'airrecv01', 'battroam1', 'battsend1']);
  const two = without(three, ['camthree1']);
  const one = without(two, ['camtwo001']);
  const steps = [four, one, three, two].map(stepOf);
  const order = bySize(steps).flatMap(i => steps[i] ?? []);

  it('stands side by side with money, people and minutes, from one camera to four', () => {
    expect(order.map(({ bundle }) => bundle)).toEqual([one, two, three, four]);
    const weighed = order.map(({ bundle, assessment }) => weigh(bundle, assessment));
    for (const name of ['total', 'minutes', 'kilos', 'watts', 'covered'] as const) {
      const row = weighed.map(each => Number(each[name]));
      expect(row, name).toEqual(row.toSorted((a, b) => a - b));
    }
    expect(weighed.every(({ unpriced }) => unpriced !== null)).toBe(true);
  });

  it('grows from one to four with nothing thrown away', () => {
    const path = growthPath(order);
    expect(path.flatMap(({ spare }) => spare)).toEqual([]);
    const last = path.at(-1);
    expect(last?.buys.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['camfourth', 'airsend01', 'airrecv01']),
    );
  });
});
