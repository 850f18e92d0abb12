/** What a client is offered for an event: every line with how it is reckoned, the discount, the tax, and the total. */
import type { Assessment } from '../assess.js';
import type { Bundle, Money, Plan, Quote, QuotePackage } from '../documents/index.js';
import { inPlan } from '../edits.js';
import { daysAfter, inOrder, numberOf, orderAfter, toCents, type Operation } from '../foundations/index.js';
import { converted, type MoneyHouse } from '../stations/pack/money/prices.js';

/** Days for which an offer stands where nobody says otherwise. */
const USUAL_VALID = 30;

export interface QuoteLine {
  readonly id: string;
  readonly part: 'Packages' | 'Crew' | 'Costs of the event';
  readonly label: string;
  readonly what: string;
  readonly count: number | undefined;
  /** By what it is charged; undefined where it is charged once. */
  readonly by: { readonly amount: number; readonly unit: 'days' | 'h' } | undefined;
  /** For one, in the money of the house; undefined where it is not known. */
  readonly each: number | undefined;
  readonly sum: number | undefined;
}

export interface QuoteResult {
  readonly lines: readonly QuoteLine[];
  /** What is not known keeps all that rests on it unknown. */
  readonly together: number | undefined;
  readonly discount: number | undefined;
  readonly tax: number | undefined;
  readonly total: number | undefined;
  /** Why the total is not known, a reason once each. */
  readonly missing: readonly string[];
  /** The last day on which the offer stands; absent while it has no day. */
  readonly validUntil: string | undefined;
}

const NO_QUOTE: Quote = {};

/** What is offered, in the money of the house, each line to the cent. */
export function quoteOf({ plan, rules }: Bundle, { pack, hands }: Assessment): QuoteResult {
  const quote = plan.quote ?? NO_QUOTE;
  const house: MoneyHouse = { currency: rules.currency, money: rules.money };
  const missing = new Set<string>();
  const known = (money: Money): number | undefined => {
    const at = converted(money, { document: 'plan', pointer: '/quote' }, house);
    if ('terms' in at) return at.terms.reduce((product, { value }) => product * Number(value), 1);
    missing.add(at.why);
    return undefined;
  };
  const hireDays = numberOf(pack.money.hireDays);
  const lines: QuoteLine[] = [
    ...inOrder(quote.packages).map(([id, each]) => packageLine(id, each, known(each.each), hireDays)),
    ...crewLines(quote, quote.hourly && known(quote.hourly), numberOf(hands.crewHours)),
    ...(quote.costs === true ? costLines(pack.money) : []),
  ];
  const byTheEvent = inOrder(quote.packages).some(
    ([, { once, days }]) => once !== true && days === undefined,
  );
  if (hireDays === undefined && byTheEvent) missing.add('it is not known for how many days the event hires');
  for (const { label, sum } of lines)
    if (sum === undefined) missing.add(`what “${label}” comes to is not known`);
  const together = lines.every(({ sum }) => sum !== undefined)
    ? toCents(lines.reduce((all, { sum = 0 }) => all + sum, 0))
    : undefined;
  const share = (of: number | undefined, percent = 0): number | undefined =>
    of === undefined ? undefined : toCents((of * percent) / 100);
  const discount = share(together, quote.discount);
  const net = together === undefined ? undefined : together - (discount ?? 0);
  const tax = share(net, quote.tax);
  return {
    ...{ lines, together, discount, tax },
    total: net === undefined ? undefined : toCents(net + (tax ?? 0)),
    missing: [...missing],
    validUntil: quote.on === undefined ? undefined : daysAfter(quote.on, quote.validDays ?? USUAL_VALID),
  };
}

function packageLine(
  id: string,
  { label, what = '', count = 1, days, once }: QuotePackage,
  each: number | undefined,
  hireDays: number | undefined,
): QuoteLine {
  const amount = once === true ? 1 : (days ?? hireDays);
  const of = { id, part: 'Packages', label, what, count, each } as const;
  if (amount === undefined) return { ...of, by: undefined, sum: undefined };
  return {
    ...of,
    by: once === true ? undefined : { amount, unit: 'days' },
    sum: each === undefined ? undefined : toCents(each * count * amount),
  };
}

/** The crew, where an hour of it has a price. */
function crewLines(
  { hourly, crewHours }: Quote,
  each: number | undefined,
  planned: number | undefined,
): readonly QuoteLine[] {
  if (!hourly) return [];
  const hours = crewHours ?? planned;
  return [
    {
      ...{
        id: 'crew',
        part: 'Crew',
        label: 'Crew',
        what: 'everybody, from the call to the end of the strike',
      },
      ...{ count: undefined, each },
      by: hours === undefined ? undefined : { amount: hours, unit: 'h' },
      sum: hours === undefined || each === undefined ? undefined : toCents(hours * each),
    },
  ];
}

/** What the event costs besides, and what is hired for it. */
function costLines({ costs, hired }: Assessment['pack']['money']): readonly QuoteLine[] {
  const once = { part: 'Costs of the event', what: '', count: undefined, by: undefined } as const;
  const gear = numberOf(hired);
  return [
    ...Object.entries(costs).map(([id, { label, cost }]): QuoteLine => {
      const sum = numberOf(cost);
      return { ...once, id, label, each: sum, sum };
    }),
    ...(gear !== undefined && gear > 0
      ? [{ ...once, id: 'hired', label: 'Gear that is hired', each: gear, sum: gear }]
      : []),
  ];
}

/** The edit that changes what is offered; fields that are given as undefined are taken back. */
export function quotePatch(
  { quote }: Plan,
  said: { readonly [Name in keyof Quote]?: Quote[Name] | undefined },
): Operation[] {
  const next = Object.fromEntries(
    Object.entries({ ...quote, ...said }).filter(([, value]) => value !== undefined),
  );
  return inPlan().put('quote', next).patch;
}

/** The edit that puts a package after the others, or changes one; undefined takes it out. */
export function packagePatch(
  plan: Plan,
  id: string,
  offered: Omit<QuotePackage, 'order'> | undefined,
): Operation[] {
  const { [id]: before, ...others } = plan.quote?.packages ?? {};
  const order = before?.order ?? orderAfter(inOrder(others).at(-1)?.[1].order);
  return quotePatch(plan, { packages: { ...others, ...(offered && { [id]: { order, ...offered } }) } });
}
