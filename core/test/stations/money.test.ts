/** Money: sums worked out by hand, in one currency and in two, and what is said where something is not known. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Kind, KindPrice, MoneyRules, PlanMoney } from '../../src/documents/index.js';
import { applyFix } from '../../src/fixes.js';
import { costPatch, moneyPatch, needPatch } from '../../src/stations/pack/money/edits.js';
import { friday } from './edited.js';

const START = friday.plan.start;

/** Friday with nothing on the shelf, prices for its switcher, and money as said. */
function priced(
  prices: Readonly<Record<string, KindPrice>>,
  {
    rules = {},
    money = {},
    currency = 'GBP',
  }: {
    readonly rules?: MoneyRules;
    readonly money?: PlanMoney;
    readonly currency?: 'GBP' | 'none';
  } = {},
): Bundle {
  const { currency: _was, ...house } = friday.rules;
  return {
    ...friday,
    shelf: { items: {} },
    kinds: {
      ...friday.kinds,
      kinds: { ...friday.kinds.kinds, switchcom: { ...friday.kinds.kinds.switchcom, prices } as Kind },
    },
    rules: { ...house, ...(currency === 'GBP' && { currency }), money: rules },
    plan: { ...friday.plan, money },
  };
}
const moneyOf = (bundle: Bundle) => assess(bundle).pack.money;
const price = (sort: KindPrice['sort'], amount: number, more: Partial<KindPrice> = {}): KindPrice => ({
  sort,
  each: { amount, currency: 'GBP' },
  ...more,
});
const SWITCHER = 'switcher1';

describe('a price', () => {
  it('is the newest that was found of its sort; one without a day is older than any', () => {
    const { prices } = moneyOf(
      priced({
        pricenew1: price('new', 300, { on: '2026-03-01', source: 'a dealer’s list' }),
        pricenew2: price('new', 340, { on: '2026-09-01' }),
        pricenew3: price('new', 200),
        priceuse1: price('used', 190),
        pricehire: price('hire per day', 25),
      }),
    );
    const { bought, used, hired, breakEven } = prices.switchcom ?? {};
    expect([bought?.value, used?.value, hired?.value]).toEqual([340, 190, 25]);
    // As much is lost by buying new and selling used: (340 − 190) / 25.
    expect(breakEven?.value).toBeCloseTo(6, 9);
  });

  it('breaks even at price · (1 − resale) / hire per day', () => {
    const { prices } = moneyOf(
      priced(
        { pricenew1: price('new', 900), pricehire: price('hire per day', 45) },
        { rules: { resale: 40 } },
      ),
    );
    expect(prices.switchcom?.breakEven?.value).toBeCloseTo(12, 9);
    const unknown = moneyOf(priced({ pricenew1: price('new', 900), pricehire: price('hire per day', 45) }));
    const { value, why } = unknown.prices.switchcom?.breakEven ?? {};
    expect([value, why]).toEqual([null, 'nobody has said what one fetches when it is sold']);
  });

  it('is changed by the newest rate, with its tax, to the cent', () => {
    const rates = {
      ratedolla1: { currency: 'USD', rate: 0.7, on: '2026-01-01' },
      ratedolla2: { currency: 'USD', rate: 0.79, on: '2026-10-01' },
    } as const;
    const dollars = price('new', 399, { each: { amount: 399, currency: 'USD' }, net: true });
    const { prices } = moneyOf(priced({ pricenew1: dollars }, { rules: { rates, tax: 20 } }));
    // 399 × 0.79 × 1.2 = 378.252.
    expect(prices.switchcom?.bought?.value).toBe(378.25);
  });

  it('is not known without a rate, a tax or a currency of the house, and says which', () => {
    const why = (bundle: Bundle): string | undefined => moneyOf(bundle).needs[SWITCHER]?.each?.why;
    const dollars = price('new', 399, { each: { amount: 399, currency: 'USD' } });
    expect(why(priced({ pricenew1: dollars }))).toMatch(/no rate for USD/);
    expect(why(priced({ pricenew1: price('new', 399, { net: true }) }))).toMatch(/tax/);
    expect(why(priced({ pricenew1: price('new', 399) }, { currency: 'none' }))).toMatch(/currency/);
  });
});

describe('what must be come by', () => {
  it('is bought new by the newest price, else used, else hired, until somebody says otherwise', () => {
    const way = (prices: Readonly<Record<string, KindPrice>>) => {
      const { price: _about, ...kind } = friday.kinds.kinds.switchcom as Kind;
      const bundle = priced(prices);
      const kinds = { ...bundle.kinds.kinds, switchcom: { ...kind, prices } };
      return moneyOf({ ...bundle, kinds: { ...bundle.kinds, kinds } }).needs[SWITCHER];
    };
    expect(way({ a: price('used', 5), b: price('new', 9), c: price('hire per day', 1) })).toMatchObject({
      ...{ way: 'buy new', decided: false, cost: { value: 9 } },
    });
    expect(way({ a: price('used', 5), c: price('hire per day', 1) })?.way).toBe('buy used');
    expect(way({ c: price('hire per day', 1) })?.way).toBe('hire');
    expect(way({})).toMatchObject({ way: undefined, cost: { value: null, why: 'no price is known' } });
  });

  it('costs what was agreed, for the days that were said; borrowed it costs nothing', () => {
    const each = { amount: 12.5, currency: 'GBP' } as const;
    const said = (need: object) =>
      moneyOf(
        priced(
          { pricehire: price('hire per day', 25) },
          { money: { hireDays: 2, needs: { needone01: { line: SWITCHER, ...need } } } },
        ),
      ).needs[SWITCHER];
    expect(said({ way: 'hire' })?.cost.value).toBe(50);
    expect(said({ way: 'hire', days: 3 })?.cost.value).toBe(75);
    expect(said({ way: 'hire', each })?.cost.value).toBe(25);
    expect(said({ way: 'buy used', each })?.cost.value).toBe(12.5);
    expect(said({ way: 'borrow' })).toMatchObject({ decided: true, cost: { value: 0 } });
    expect(said({ way: 'buy used' })?.cost).toMatchObject({ value: null });
  });

  it('is what the shelf cannot supply: nothing, too little, unfit, booked by others', () => {
    const needs = moneyOf(friday).needs;
    expect(needs).toEqual({});
    const { items } = friday.shelf;
    const camera = friday.plan.devices?.camwide01?.item ?? '';
    const withItem = (item: object) => ({
      ...friday,
      shelf: { items: { ...items, [camera]: { ...items[camera], ...item } } } as Bundle['shelf'],
    });
    expect(moneyOf(withItem({ state: 'in repair' })).needs.camwide01?.why).toBe('not fit');
    expect(moneyOf(withItem({ owner: { how: 'hired', who: 'A hire firm' } })).needs.camwide01).toMatchObject({
      ...{ why: 'hired already', way: 'hire' },
    });
    const claim = { item: camera, event: 'Wedding', from: START, to: START, booked: true } as const;
    const booked = { ...friday, claims: { ...friday.claims, claims: { claimone1: claim } } };
    expect(moneyOf(booked).needs.camwide01?.why).toBe('booked by others');
    // One roll of tape too few: only that one is to come by.
    const tape = Object.entries(items).find(([, { kind }]) => friday.kinds.kinds[kind]?.family === 'tape');
    const rolls = Number(assess(friday).pack.tapeRolls.value);
    const short = {
      ...friday,
      shelf: {
        items: { ...items, [tape?.[0] ?? '']: { ...tape?.[1], count: rolls - 1 } },
      } as Bundle['shelf'],
    };
    expect(rolls).toBeGreaterThan(1);
    expect(moneyOf(short).needs.tape00000).toMatchObject({ why: 'too few', count: 1 });
  });
});

describe('the sums', () => {
  it('keep a tenth beside the kit, less what is listed of it', () => {
    const { needs, bought, small, reserve, hired, total } = moneyOf(priced({}));
    const sum = (isSmall: boolean): number =>
      Object.values(needs)
        .filter(({ group }) => ['Adapters', 'Cables', 'Floor'].includes(group) === isSmall)
        .reduce((all, { cost }) => all + Number(cost.value), 0);
    expect(bought.value).toBeCloseTo(sum(false), 6);
    expect(small.value).toBeCloseTo(sum(true), 6);
    expect(reserve.value).toBeCloseTo(Math.max(0, sum(false) / 10 - sum(true)), 2);
    expect(hired.value).toBe(0);
    expect(total.value).toBeCloseTo(sum(false) + Math.max(sum(false) / 10, sum(true)), 2);
  });

  it('leave of a ceiling what they leave, in its own currency too', () => {
    const rates = { rateeuro01: { currency: 'EUR', rate: 0.85, on: '2026-11-01' } } as const;
    const ceiling = { amount: 10_000, currency: 'EUR' } as const;
    const { total, ceiling: own, left } = moneyOf(priced({}, { rules: { rates }, money: { ceiling } }));
    expect(own?.value).toBe(8500);
    expect(left?.value).toBeCloseTo(8500 - Number(total.value), 6);
  });
});

describe('what an event costs', () => {
  const cost = (sort: string, amount: number, more: object = {}) => ({
    ...{ order: 'a', label: sort, sort, each: { amount, currency: 'GBP' as const } },
    ...more,
  });
  const costs = (of: object) =>
    moneyOf({ ...friday, plan: { ...friday.plan, money: { costs: of } as PlanMoney } });

  it('takes data, hours and rolls from the plan', () => {
    const { stream, pack, brief } = assess(friday);
    const data = Object.values(stream.streams).reduce((sum, each) => sum + Number(each.data.value), 0);
    const planned = (['check', 'rehearse', 'wait', 'live'] as const).reduce(
      (sum, phase) => sum + Number(brief.phases[phase].value),
      0,
    );
    const own = costs({
      costdata1: cost('data', 2),
      costrela1: cost('relay hours', 1.2),
      costrela2: cost('relay data', 0.05, { copies: 4 }),
      costtape1: cost('tape', 8),
      costway01: cost('travel', 0.45, { quantity: 34 }),
    }).costs;
    expect(own.costdata1?.cost.value).toBeCloseTo(2 * data, 2);
    expect(own.costrela1?.cost.value).toBeCloseTo((1.2 * planned) / 60, 2);
    expect(own.costrela2?.cost.value).toBeCloseTo(0.05 * 4 * data, 2);
    expect(own.costtape1?.cost.value).toBe(8 * Number(pack.tapeRolls.value));
    expect(own.costway01?.cost.value).toBe(15.3);
  });

  it('says what only people know, and leaves it out of the sum', () => {
    const {
      costs: own,
      running,
      unpriced,
    } = costs({
      costbatt1: cost('batteries', 0.8),
      costway01: cost('travel', 0.45),
      costroom1: cost('other', 60),
    });
    expect(own.costbatt1?.cost).toMatchObject({ value: null });
    expect(own.costway01?.kilometres).toMatchObject({ value: null, why: 'nobody has said how many' });
    expect(running.value).toBe(60);
    expect(unpriced.value).toBe(2);
  });
});

describe('what own things are worth', () => {
  const camera = friday.plan.devices?.camwide01?.item ?? '';
  const bought = (on: string, rules: MoneyRules) => {
    const item = { ...friday.shelf.items[camera], bought: { on, price: { amount: 1000, currency: 'GBP' } } };
    return moneyOf({
      ...friday,
      shelf: { items: { ...friday.shelf.items, [camera]: item } } as Bundle['shelf'],
      rules: { ...friday.rules, money: rules },
    }).worth[camera];
  };

  it('goes straight down to what they fetch, and no lower', () => {
    const halfway = new Date(Date.parse(START) - 2.5 * 365.2425 * 86_400_000).toISOString().slice(0, 10);
    // Half of five years: half of the 70 % that is lost.
    expect(Number(bought(halfway, { resale: 30, life: 5 })?.value)).toBeCloseTo(650, 0);
    expect(bought('2001-01-01', { resale: 30, life: 5 })?.value).toBe(300);
  });

  it('is not said while the house does not say how long they last', () => {
    expect(bought('2024-01-01', { resale: 30 })).toBeUndefined();
    expect(bought('2024-01-01', { life: 5 })).toBeUndefined();
  });
});

describe('edits of money', () => {
  const after = (bundle: Bundle, patch: ReturnType<typeof needPatch>): Bundle =>
    applyFix(bundle, { changes: [{ document: 'plan', patch }] });

  it('open what is missing, change what is there, and take back what says nothing more', () => {
    const { money: _money, ...bare } = friday.plan;
    const start: Bundle = { ...friday, plan: bare };
    const one = after(start, needPatch(start.plan, SWITCHER, { way: 'hire', days: 2 }));
    const two = after(one, needPatch(one.plan, SWITCHER, { days: undefined, from: 'A friend' }));
    expect(Object.values(two.plan.money?.needs ?? {})).toEqual([
      { line: SWITCHER, way: 'hire', from: 'A friend' },
    ]);
    const three = after(two, needPatch(two.plan, SWITCHER, { way: undefined, from: undefined }));
    expect(three.plan.money?.needs).toEqual({});
    const four = after(
      three,
      costPatch(three.plan, 'costone01', {
        label: 'Fuel',
        sort: 'travel',
        each: { amount: 1, currency: 'GBP' },
      }),
    );
    const five = after(
      four,
      costPatch(four.plan, 'costtwo01', {
        label: 'Tape',
        sort: 'tape',
        each: { amount: 1, currency: 'GBP' },
      }),
    );
    const orders = Object.values(five.plan.money?.costs ?? {}).map(({ order }) => order);
    expect(orders).toEqual([...orders].sort());
    expect(new Set(orders).size).toBe(2);
    const six = after(five, moneyPatch(five.plan, 'ceiling', { amount: 900, currency: 'GBP' }));
    expect(six.plan.money?.ceiling?.amount).toBe(900);
    expect(after(six, moneyPatch(six.plan, 'ceiling', undefined)).plan.money?.ceiling).toBeUndefined();
    expect(moneyPatch(start.plan, 'hireDays', undefined)).toEqual([]);
    expect(needPatch(start.plan, SWITCHER, {})).toEqual([]);
  });
});
