/** Growing: variants weighed side by side, what each step buys and leaves, and what is bought next. */
import { describe, expect, it } from 'vitest';
import { assess, createAssessor } from '../src/assess.js';
import { chapelBundle, chapelVariants, fridayBundle, fridayVariants } from '../src/demo/index.js';
import { faultsOf, Plan, type Bundle } from '../src/documents/index.js';
import { bySize, growthPath, lostByEach, nextPurchases, weigh, type WeightName } from '../src/growth.js';

const friday = fridayBundle();
const chapel = chapelBundle();
const withPlan = (bundle: Bundle, plan: Plan): Bundle => ({ ...bundle, plan });
const stepOf = (bundle: Bundle) => ({ bundle, assessment: assess(bundle) });

const fridays = [friday, ...Object.values(fridayVariants()).map(plan => withPlan(friday, plan))].map(stepOf);
const sundays = [chapel, ...Object.values(chapelVariants()).map(plan => withPlan(chapel, plan))].map(stepOf);

describe('the demo’s variants', () => {
  it.each(Object.entries({ ...fridayVariants(), ...chapelVariants() }))('%s is a sound plan', (_, plan) => {
    expect(faultsOf(Plan, plan)).toEqual([]);
  });

  it('cover fewer shots with fewer cameras, with less to carry and fewer people', () => {
    const weighed = bySize(fridays).map(i =>
      weigh(fridays[i]?.bundle as Bundle, fridays[i]?.assessment as never),
    );
    const of = (name: WeightName) => weighed.map(each => Number(each[name]));
    for (const name of ['kilos', 'people', 'minutes', 'watts'] as const)
      expect(of(name)).toEqual(of(name).toSorted((a, b) => a - b));
    expect(of('shots')).toEqual([4, 4, 4]);
    expect(of('covered').at(-1)).toBe(4);
  });
});

describe('the path from one camera to three', () => {
  it('buys at each step what none before has bought, and adds up', () => {
    const path = growthPath(bySize(sundays).flatMap(i => sundays[i] ?? []));
    const bought = path.map(({ buys }) => Object.fromEntries(buys.map(({ kind, count }) => [kind, count])));
    // The first camera is there; the second step buys one with its stand, the third one more of the kind there is.
    expect(bought[0]).not.toHaveProperty('camoneinc');
    expect(bought[1]).toMatchObject({ camcompac: 1, standhigh: 1 });
    expect(bought[2]).toMatchObject({ camoneinc: 1, tripodflu: 1 });
    expect(bought[2]).not.toHaveProperty('camcompac');
    for (const { buys, cost } of path)
      expect(cost).toBeCloseTo(
        buys.reduce((sum, each) => sum + (each.cost ?? 0), 0),
        6,
      );
  });

  it('says what a later step has no use for', () => {
    const [one, two, three] = bySize(sundays).flatMap(i => sundays[i] ?? []);
    if (!one || !two || !three) throw new Error('three steps are wanted');
    // As if one went from two cameras back to one: what was bought for the second is of no use.
    const [, , last] = growthPath([one, two, one]);
    expect(last?.spare.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['camcompac', 'standhigh']));
    expect(growthPath([one, two, three]).flatMap(({ spare }) => spare)).toEqual([]);
  });
});

describe('single failures', () => {
  it('of the concert are its switcher, its strip, and what each output hangs on alone', () => {
    const assessor = createAssessor();
    const steps = lostByEach(friday, assessor(friday), assessor);
    let step = steps.next();
    while (step.done !== true) step = steps.next();
    const lost = step.value;
    expect(lost.get('switcher1')?.outputs).toHaveLength(3);
    expect(lost.get('striprac1')?.outputs).toHaveLength(3);
    expect(lost.get('recorder1')?.outputs).toEqual(['outrecord1']);
    expect(lost.get('camwide01')).toEqual({ outputs: [], cameras: ['camwide01'] });
    expect(lost.has('laptopwor')).toBe(false);
  });
});

describe('the next purchase', () => {
  it('is nothing where nothing is missing', () => {
    expect(nextPurchases([friday])).toEqual([]);
  });

  it('is ranked by what it takes away and brings for its money, over all events', () => {
    const lacking = (id: string): Bundle => {
      const item = friday.plan.devices?.[id]?.item ?? '';
      const { [id]: own, ...others } = friday.plan.devices ?? {};
      const { item: _gone, ...device } = own as NonNullable<typeof own>;
      const left = Object.entries(friday.shelf.items).filter(
        ([key, { kind }]) => key !== item && kind !== own?.kind,
      );
      return {
        ...friday,
        shelf: { items: Object.fromEntries(left) },
        plan: { ...friday.plan, devices: { ...others, [id]: device } },
      };
    };
    const found = nextPurchases([lacking('switcher1'), lacking('recorder1')]);
    const switcher = found.find(({ kind }) => kind === 'switchcom');
    // Without it no camera reaches anything: every shot is gained.
    expect(switcher).toMatchObject({ price: 320, shots: 4, risks: 1 });
    expect(switcher?.worth).toBe(3 * 4 + 1);
    expect(switcher?.perHundred).toBeCloseTo((13 * 100) / 320, 9);
    const ranks = found.map(({ perHundred }) => perHundred ?? -1);
    expect(ranks).toEqual(ranks.toSorted((a, b) => b - a));
    expect(found.find(({ kind }) => kind === 'recordhdm')).toMatchObject({ shots: 0, risks: 1 });
  });
});
