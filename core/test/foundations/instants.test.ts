/** Instants as they are told at the place of an event, in the ways of writing that can be chosen. */
import { describe, expect, it } from 'vitest';
import {
  DATE_LOCALES,
  showClock,
  showDay,
  showDayAndClock,
  showInstant,
} from '../../src/foundations/instants.js';

const EVENING = '2026-12-04T19:30:00Z';

describe('an instant', () => {
  it.each([
    [undefined, 'Fri 4 Dec 2026, 19:30'],
    ['en-GB', 'Fri 4 Dec 2026, 19:30'],
    ['en-AU', 'Fri 4 Dec 2026, 7:30 pm'],
    ['en-US', 'Fri Dec 4, 2026, 7:30 PM'],
    ['en-CA', 'Fri Dec 4, 2026, 7:30 p.m.'],
  ] as const)('is written as in %s', (dates, words) => {
    expect(showDayAndClock(EVENING, { zone: 'Europe/London', dates })).toBe(words);
  });

  it('is on the day of its zone, to the minute of midnight', () => {
    expect(showDayAndClock('2026-12-05T05:59:00Z', { zone: 'America/Chicago' })).toBe(
      'Fri 4 Dec 2026, 23:59',
    );
    expect(showDayAndClock('2026-12-05T06:00:00Z', { zone: 'America/Chicago' })).toBe(
      'Sat 5 Dec 2026, 00:00',
    );
    expect(showInstant('2026-07-04T23:00:00Z', { zone: 'Europe/London' })).toBe('Sun 00:00');
    expect(showClock('2026-07-04T11:59:00Z', { zone: 'Europe/London', dates: 'en-US' })).toBe('12:59 PM');
  });

  it('is told in UTC, and says so, in a zone that nobody knows', () => {
    expect(showDayAndClock(EVENING, { zone: 'Nowhere/Land' })).toBe('Fri 4 Dec 2026, 19:30 UTC');
    expect(showDay(EVENING, { zone: 'Nowhere/Land' })).toBe('Fri 4 Dec 2026');
  });

  it('that is none is a dash, in every way of writing', () => {
    for (const dates of DATE_LOCALES) expect(showClock('soon', { zone: 'UTC', dates })).toBe('–');
  });
});
