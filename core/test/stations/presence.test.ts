/** When people come: rules of days, exceptions, evenings that last into the next day, and the nights clocks change. */
import { describe, expect, it } from 'vitest';
import type { Presence } from '../../src/documents/index.js';
import { recursOn } from '../../src/foundations/recurrence.js';
import { recurrenceFault } from '../../src/foundations/recurrence-rule.js';
import { holdsOn, saysOf } from '../../src/stations/hands/presence.js';

const SUNDAYS = 'FREQ=MONTHLY;BYDAY=2SU,4SU';
const LONDON = 'Europe/London';
const says = (presence: readonly Presence[], from: string, to: string, zone = LONDON) =>
  saysOf(
    { presence: Object.fromEntries(presence.map((each, i) => [`presence0${i}`, each])) },
    { from, to },
    zone,
  );
const at = (day: string, from = '10:00', to = '12:00') => [`${day}T${from}:00Z`, `${day}T${to}:00Z`] as const;

describe('days that come again', () => {
  it.each([
    [SUNDAYS, '2026-12-01', ['2026-12-13', '2026-12-27'], ['2026-12-06', '2026-12-20', '2026-12-14']],
    // Counted from the week of the first day.
    [
      'FREQ=WEEKLY;INTERVAL=2;BYDAY=SU',
      '2026-12-06',
      ['2026-12-06', '2026-12-20'],
      ['2026-12-13', '2026-11-22'],
    ],
    [
      'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29',
      '2024-01-01',
      ['2024-02-29', '2028-02-29'],
      ['2026-02-28', '2026-03-01'],
    ],
    ['FREQ=MONTHLY;BYMONTHDAY=31', '2026-01-01', ['2026-01-31', '2026-12-31'], ['2026-02-28', '2026-11-30']],
    ['FREQ=MONTHLY;BYDAY=-1SU', '2026-12-01', ['2026-12-27', '2027-01-31'], ['2026-12-20']],
    ['FREQ=MONTHLY;BYDAY=5SU', '2026-12-01', ['2027-01-31'], ['2026-12-27', '2027-02-28']],
    [
      'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1',
      '2026-12-01',
      ['2026-12-31', '2027-01-29'],
      ['2027-01-31'],
    ],
    ['FREQ=DAILY;COUNT=3', '2026-12-04', ['2026-12-04', '2026-12-06'], ['2026-12-07']],
    ['FREQ=DAILY;UNTIL=20261206', '2026-12-04', ['2026-12-06'], ['2026-12-07', '2026-12-03']],
  ])('%s', (rule, from, on, off) => {
    expect(recurrenceFault(rule)).toBeUndefined();
    expect(on.filter(day => !recursOn(rule, from, day))).toEqual([]);
    expect(off.filter(day => recursOn(rule, from, day))).toEqual([]);
  });

  it.each([
    ['', 'no part'],
    ['BYDAY=SU', 'FREQ'],
    ['FREQ=SECONDLY', 'FREQ'],
    ['FREQ=DAILY;INTERVAL=0', 'INTERVAL'],
    ['FREQ=DAILY;FREQ=DAILY', 'twice'],
    ['FREQ=MONTHLY;BYDAY=6SU', 'BYDAY'],
    ['FREQ=WEEKLY;BYDAY=2SU', 'numbers'],
    ['FREQ=WEEKLY;BYDAY=XX', 'BYDAY'],
    ['FREQ=MONTHLY;BYMONTHDAY=32', 'BYMONTHDAY'],
    ['FREQ=MONTHLY;BYMONTHDAY=0', 'BYMONTHDAY'],
    ['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', 'no year'],
    ['FREQ=YEARLY;BYMONTH=4,6;BYMONTHDAY=-31', 'no year'],
    ['FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30', 'only months'],
    ['FREQ=MONTHLY;BYMONTHDAY=31;BYDAY=1SU', 'which weekday'],
    ['FREQ=MONTHLY;BYSETPOS=1', 'BYSETPOS'],
    ['FREQ=DAILY;UNTIL=20260230', 'UNTIL'],
    ['FREQ=DAILY;COUNT=2;UNTIL=20261231', 'both'],
    ['FREQ=DAILY;X-NAME=1', 'no part'],
  ])('%s is refused', (rule, why) => {
    expect(recurrenceFault(rule)).toContain(why);
    expect(recursOn(rule, '2026-12-04', '2026-12-04')).toBe(false);
  });
});

describe('what somebody says of a time', () => {
  const away: Presence = { how: 'are away', from: '2026-12-04', until: '2026-12-06' };

  it('is nothing where they said nothing, or only of other days', () => {
    expect(says([], ...at('2026-12-04'))).toBe('does not say');
    expect(says([away], ...at('2026-12-03'))).toBe('does not say');
    expect(says([away], ...at('2026-12-07'))).toBe('does not say');
  });

  it('is that they are away from the first day to the last', () => {
    expect(says([away], ...at('2026-12-04'))).toBe('is away');
    expect(says([away], ...at('2026-12-06'))).toBe('is away');
    // To the end of the last day, and from the beginning of the first.
    expect(says([away], '2026-12-03T20:00:00Z', '2026-12-04T00:00:00Z')).toBe('does not say');
    expect(says([away], '2026-12-03T20:00:00Z', '2026-12-04T00:00:01Z')).toBe('is away');
    expect(says([away], '2026-12-07T00:00:00Z', '2026-12-07T02:00:00Z')).toBe('does not say');
    expect(says([away], '2026-12-06T23:59:59Z', '2026-12-07T02:00:00Z')).toBe('is away');
  });

  it('is of single days where there is no last one, and not of those that are excepted', () => {
    const once: Presence = { how: 'are away', from: '2026-12-04' };
    expect(holdsOn(once, '2026-12-04')).toBe(true);
    expect(holdsOn(once, '2026-12-05')).toBe(false);
    expect(holdsOn({ ...away, except: ['2026-12-05'] }, '2026-12-05')).toBe(false);
  });

  it('is that they come by their rule, and are away on other days', () => {
    const come: Presence = { how: 'come', from: '2026-01-01', rule: SUNDAYS, except: ['2026-12-27'] };
    expect(says([come], ...at('2026-12-13'))).toBe('comes');
    expect(says([come], ...at('2026-12-06'))).toBe('is away');
    expect(says([come], ...at('2026-12-27'))).toBe('is away');
    // An evening that ends after midnight is of the day on which it begins.
    expect(says([come], '2026-12-13T21:00:00Z', '2026-12-14T00:30:00Z')).toBe('comes');
    // One more day said by itself does not take the others away.
    expect(says([come, { how: 'come', from: '2026-12-06' }], ...at('2026-12-06'))).toBe('comes');
    expect(says([{ how: 'come', from: '2026-12-06' }], ...at('2026-12-13'))).toBe('does not say');
    expect(says([come, away], ...at('2026-12-06'))).toBe('is away');
  });

  it('keeps to times of the day, on the clocks of the place', () => {
    const evenings: Presence = { how: 'are away', from: '2026-12-05', start: '17:00' };
    expect(says([evenings], '2026-12-05T14:00:00Z', '2026-12-05T17:00:00Z')).toBe('does not say');
    expect(says([evenings], '2026-12-05T14:00:00Z', '2026-12-05T17:01:00Z')).toBe('is away');
    expect(says([evenings], '2026-12-05T21:59:00Z', '2026-12-05T22:01:00Z', 'America/New_York')).toBe(
      'is away',
    );
    expect(says([evenings], '2026-12-05T21:00:00Z', '2026-12-05T22:00:00Z', 'America/New_York')).toBe(
      'does not say',
    );
    const nights: Presence = { how: 'are away', from: '2026-12-04', start: '22:00', end: '06:00' };
    expect(says([nights], '2026-12-05T05:00:00Z', '2026-12-05T07:00:00Z')).toBe('is away');
    expect(says([nights], '2026-12-05T06:00:00Z', '2026-12-05T07:00:00Z')).toBe('does not say');
    const mornings: Presence = { how: 'come', from: '2026-12-06', start: '09:00', end: '13:00' };
    expect(says([mornings], '2026-12-06T09:00:00Z', '2026-12-06T13:00:00Z')).toBe('comes');
    expect(says([mornings], '2026-12-06T09:00:00Z', '2026-12-06T13:01:00Z')).toBe('does not say');
  });

  it('is of 25 hours on the night that the clocks go back', () => {
    // In London 25 October 2026 begins at 23:00 UTC of the day before and ends at 24:00 UTC.
    const day: Presence = { how: 'are away', from: '2026-10-25' };
    expect(says([day], '2026-10-24T22:00:00Z', '2026-10-24T23:00:00Z')).toBe('does not say');
    expect(says([day], '2026-10-24T22:00:00Z', '2026-10-24T23:00:01Z')).toBe('is away');
    expect(says([day], '2026-10-25T23:59:00Z', '2026-10-26T01:00:00Z')).toBe('is away');
    expect(says([day], '2026-10-26T00:00:00Z', '2026-10-26T01:00:00Z')).toBe('does not say');
  });

  it('is that they would rather not, unless they are away', () => {
    const rather: Presence = { how: 'would rather not', from: '2026-12-04', until: '2026-12-05' };
    expect(says([rather], ...at('2026-12-05'))).toBe('would rather not');
    expect(says([rather, away], ...at('2026-12-05'))).toBe('is away');
  });
});
