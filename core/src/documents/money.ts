import { Num, OneOf, Said } from './decorators.js';

export const CURRENCIES = ['EUR', 'GBP', 'USD', 'AUD', 'CAD', 'CHF', 'DKK', 'NOK', 'NZD', 'SEK'] as const;
/** By its code of three letters (ISO 4217). */
export type Currency = (typeof CURRENCIES)[number];

/** A sum of money. */
export class Money {
  @Said('Amount') @Num(0, 1e9) amount!: number;
  @Said('Currency') @OneOf(CURRENCIES) currency!: Currency;
}
