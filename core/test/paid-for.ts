/** Friday as an event that costs something. */
import type { Bundle, Kind } from '../src/documents/index.js';
import type { CostSort } from '../src/foundations/index.js';

/** Without its switcher and one tripod, with what they cost, what was agreed, and what the evening costs besides. */
export function paidFor(bundle: Bundle): Bundle {
  const { plan, shelf, kinds, rules, venue } = bundle;
  const pounds = (amount: number) => ({ amount, currency: 'GBP' as const });
  const lacking = new Set([plan.devices?.switcher1?.item, plan.devices?.router001?.item]);
  const items = Object.entries(shelf.items).filter(
    ([id, { kind }]) => !lacking.has(id) && kind !== 'tripodflu',
  );
  const prices = {
    pricenew01: { sort: 'new', each: { amount: 410, currency: 'USD' }, net: true, on: '2026-10-02' },
    priceused1: { sort: 'used', each: pounds(210), on: '2026-10-05', source: 'an advertisement' },
    pricehire1: { sort: 'hire per day', each: pounds(24) },
  } as const;
  const cost = (order: string, sort: CostSort, amount: number, more: object = {}) => ({
    ...{ order, label: sort, sort, each: pounds(amount) },
    ...more,
  });
  return {
    ...bundle,
    venue: {
      ...venue,
      tried: { triedone01: { order: '1', kind: 'laptopcom', on: '2026-10-03', works: true } },
    },
    shelf: { items: Object.fromEntries(items) },
    kinds: {
      ...kinds,
      kinds: {
        ...kinds.kinds,
        switchcom: { ...(kinds.kinds.switchcom as Kind), prices, fails: 3 },
        recordhdm: { ...(kinds.kinds.recordhdm as Kind), usesUp: { kind: 'tapecloth', count: 1, hours: 2 } },
      },
    },
    rules: {
      ...rules,
      ...{ spareLeads: 1, spareRisk: 1 },
      money: {
        ...{ tax: 20, reserve: 10, resale: 40, life: 6 },
        rates: { ratedolla1: { currency: 'USD', rate: 0.79, on: '2026-10-01' } },
      },
    },
    plan: {
      ...plan,
      money: {
        ceiling: { amount: 2000, currency: 'USD' },
        needs: {
          needone01: { line: 'switcher1', way: 'buy new', delivery: plan.start.slice(0, 10) },
          needtwo01: { line: 'router001', way: 'hire', each: pounds(18), days: 2 },
        },
        costs: {
          costdata01: cost('a', 'data', 2),
          costdata02: cost('b', 'relay data', 0.05, { copies: 3 }),
          costhours1: cost('c', 'relay hours', 1.2),
          costbatt01: cost('d', 'batteries', 0.8, { quantity: 24 }),
          costtape01: cost('e', 'tape', 8),
          costway001: cost('f', 'travel', 0.45, { quantity: 34 }),
          costother1: cost('g', 'other', 60),
        },
      },
    },
  };
}
