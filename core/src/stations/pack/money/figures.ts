/** Figures of money: prices, what is needed, what the event costs, and what things are worth. */
import { declare, DEFINITION, houseRule } from '../../../foundations/index.js';

/** To the cent: every currency that a house can have has a hundredth. */
const PRICE = 'round(each * rate * (1 + tax / 100) * 100) / 100';
/** Every sum to the cent, so that sums agree with those on paper. */
const CENTS = houseRule('sums of money to the cent');
const PRICED = houseRule('in the money of the house, tax in it, to the cent');

export const priceNew = declare({
  key: 'pack.money.prices.*.bought',
  label: 'Costs new',
  unit: 'money',
  basis: PRICED,
  formula: PRICE,
});
export const priceUsed = declare({
  key: 'pack.money.prices.*.used',
  label: 'Costs used',
  unit: 'money',
  basis: PRICED,
  formula: PRICE,
});
export const priceHired = declare({
  key: 'pack.money.prices.*.hired',
  label: 'Costs to hire a day',
  unit: 'money',
  basis: PRICED,
  formula: PRICE,
});
export const breakEven = declare({
  key: 'pack.money.prices.*.breakEven',
  label: 'Days of hire that cost as much as buying',
  short: 'Hire or buy: even at',
  unit: 'days',
  basis: houseRule('what is lost by buying and selling again, over the hire of a day'),
  formula: 'price * (1 - resale / 100) / hire',
});

export const hireDays = declare({
  key: 'pack.money.hireDays',
  label: 'Days of hire',
  unit: 'days',
  basis: houseRule('each day that is begun, from the start to the end'),
  formula: 'max(1, ceil(minutes(start, end) / minute / 60 / 24))',
});
export const needEach = declare({
  key: 'pack.money.needs.*.each',
  label: 'Price of one',
  unit: 'money',
  basis: PRICED,
  formula: PRICE,
});
export const needCost = declare({
  key: 'pack.money.needs.*.cost',
  label: 'Costs',
  unit: 'money',
  basis: CENTS,
  formula: 'round(each * pieces * 100) / 100',
});
export const needBefore = declare({
  key: 'pack.money.needs.*.before',
  label: 'Delivered before the event',
  unit: 'days',
  basis: DEFINITION,
  method: 'days of the calendar from the delivery to the day of the event, at its place',
  limits: { raises: 'pack.delivery-late', stop: { below: 0 } },
});
export const needSpare = declare({
  key: 'pack.money.needs.*.spare',
  label: 'Days to spare',
  unit: 'days',
  basis: houseRule('days between a delivery and the event', 'for what comes late'),
  formula: 'before - buffer',
  limits: { raises: 'pack.delivery-late', risk: { below: 0 } },
});

export const bought = declare({
  key: 'pack.money.bought',
  label: 'Gear to buy',
  unit: 'money',
  basis: DEFINITION,
  formula: 'sum(bought)',
});
export const small = declare({
  key: 'pack.money.small',
  label: 'Leads, adapters and tape to buy',
  unit: 'money',
  basis: DEFINITION,
  formula: 'sum(bought)',
});
export const reserve = declare({
  key: 'pack.money.reserve',
  label: 'Kept for leads, adapters, tape and spares',
  unit: 'money',
  basis: houseRule('share of a kit for leads, adapters, tape and spares', 'less those that are listed'),
  formula: 'max(round(share * bought) / 100, small) - small',
});
export const hired = declare({
  key: 'pack.money.hired',
  label: 'Hire',
  unit: 'money',
  basis: DEFINITION,
  formula: 'sum(hire)',
});
export const total = declare({
  key: 'pack.money.total',
  label: 'Gear together',
  unit: 'money',
  basis: DEFINITION,
  formula: 'bought + small + reserve + hired',
});
export const unpriced = declare({
  key: 'pack.money.unpriced',
  label: 'No price known',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'lines to come by and costs of the event of which the sum is not known',
});
export const guessed = declare({
  key: 'pack.money.guessed',
  label: 'Priced by an estimate',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'lines to come by for which nobody has found a price yet',
});
export const ceiling = declare({
  key: 'pack.money.ceiling',
  label: 'Ceiling',
  unit: 'money',
  basis: CENTS,
  formula: 'round(ceiling * rate * 100) / 100',
});
export const left = declare({
  key: 'pack.money.left',
  label: 'Left of the ceiling',
  unit: 'money',
  basis: CENTS,
  formula: 'round((ceiling - total) * 100) / 100',
  limits: { raises: 'pack.over-ceiling', risk: { below: 0 } },
});

export const gigabytes = declare({
  key: 'pack.money.costs.*.gigabytes',
  label: 'Data',
  unit: 'GB',
  basis: DEFINITION,
  formula: 'sum(data) * copies',
});
export const hours = declare({
  key: 'pack.money.costs.*.hours',
  label: 'Hours',
  unit: 'h',
  basis: houseRule('from the checks to the end of what is live'),
  formula: 'sum(planned) / 60',
});
export const kilometres = declare({
  key: 'pack.money.costs.*.kilometres',
  label: 'Way',
  unit: 'km',
  basis: DEFINITION,
  formula: 'quantity',
});
export const rolls = declare({
  key: 'pack.money.costs.*.rolls',
  label: 'Rolls',
  unit: 'rolls',
  basis: DEFINITION,
  formula: 'rolls',
});
export const pieces = declare({
  key: 'pack.money.costs.*.pieces',
  label: 'How many',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'quantity',
});
export const eventCost = declare({
  key: 'pack.money.costs.*.cost',
  label: 'Costs',
  unit: 'money',
  basis: CENTS,
  formula: 'round(each * rate * quantity * 100) / 100',
});
export const running = declare({
  key: 'pack.money.running',
  label: 'Costs of the event',
  unit: 'money',
  basis: DEFINITION,
  formula: 'hired + sum(cost)',
});

export const worth = declare({
  key: 'pack.money.worth.*',
  label: 'Worth at the event',
  unit: 'money',
  basis: houseRule('straight down to what it fetches when it is sold, over its life'),
  formula: 'round(paid * rate * max(resale / 100, 1 - (1 - resale / 100) * age / life) * 100) / 100',
});
export const worthTogether = declare({
  key: 'pack.money.worthTogether',
  label: 'Own things together, as they are worn',
  unit: 'money',
  basis: DEFINITION,
  formula: 'sum(item)',
});
