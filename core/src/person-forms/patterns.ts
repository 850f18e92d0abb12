/** Days that come again as most people say them, and the rules of RFC 5545 that say the same. */
import { listed } from '../foundations/index.js';

const WEEKDAYS = {
  MO: 'Monday',
  TU: 'Tuesday',
  WE: 'Wednesday',
  TH: 'Thursday',
  FR: 'Friday',
  SA: 'Saturday',
  SU: 'Sunday',
} as const;
type Weekday = keyof typeof WEEKDAYS;

type Ordinal = 1 | 2 | 3 | 4 | 5 | -1 | -2 | -3 | -4 | -5;
const ORDINALS: Readonly<Record<Ordinal, string>> = {
  ...{ 1: 'first', 2: 'second', 3: 'third', 4: 'fourth', 5: 'fifth' },
  ...{ [-1]: 'last', [-2]: 'second last', [-3]: 'third last', [-4]: 'fourth last', [-5]: 'fifth last' },
};

/** How often, with the weekdays that it is of. */
export interface DayPattern {
  readonly words: string;
  readonly rule: (days: string) => string;
}

const monthly = (...nth: readonly Ordinal[]): DayPattern => ({
  words: `${nth.map(each => ORDINALS[each]).join(' and ')} of a month`,
  rule: day => `FREQ=MONTHLY;BYDAY=${nth.map(each => `${each}${day}`).join(',')}`,
});

/** What a form offers; any other rule is kept as it was given. */
export const DAY_PATTERNS: readonly DayPattern[] = [
  { words: 'every week', rule: day => `FREQ=WEEKLY;BYDAY=${day}` },
  { words: 'every second week from the first day', rule: day => `FREQ=WEEKLY;INTERVAL=2;BYDAY=${day}` },
  ...[monthly(1), monthly(2), monthly(3), monthly(4), monthly(-1), monthly(1, 3), monthly(2, 4)],
];

export const WEEKDAY_NAMES: readonly (readonly [day: string, name: string])[] = Object.entries(WEEKDAYS);

/** The rule of a pattern for a weekday, `SU`. */
export const ruleOf = (pattern: number, day: string): string => DAY_PATTERNS[pattern]?.rule(day) ?? '';

const EVERY: Readonly<Record<string, readonly [one: string, several: string]>> = {
  DAILY: ['every day', 'days'],
  WEEKLY: ['every week', 'weeks'],
  MONTHLY: ['every month', 'months'],
  YEARLY: ['every year', 'years'],
};

/** `2SU`: which Sunday; undefined where it is of any. */
const nthOf = (day: string): Ordinal | undefined =>
  day.length > 2 ? (Number(day.slice(0, -2)) as Ordinal) : undefined;
const weekdayOf = (day: string): string => WEEKDAYS[day.slice(-2) as Weekday];

function dayWords(day: string): string {
  const nth = nthOf(day);
  return nth === undefined ? weekdayOf(day) : `${ORDINALS[nth]} ${weekdayOf(day)}`;
}

/** Numbered weekdays; of one weekday its name once. */
function numberedWords(days: readonly string[]): string {
  const [first = ''] = days;
  const isOne = days.every(day => weekdayOf(day) === weekdayOf(first));
  if (!isOne) return listed(days.map(dayWords));
  return `${listed(days.map(day => ORDINALS[nthOf(day) ?? 1]))} ${weekdayOf(first)}`;
}

/** A rule in words: “second and fourth Sunday of a month”; what it says besides stays as it is written. */
export function patternWords(rule: string): string {
  const parts = new Map(rule.split(';').map(part => part.split('=') as [string, string]));
  const [frequency = '', interval = '1', by = ''] = ['FREQ', 'INTERVAL', 'BYDAY'].map(name =>
    parts.get(name),
  );
  const [one = rule, several = ''] = EVERY[frequency] ?? [];
  const every = interval === '1' ? one : `every ${interval} ${several}`;
  const days = by === '' ? [] : by.split(',');
  const isNumbered = days.length > 0 && days.every(day => nthOf(day) !== undefined);
  const rest = [...parts].filter(([name]) => !['FREQ', 'INTERVAL', 'BYDAY'].includes(name));
  const besides = rest.length === 0 ? '' : ` (${rest.map(part => part.join('=')).join(', ')})`;
  if (isNumbered && frequency === 'MONTHLY' && interval === '1')
    return `${numberedWords(days)} of a month${besides}`;
  return `${every}${days.length === 0 ? '' : ` on ${listed(days.map(dayWords))}`}${besides}`;
}
