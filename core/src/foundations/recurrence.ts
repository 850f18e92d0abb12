/** Whether a day is one of those that come again by a rule of RFC 5545. */
import * as rrule from 'rrule';
import { recurrenceFault } from './recurrence-rule.js';

// Node gives the package by its default, bundlers by its names.
const { RRule } = 'RRule' in rrule ? rrule : (rrule as unknown as { default: typeof rrule }).default;

const midnight = (day: string): Date => new Date(`${day}T00:00:00Z`);
const known = new Map<string, ReadonlySet<string>>();
/** So many answers are remembered at most. */
const MOST_KNOWN = 2000;

/** All days of a rule from a day on, up to the end of a year. */
function daysOf(rule: string, from: string, year: string): ReadonlySet<string> {
  const key = `${from} ${year} ${rule}`;
  const before = known.get(key);
  if (before) return before;
  const { until, ...options } = RRule.parseString(rule);
  const end = midnight(`${year}-12-31`);
  const all = new RRule({
    ...options,
    dtstart: midnight(from),
    until: until && until < end ? until : end,
  }).all();
  const days = new Set(all.map(day => day.toISOString().slice(0, 10)));
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, days);
  return days;
}

/** Whether a day comes by a rule that begins on another day; the first day itself only where the rule says it. */
export const recursOn = (rule: string, from: string, day: string): boolean =>
  day >= from && recurrenceFault(rule) === undefined && daysOf(rule, from, day.slice(0, 4)).has(day);
