/** When somebody comes, in words. */
import type { Presence, Training } from '../documents/index.js';
import { showCalendarDay, type DateLocale } from '../foundations/index.js';
import { patternWords } from './patterns.js';

/** One line of what somebody says: “are away: every second week on Sunday from Sun 6 Dec 2026, from 17:00”. */
export function presenceWords(
  { how, from, until, rule, except = [], start, end }: Presence,
  dates?: DateLocale,
): string {
  const day = (each: string): string => showCalendarDay(each, dates);
  const days =
    rule === undefined
      ? until === undefined || until === from
        ? day(from)
        : `${day(from)} to ${day(until)}`
      : `${patternWords(rule)}, from ${day(from)}${until === undefined ? '' : ` to ${day(until)}`}`;
  const hours = [start && `from ${start}`, end && `until ${end}`].filter(Boolean).join(' ');
  const not = except.length === 0 ? '' : `; not on ${except.map(day).join(', ')}`;
  return `${how}: ${days}${hours && `, ${hours}`}${not}`;
}

/** One line of what somebody was shown: “Pan-tilt, Fri 1 May 2026, signed off by Ines Calder”. */
export const trainingWords = ({ what, on, until, by }: Training, dates?: DateLocale): string =>
  [
    `${what}, ${showCalendarDay(on, dates)}`,
    by && `signed off by ${by}`,
    until && `good until ${showCalendarDay(until, dates)}`,
  ]
    .filter(Boolean)
    .join(', ');
