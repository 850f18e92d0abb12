/** Rules of RFC 5545 (“RRULE”) for days that come again: which of them are taken. */
import { isDay } from './instants.js';

const WEEKDAY = '(?:MO|TU|WE|TH|FR|SA|SU)';
const list = (item: string): string => `${item}(?:,${item})*`;
/** What each part may be. Seconds, minutes and hours are none of it: these rules are of days. */
const PARTS: Readonly<Record<string, RegExp>> = {
  FREQ: /^(?:DAILY|WEEKLY|MONTHLY|YEARLY)$/,
  INTERVAL: /^[1-9]\d?$/,
  COUNT: /^[1-9]\d{0,3}$/,
  UNTIL: /^\d{8}$/,
  WKST: new RegExp(`^${WEEKDAY}$`),
  BYMONTH: new RegExp(`^${list('(?:[1-9]|1[0-2])')}$`),
  BYMONTHDAY: new RegExp(`^${list('-?(?:[1-9]|[12]\\d|3[01])')}$`),
  BYDAY: new RegExp(`^${list(`(?:[+-]?[1-5])?${WEEKDAY}`)}$`),
  BYSETPOS: /^-?[1-4]$/,
};

/** Days of the longest year, by month. */
const LONGEST = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

const asDay = (until: string): string => `${until.slice(0, 4)}-${until.slice(4, 6)}-${until.slice(6)}`;

/**
 * Why a rule is not taken; undefined where it is. Besides what RFC 5545 does not allow, what can never come is refused:
 * 30 February, the fifth Sunday if that is the 2nd.
 */
export function recurrenceFault(text: string): string | undefined {
  const given = text.split(';').map(part => part.split('='));
  const parts: Partial<Record<string, string>> = {};
  for (const [name = '', value = ''] of given) {
    if (!Object.hasOwn(PARTS, name)) return `“${name}” is no part of a rule of days`;
    if (parts[name] !== undefined) return `says ${name} twice`;
    if (!PARTS[name]?.test(value)) return `has a ${name} that cannot be read`;
    parts[name] = value;
  }
  const { FREQ, COUNT, UNTIL, BYDAY = '', BYMONTH, BYMONTHDAY, BYSETPOS } = parts;
  if (!FREQ) return 'must say FREQ: how often';
  if (COUNT && UNTIL) return 'says both COUNT and UNTIL';
  if (UNTIL && !isDay(asDay(UNTIL))) return 'has an UNTIL that is no day';
  const isNumbered = /\d/.test(BYDAY);
  if (isNumbered && FREQ !== 'MONTHLY' && FREQ !== 'YEARLY')
    return 'numbers days of the week, which only months and years have';
  if (BYMONTHDAY && FREQ !== 'MONTHLY' && FREQ !== 'YEARLY')
    return 'says days of the month, which only months and years have';
  if (BYMONTHDAY && isNumbered) return 'says which day of the month, and which weekday of it';
  if (BYSETPOS && (FREQ !== 'MONTHLY' || BYDAY === '' || isNumbered || BYMONTHDAY))
    return 'says BYSETPOS without weekdays of a month to choose among';
  const months = BYMONTH?.split(',').map(Number) ?? LONGEST.map((_, i) => i + 1);
  const days = BYMONTHDAY?.split(',').map(day => Math.abs(Number(day))) ?? [1];
  if (!months.some(month => days.some(day => day <= (LONGEST[month - 1] ?? 0))))
    return 'means a day that no year has';
  return undefined;
}
