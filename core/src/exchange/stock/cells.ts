/** Days and sums of money as people write them in tables. */
import type { Money } from '../../documents/index.js';
import { CURRENCIES, isDay, type Currency, type DateLocale } from '../../foundations/index.js';

/** Locales that write the month first. */
const MONTH_FIRST: ReadonlySet<DateLocale> = new Set(['en-US', 'en-CA']);
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

const two = (part: string | number): string => String(part).padStart(2, '0');

/**
 * A day as the calendar has it: `2026-12-04`, `4.12.2026`, `4 Dec 2026`; of `4/12/2026` the house says which is the
 * month. Undefined for what is no day.
 */
export function dayFrom(written: string, dates?: DateLocale): string | undefined {
  const text = written.trim();
  const iso = /^(\d{4})-(\d\d)-(\d\d)(?:T.*)?$/.exec(text);
  const numbers = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})$/.exec(text);
  const words = /^(?:\w{3},? )?(?:(\d{1,2})\.? (\p{L}{3})\p{L}*|(\p{L}{3})\p{L}* (\d{1,2})),? (\d{4})$/u.exec(
    text,
  );
  let day: string | undefined;
  if (iso) day = `${iso[1]}-${iso[2]}-${iso[3]}`;
  else if (numbers) {
    const [, a = '', b = '', year] = numbers;
    // With dots the day comes first everywhere.
    const monthFirst = dates !== undefined && MONTH_FIRST.has(dates) && !text.includes('.');
    day = monthFirst ? `${year}-${two(a)}-${two(b)}` : `${year}-${two(b)}-${two(a)}`;
  } else if (words) {
    const month = MONTHS.indexOf((words[2] ?? words[3] ?? '').toLowerCase()) + 1;
    day = `${words[5]}-${two(month)}-${two(words[1] ?? words[4] ?? '')}`;
  }
  return day !== undefined && isDay(day) ? day : undefined;
}

const SIGNS: Readonly<Record<string, Currency>> = { '€': 'EUR', '£': 'GBP', $: 'USD' };

export const currencyFrom = (written: string): Currency | undefined => {
  const text = written.trim().toUpperCase();
  return SIGNS[text] ?? CURRENCIES.find(each => each === text);
};

/**
 * A sum of money: `1,234.50`, `1.234,50 €`, `GBP 80`. In words why not, where it is none: below nothing, no number, or
 * of a currency that is not known.
 */
export function moneyFrom(written: string, fallback: Currency | undefined): Money | string {
  const [, before = '', digits = '', after = ''] =
    /^\s*([^\d\s.,-]*)\s*(-?[\d.,' ]*\d)\s*([^\d\s.,]*)\s*$/.exec(written) ?? [];
  if (digits === '') return `“${written}” is no sum of money`;
  const sign = before || after;
  const currency = sign === '' ? fallback : currencyFrom(sign);
  if (!currency) return sign === '' ? 'says no currency' : `“${sign}” is no currency that is known`;
  const amount = Number(plainNumber(digits));
  if (!Number.isFinite(amount)) return `“${written}” is no sum of money`;
  if (amount < 0) return `“${written}” is below nothing`;
  return amount > 1e9 ? `“${written}” is more than anything costs` : { amount, currency };
}

/** Digits with a point before the decimals, whichever way thousands were set apart. */
function plainNumber(digits: string): string {
  const plain = digits.replace(/[' ]/g, '');
  const [comma, point] = [plain.lastIndexOf(','), plain.lastIndexOf('.')];
  const last = Math.max(comma, point);
  if (last < 0) return plain;
  // One sort of sign before threes alone sets thousands apart; else the last sign is the decimal one.
  if (/^-?\d{1,3}(?:,\d{3})+$|^-?\d{1,3}(?:\.\d{3})+$/.test(plain)) return plain.replace(/[.,]/g, '');
  return `${plain.slice(0, last).replace(/[.,]/g, '')}.${plain.slice(last + 1)}`;
}
