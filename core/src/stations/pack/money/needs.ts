/** What the shelf cannot supply: lines of the checklist to be borrowed, hired or bought, and what each of them costs. */
import type { Claims, Kinds, Need, PlanMoney, Shelf } from '../../../documents/index.js';
import {
  constant,
  dayIn,
  given,
  inOrder,
  numberOf,
  taken,
  type Figure,
  type NeedWay,
} from '../../../foundations/index.js';
import { claimsByItem, isHad, stockLeft } from '../../claimed.js';
import { keptBack } from '../../ready.js';
import type { RunsResult } from '../../runs/index.js';
import type { PackLine, PackLines } from '../result.js';
import * as figures from './figures.js';
import { allTerms, converted, taxOn, type KindPrices, type MoneyHouse, type PriceName } from './prices.js';
import { kindToBuy } from './to-buy.js';

/** Why a line must be come by: nothing is set aside, what is cannot go along, too few are there, or it is hired already. */
export type WhyNeeded = 'nothing set aside' | 'not fit' | 'booked by others' | 'too few' | 'hired already';

/** A line that the shelf cannot supply, before anything is known of money. */
export interface Wanted {
  readonly line: string;
  readonly label: string;
  readonly purpose: string;
  readonly group: PackLine['group'];
  /** What it would be bought as; undefined where no kind is known that would do. */
  readonly kind: string | undefined;
  readonly count: number;
  readonly why: WhyNeeded;
}

interface WantedIn {
  readonly lines: PackLines;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly claims: Claims;
  readonly runs: RunsResult['runs'];
}

/** The lines that the shelf cannot supply, by their keys. */
export function wantedOf({ lines, kinds, shelf, claims, runs }: WantedIn): Readonly<Record<string, Wanted>> {
  const had = claimsByItem(claims);
  const missing = ({ item, count }: PackLine): readonly [number, WhyNeeded] | undefined => {
    if (item === undefined) return [count, 'nothing set aside'];
    const own = shelf.items[item];
    if (!own) return [count, 'nothing set aside'];
    if (keptBack(own) !== undefined && own.state !== 'out' && !own.lent) return [count, 'not fit'];
    if (own.count === undefined) {
      if (isHad(had.get(item))) return [count, 'booked by others'];
      return own.owner?.how === 'hired' ? [count, 'hired already'] : undefined;
    }
    const { have } = stockLeft(item, shelf.items, claims.claims);
    return have < count ? [count - have, 'too few'] : undefined;
  };
  return Object.fromEntries(
    Object.entries(lines).flatMap(([line, of]): [string, Wanted][] => {
      const short = missing(of);
      if (!short) return [];
      const [count, why] = short;
      const { label, purpose, group } = of;
      const kind = kindToBuy(line, of, runs[line.split(' ')[0] ?? ''], kinds.kinds);
      return [[line, { line, label, purpose, group, kind, count, why }]];
    }),
  );
}

/** A line to come by, and what it costs. */
export interface NeedResult extends Wanted {
  /** How it is come by; undefined where nobody has said and no price is known. */
  readonly way: NeedWay | undefined;
  /** Somebody said so; else it is bought new where that has a price, else used, else hired. */
  readonly decided: boolean;
  /** The record of the plan that says something about it. */
  readonly record: string | undefined;
  readonly from: string | undefined;
  readonly delivery: string | undefined;
  readonly each: Figure | undefined;
  /** Its price is about what such a thing costs: nobody has found one. */
  readonly about: boolean;
  readonly cost: Figure;
  /** Days from its delivery to the event, and those beyond what the house wants between. */
  readonly before: Figure | undefined;
  readonly spare: Figure | undefined;
}

/** What was said of each line, by the line. */
export const saidOf = ({
  needs,
}: {
  readonly needs: PlanMoney['needs'];
}): ReadonlyMap<string, readonly [id: string, need: Need]> =>
  new Map(inOrder(needs).map(([id, need]) => [need.line, [id, need]]));

interface NeedIn {
  readonly wanted: Wanted;
  readonly said: readonly [id: string, need: Need] | undefined;
  readonly prices: KindPrices | undefined;
  readonly hireDays: Figure;
  readonly start: Figure;
  readonly zone: string;
  readonly house: MoneyHouse;
}

/** One line with how it is come by and what it costs. */
export function needOf(
  id: string,
  { wanted, said, prices, hireDays, start, zone, house }: NeedIn,
): NeedResult {
  const [record, need] = said ?? [undefined, undefined];
  const way = need?.way ?? usualWay(wanted, prices);
  const each = way === undefined ? undefined : eachOf(id, way, said, prices, house);
  return {
    ...wanted,
    way,
    decided: need?.way !== undefined,
    record,
    from: need?.from,
    delivery: need?.delivery,
    each,
    about: way === 'buy new' && need?.each === undefined && prices?.about === true,
    cost: costOf(id, wanted.count, way, each, need, record, hireDays),
    ...deliveryOf(id, need?.delivery, record, start, zone, house),
  };
}

/** As long as nobody has said: hired where it is so already; else bought new, else used, else hired, by what has a price. */
function usualWay({ why }: Wanted, prices: KindPrices | undefined): NeedWay | undefined {
  if (why === 'hired already') return 'hire';
  if (prices?.bought) return 'buy new';
  if (prices?.used) return 'buy used';
  return prices?.hired ? 'hire' : undefined;
}

const PRICE_OF: Readonly<Record<Exclude<NeedWay, 'borrow'>, PriceName>> = {
  'buy new': 'bought',
  'buy used': 'used',
  hire: 'hired',
};

function eachOf(
  id: string,
  way: NeedWay,
  said: readonly [id: string, need: Need] | undefined,
  prices: KindPrices | undefined,
  house: MoneyHouse,
): Figure | undefined {
  if (said?.[1].each) {
    const [record, { each, net }] = said;
    const at = { document: 'plan', pointer: `/money/needs/${record}/each` } as const;
    const known = allTerms(converted(each, at, house), taxOn(net, house));
    return 'why' in known
      ? figures.needEach.unknown([id], known.why)
      : figures.needEach.calc([id], known.terms);
  }
  if (way === 'borrow') return undefined;
  const price = prices?.[PRICE_OF[way]];
  if (!price) return undefined;
  if (price.value === null) return figures.needEach.unknown([id], price.why ?? 'its price is not known');
  return figures.needEach.calc([id], [taken('price', price)], { formula: 'price' });
}

function costOf(
  id: string,
  count: number,
  way: NeedWay | undefined,
  each: Figure | undefined,
  need: Need | undefined,
  record: string | undefined,
  hireDays: Figure,
): Figure {
  const pieces = constant('pieces', count, 'pieces', 'what the shelf cannot supply');
  if (way === 'borrow' && !each)
    return figures.needCost.calc([id], [constant('each', 0, 'money', 'it is borrowed'), pieces]);
  if (!each)
    return figures.needCost.unknown(
      [id],
      way === undefined ? 'no price is known' : `no price is known for this: ${way}`,
    );
  if (each.value === null) return figures.needCost.unknown([id], each.why ?? 'its price is not known');
  if (way !== 'hire') return figures.needCost.calc([id], [taken('each', each), pieces]);
  const days =
    need?.days === undefined
      ? taken('days', hireDays)
      : given('days', need.days, 'days', 'plan', `/money/needs/${record ?? ''}/days`);
  return figures.needCost.calc([id], [taken('each', each), pieces, days], {
    formula: 'round(each * pieces * days * 100) / 100',
  });
}

const DAY_LENGTH = 86_400_000;
/** Days that are to lie between a delivery and the event where the house has not said how many. */
const USUAL_BUFFER = 3;

function deliveryOf(
  id: string,
  delivery: string | undefined,
  record: string | undefined,
  start: Figure,
  zone: string,
  { money }: MoneyHouse,
): Pick<NeedResult, 'before' | 'spare'> {
  if (delivery === undefined || typeof start.value !== 'string')
    return { before: undefined, spare: undefined };
  const day = dayIn(zone, start.value);
  const between = Math.round((Date.parse(day) - Date.parse(delivery)) / DAY_LENGTH);
  const before = figures.needBefore.found([id], between, [
    taken('start', start),
    given('delivery', delivery, '', 'plan', `/money/needs/${record ?? ''}/delivery`),
  ]);
  const buffer =
    money?.buffer === undefined
      ? constant('buffer', USUAL_BUFFER, 'days', 'usual where the house says nothing else')
      : given('buffer', money.buffer, 'days', 'rules', '/money/buffer');
  return { before, spare: figures.needSpare.calc([id], [taken('before', before), buffer]) };
}

/** Whether the sum of a line is known. */
export const isPriced = ({ cost }: Pick<NeedResult, 'cost'>): boolean => numberOf(cost) !== undefined;
