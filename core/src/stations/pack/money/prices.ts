/** What kinds cost, in the money of the house: the newest price of a sort, else about what one costs new. */
import type { Kinds, Kind, KindPrice, Money, Rules } from '../../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  numberOf,
  type DocumentName,
  type Figure,
  type MapOf,
  type PriceSort,
  type Term,
} from '../../../foundations/index.js';
import * as figures from './figures.js';

/** How a house reckons with money. */
export interface MoneyHouse {
  readonly currency?: Rules['currency'] | undefined;
  readonly money?: Rules['money'] | undefined;
}

/** Where a sum stands in the documents: its document and the pointer to the `Money`. */
export interface SumAt {
  readonly document: DocumentName;
  readonly pointer: string;
}

/** What leads from a sum to the money of the house, or why nothing does. */
export type Converted = { readonly terms: readonly Term[] } | { readonly why: string };

/** The newest of some records by their days; one without a day is older than any. */
const newestOf = <Dated extends { readonly on?: string }>(
  records: MapOf<Dated> | undefined,
  is: (record: Dated) => boolean,
): readonly [id: string, record: Dated] | undefined =>
  inOrder(records)
    .filter(([, record]) => is(record))
    .sort(([, a], [, b]) => (b.on ?? '').localeCompare(a.on ?? ''))[0];

/**
 * The sum as a term, with the rate that makes it money of the house. `name`: of the sum in the formula; `per`: what it
 * is paid for, as of its unit. The rate is the newest that was noted.
 */
export function converted(
  { amount, currency }: Money,
  { document, pointer }: SumAt,
  { currency: own, money }: MoneyHouse,
  name = 'each',
  per: '' | '/GB' | '/h' | '/km' = '',
): Converted {
  if (own === undefined) return { why: 'the house rules do not say which currency the house reckons in' };
  const sum = (unit: Term['unit']): Term => given(name, amount, unit, document, `${pointer}/amount`);
  if (currency === own)
    return { terms: [sum(`money${per}`), constant('rate', 1, '', 'it is the money of the house')] };
  const newest = newestOf(money?.rates, rate => rate.currency === currency);
  if (!newest) return { why: `no rate for ${currency} is noted in the house rules` };
  const [id, { rate }] = newest;
  return { terms: [sum(''), given('rate', rate, `money${per}`, 'rules', `/money/rates/${id}/rate`)] };
}

/** The tax that comes on a price, as a term, or why it is not known. */
export function taxOn(net: boolean | undefined, { money }: MoneyHouse): Converted {
  if (net !== true) return { terms: [constant('tax', 0, '%', 'tax is in the price')] };
  if (money?.tax === undefined) return { why: 'the house rules do not say how high the tax is' };
  return { terms: [given('tax', money.tax, '%', 'rules', '/money/tax')] };
}

/** All of some terms, or the first reason why one of them is missing. */
export function allTerms(...parts: readonly Converted[]): Converted {
  const terms: Term[] = [];
  for (const part of parts) {
    if ('why' in part) return part;
    terms.push(...part.terms);
  }
  return { terms };
}

/** The newest price of a sort that was found; those without a day are older than any. */
export function newestPrice(
  prices: Kind['prices'],
  sort: PriceSort,
): readonly [id: string, price: KindPrice] | undefined {
  return newestOf(prices, price => price.sort === sort);
}

/** What one of a kind costs, each way for which a price is known. */
export interface KindPrices {
  readonly bought?: Figure;
  readonly used?: Figure;
  readonly hired?: Figure;
  /** Days of hire that cost as much as buying it and selling it again. */
  readonly breakEven?: Figure;
  /** `bought` is about what such a thing costs: nobody has found a price. */
  readonly about?: true;
}

const SORTS = {
  bought: { sort: 'new', of: figures.priceNew },
  used: { sort: 'used', of: figures.priceUsed },
  hired: { sort: 'hire per day', of: figures.priceHired },
} as const satisfies Readonly<Record<string, { readonly sort: PriceSort; readonly of: object }>>;
/** What a price is for, as it stands among those of a kind. */
export type PriceName = keyof typeof SORTS;

function priceOf(id: string, kind: Kind, name: PriceName, house: MoneyHouse): Figure | undefined {
  const { sort, of } = SORTS[name];
  const found = newestPrice(kind.prices, sort);
  if (found) {
    const [price, { each, net, source }] = found;
    const at = { document: 'kinds', pointer: `/kinds/${id}/prices/${price}/each` } as const;
    const known = allTerms(converted(each, at, house), taxOn(net, house));
    if ('why' in known) return of.unknown([id], known.why);
    return of.calc([id], known.terms, source === undefined ? {} : { source });
  }
  if (name !== 'bought' || kind.price === undefined) return undefined;
  return of.calc(
    [id],
    [
      given('each', kind.price, 'money', 'kinds', `/kinds/${id}/price`),
      constant('rate', 1, '', 'it is the money of the house'),
      constant('tax', 0, '%', 'tax is in the price'),
    ],
    { source: 'about what such a thing costs, until a price is found' },
  );
}

/** Days of hire that come to price · (1 − resale): the resale of the house, else what one costs used. */
function evenAt(id: string, { bought, used, hired }: KindPrices, { money }: MoneyHouse): Figure | undefined {
  if (!bought || !hired) return undefined;
  const terms = [
    { name: 'price', value: bought.value, unit: bought.unit, from: { figure: bought.path } },
    { name: 'hire', value: hired.value, unit: hired.unit, from: { figure: hired.path } },
  ] as const;
  if (money?.resale !== undefined)
    return figures.breakEven.calc(
      [id],
      [...terms, given('resale', money.resale, '%', 'rules', '/money/resale')],
    );
  if (!used)
    return figures.breakEven.unknown([id], 'nobody has said what one fetches when it is sold', terms);
  return figures.breakEven.calc(
    [id],
    [...terms, { name: 'sold', value: used.value, unit: used.unit, from: { figure: used.path } }],
    { formula: '(price - sold) / hire' },
  );
}

/** What one of a kind costs to buy and to hire, and when the one is as dear as the other. */
export function pricesOf(id: string, kind: Kind, house: MoneyHouse): KindPrices {
  const known: { -readonly [Name in PriceName]?: Figure } = {};
  for (const name of Object.keys(SORTS) as PriceName[]) {
    const figure = priceOf(id, kind, name, house);
    if (figure) known[name] = figure;
  }
  const breakEven = evenAt(id, known, house);
  const isAbout = known.bought !== undefined && newestPrice(kind.prices, 'new') === undefined;
  return { ...known, ...(breakEven && { breakEven }), ...(isAbout && { about: true }) };
}

/** What one costs to buy, new or else used, in the money of the house; undefined where that is not known. */
export function buyingPrice(id: string, { kinds }: Kinds, house: MoneyHouse): number | undefined {
  const kind = kinds[id];
  if (!kind) return undefined;
  const { bought, used } = pricesOf(id, kind, house);
  return numberOf(bought) ?? numberOf(used);
}
