import { CURRENCIES, type Currency } from '../foundations/shelf-words.js';
import { Num, OneOf, Said } from './decorators.js';

export { CURRENCIES, type Currency };

/** A sum of money. */
export class Money {
  @Said('Amount') @Num(0, 1e9) amount!: number;
  @Said('Currency') @OneOf(CURRENCIES) currency!: Currency;
}
