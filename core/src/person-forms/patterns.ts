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

const ORDINALS = { 1: 'first', 2: 'second', 3: 'third', 4: 'fourth', 5: 'fifth', [-1]: 'last' } as const;

/** How often, with the weekdays that it is of. */
export interface DayPattern {
  readonly words: string;
  readonly rule: (days: string) => string;
}

const monthly = (...nth: readonly (keyof typeof ORDINALS)[]): DayPattern => ({
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

function dayWords(day: string): string {
  const name = WEEKDAYS[day.slice(-2) as Weekday];
  const nth = Number(day.slice(0, -2));
  return nth === 0 ? name : `${ORDINALS[nth as keyof typeof ORDINALS] ?? day.slice(0, -2)} ${name}`;
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
  const isNumbered = days.length > 0 && days.every(day => day.length > 2);
  const rest = [...parts].filter(([name]) => !['FREQ', 'INTERVAL', 'BYDAY'].includes(name));
  const besides = rest.length === 0 ? '' : ` (${rest.map(part => part.join('=')).join(', ')})`;
  if (isNumbered && frequency === 'MONTHLY' && interval === '1') {
    const weekdays = new Set(days.map(day => day.slice(-2)));
    const words =
      weekdays.size === 1
        ? `${listed(days.map(day => ORDINALS[Number(day.slice(0, -2)) as keyof typeof ORDINALS]))} ${WEEKDAYS[days[0]?.slice(-2) as Weekday]}`
        : listed(days.map(dayWords));
    return `${words} of a month${besides}`;
  }
  return `${every}${days.length === 0 ? '' : ` on ${listed(days.map(dayWords))}`}${besides}`;
}
