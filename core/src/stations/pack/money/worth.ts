/** What own things are worth by the time of the event: straight down from what was paid to what they fetch. */
import type { Item } from '../../../documents/index.js';
import { constant, given, type Figure } from '../../../foundations/index.js';
import * as figures from './figures.js';
import { converted, type MoneyHouse } from './prices.js';

/** Of a year of the Gregorian calendar, ms. */
const YEAR = 365.2425 * 86_400_000;

/**
 * Straight-line depreciation; undefined where nothing is known of what was paid and when, or the house has not said how
 * long things last and what they fetch.
 */
export function worthOfItem(
  id: string,
  {
    bought,
    start,
    house,
  }: { readonly bought: Item['bought']; readonly start: Figure; readonly house: MoneyHouse },
): Figure | undefined {
  const { resale, life } = house.money ?? {};
  if (!bought?.price || bought.on === undefined || resale === undefined || life === undefined)
    return undefined;
  if (typeof start.value !== 'string') return undefined;
  const known = converted(
    bought.price,
    { document: 'shelf', pointer: `/items/${id}/bought/price` },
    house,
    'paid',
  );
  if ('why' in known) return figures.worth.unknown([id], known.why);
  const age = Math.max(0, (Date.parse(start.value) - Date.parse(bought.on)) / YEAR);
  return figures.worth.calc(
    [id],
    [
      ...known.terms,
      constant('age', age, 'years', 'from the day it was bought to the event'),
      given('resale', resale, '%', 'rules', '/money/resale'),
      given('life', life, 'years', 'rules', '/money/life'),
    ],
  );
}
