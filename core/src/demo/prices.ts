/** Prices that the demo organisations have found, and how they reckon with money; all of them made up. */
import type { Currency, EventCost, Kinds, KindPrice, MoneyRules, Quote } from '../documents/index.js';
import { ordersFor, type PriceSort } from '../foundations/index.js';

/** What one costs new, used and for a day of hire, where anybody has asked. */
type Found = Readonly<Partial<Record<PriceSort, number>>>;

const SOURCES: Readonly<Record<PriceSort, string>> = {
  new: 'list of a shop in the county town',
  used: 'advertisement, seen working',
  'hire per day': 'a hire firm’s list',
};

const IDS: Readonly<Record<PriceSort, string>> = {
  new: 'pricenew01',
  used: 'priceused1',
  'hire per day': 'pricehire1',
};

/** Kinds with the prices that were found in a currency on a day. */
export function withPrices(
  kinds: Kinds,
  found: Readonly<Record<string, Found>>,
  currency: Currency,
  on: string,
): Kinds {
  const prices = (of: Found): Record<string, KindPrice> =>
    Object.fromEntries(
      (Object.entries(of) as [PriceSort, number][]).map(([sort, amount]): [string, KindPrice] => [
        IDS[sort],
        { sort, each: { amount, currency }, on, source: SOURCES[sort] },
      ]),
    );
  return {
    ...kinds,
    kinds: Object.fromEntries(
      Object.entries(kinds.kinds).map(([id, kind]) => {
        const own = found[id];
        return [id, own ? { ...kind, prices: prices(own) } : kind];
      }),
    ),
  };
}

export const QUILLMERE_PRICES: Readonly<Record<string, Found>> = {
  camoneinc: { new: 1480, used: 690, 'hire per day': 55 },
  camfourth: { new: 1250, used: 620, 'hire per day': 60 },
  tripodflu: { new: 310, used: 140, 'hire per day': 14 },
  switchcom: { new: 320, used: 190, 'hire per day': 24 },
  recordhdm: { new: 365, used: 210 },
  monitor24: { new: 145, used: 60 },
};

export const CHAPEL_PRICES: Readonly<Record<string, Found>> = {
  camoneinc: { new: 1650, used: 780, 'hire per day': 65 },
  camcompac: { new: 640, used: 330 },
  tripodflu: { new: 340, used: 150 },
  standhigh: { new: 95, used: 45 },
};

/** A thing is sold for 45 % of its price after six years; a parish counts in pounds and is sometimes asked for euros. */
export const QUILLMERE_MONEY: MoneyRules = {
  ...{ tax: 20, reserve: 10, resale: 45, life: 6, buffer: 4 },
  rates: { rateeuro01: { currency: 'EUR', rate: 0.86, on: '2026-11-02', source: 'a bank' } },
};

const pounds = (amount: number) => ({ amount, currency: 'GBP' as const });

const COSTS: readonly (readonly [string, Omit<EventCost, 'order'>])[] = [
  [
    'costway001',
    { label: 'Car from Quill Grange and back', sort: 'travel', each: pounds(0.45), quantity: 34 },
  ],
  ['costtape01', { label: 'Cloth tape', sort: 'tape', each: pounds(8.5) }],
  [
    'costbatt01',
    { label: 'AA batteries for belt packs', sort: 'batteries', each: pounds(0.6), quantity: 12 },
  ],
];

/** What the concert costs beside its gear. */
export function fridayCosts(): Record<string, EventCost> {
  const orders = ordersFor(COSTS.length);
  return Object.fromEntries(COSTS.map(([id, cost], i) => [id, { order: orders[i] ?? '', ...cost }]));
}

/** What the choir that gives the concert is offered. */
export const fridayQuote = (): Quote => ({
  ...{ client: 'Nether Quill Singers', number: '26-12', on: '2026-11-20', validDays: 30, costs: true },
  hourly: { amount: 6, currency: 'GBP' },
  terms: 'Half when it is booked, the rest within two weeks of the concert.',
  packages: {
    packageone: {
      ...{ order: '1', label: 'Three cameras and a mixing desk', each: { amount: 95, currency: 'GBP' } },
      what: 'with stands, leads and a stream of what is mixed',
    },
    packagetwo: {
      ...{ order: '2', label: 'Recording', once: true, each: { amount: 30, currency: 'GBP' } },
      what: 'handed over on a stick',
    },
  },
});
