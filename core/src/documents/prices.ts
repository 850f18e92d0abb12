/** What things cost, and what one money is worth in another. */
import { PRICE_SORTS, type PriceSort } from '../foundations/money-words.js';
import { CURRENCIES, Money, type Currency } from './money.js';
import { Flag, Int, MapOf, Num, One, OneOf, Optional, Said, Text } from './decorators.js';
import { Day } from './time-decorators.js';
import type { MapOf as Map } from '../foundations/index.js';

/** A price that somebody found or was told. */
export class KindPrice {
  @Said('It is the price') @OneOf(PRICE_SORTS) sort!: PriceSort;
  @Said('Of one') @One(() => Money) each!: Money;
  /** Tax comes on top of it. */
  @Said('Tax comes on top') @Optional() @Flag() net?: boolean;
  /** The day that it was found; absent = not known, so older than any other. */
  @Said('Found on') @Optional() @Day() on?: string;
  @Said('Found where') @Optional() @Text(120) source?: string;
}

/** What one unit of another money is worth in that of the house, on a day. */
export class ExchangeRate {
  @Said('One of') @OneOf(CURRENCIES) currency!: Currency;
  @Said('Is worth', '', { help: 'in the money of the house' }) @Num(1e-6, 1e6) rate!: number;
  @Said('On') @Day() on!: string;
  @Said('As said by') @Optional() @Text(120) source?: string;
}

/** How a house reckons with money. */
export class MoneyRules {
  @Optional() @MapOf(() => ExchangeRate, 200) rates?: Map<ExchangeRate>;
  /** Tax on top of prices that are without it, %; absent = not known. */
  @Said('Tax on prices without it', '%') @Optional() @Num(0, 60) tax?: number;
  /** Share of a kit kept for leads, adapters, tape and spares, %; absent = 10. */
  @Said('Kept of a kit for leads, adapters, tape and spares', '%', { help: 'empty = 10 %' })
  @Optional()
  @Num(0, 50)
  reserve?: number;
  /** What a thing fetches when it is sold, as a share of its price, %; absent = from its used price, else not known. */
  @Said('Fetched when it is sold', '%', { help: 'empty = by its used price' })
  @Optional()
  @Num(0, 100)
  resale?: number;
  /** Years in which a thing comes down to that; absent = not known. */
  @Said('Lasts for', 'years') @Optional() @Num(0.5, 50) life?: number;
  /** Days between a delivery and the event, for what comes late; absent = 3. */
  @Said('Between a delivery and the event', 'days', { help: 'empty = 3' })
  @Optional()
  @Int(0, 60)
  buffer?: number;
}
