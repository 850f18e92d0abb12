/** People as forms edit them: rules of days in words and back, and what a draft changes. */
import { describe, expect, it } from 'vitest';
import type { Presence } from '../src/documents/index.js';
import { recurrenceFault } from '../src/foundations/recurrence-rule.js';
import { recursOn } from '../src/foundations/recurrence.js';
import {
  changeOfPerson,
  DAY_PATTERNS,
  faultsOfPerson,
  patternWords,
  presenceWords,
  ruleOf,
  skillsWith,
  WEEKDAY_NAMES,
} from '../src/person-forms/index.js';

describe('days that a form offers', () => {
  it('are rules that are taken, each of another meaning, for every weekday', () => {
    for (const [day, name] of WEEKDAY_NAMES) {
      const rules = DAY_PATTERNS.map((_, i) => ruleOf(i, day));
      expect(rules.map(recurrenceFault)).toEqual(rules.map(() => undefined));
      expect(new Set(rules).size).toBe(rules.length);
      for (const rule of rules) expect(patternWords(rule)).toContain(name);
    }
  });

  it('say the days that they mean: 2026-12-13 is the second Sunday of December', () => {
    const second = DAY_PATTERNS.findIndex(({ words }) => words === 'second of a month');
    expect(recursOn(ruleOf(second, 'SU'), '2026-12-01', '2026-12-13')).toBe(true);
    expect(recursOn(ruleOf(second, 'SU'), '2026-12-01', '2026-12-06')).toBe(false);
  });

  it.each([
    ['FREQ=MONTHLY;BYDAY=2SU,4SU', 'second and fourth Sunday of a month'],
    ['FREQ=MONTHLY;BYDAY=-1SA', 'last Saturday of a month'],
    ['FREQ=MONTHLY;BYDAY=+2SU', 'second Sunday of a month'],
    ['FREQ=MONTHLY;BYDAY=1MO,3TU', 'first Monday and third Tuesday of a month'],
    ['FREQ=WEEKLY;INTERVAL=2;BYDAY=SU', 'every 2 weeks on Sunday'],
    ['FREQ=WEEKLY;BYDAY=MO,WE,FR', 'every week on Monday, Wednesday and Friday'],
    ['FREQ=DAILY', 'every day'],
    ['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29', 'every year (BYMONTH=2, BYMONTHDAY=29)'],
    ['FREQ=MONTHLY;BYDAY=-2SU', 'second last Sunday of a month'],
  ])('%s is “%s”', (rule, words) => {
    expect(recurrenceFault(rule)).toBeUndefined();
    expect(patternWords(rule)).toBe(words);
  });

  it.each<readonly [Presence, string]>([
    [{ how: 'are away', from: '2026-12-04' }, 'are away: Fri 4 Dec 2026'],
    [
      { how: 'are away', from: '2026-12-04', until: '2026-12-06', start: '17:00', except: ['2026-12-05'] },
      'are away: Fri 4 Dec 2026 to Sun 6 Dec 2026, from 17:00; not on Sat 5 Dec 2026',
    ],
    [
      { how: 'come', from: '2026-12-04', rule: 'FREQ=WEEKLY;BYDAY=SU', start: '09:00', end: '13:00' },
      'come: every week on Sunday, from Fri 4 Dec 2026, from 09:00 until 13:00',
    ],
  ])('with times and exceptions: %j', (presence, words) => expect(presenceWords(presence)).toBe(words));
});

describe('a draft of somebody', () => {
  const before = { name: 'Ann', skills: [], phone: '01632 960 101', most: 2, presence: {} };

  it('changes what says something else, clears what is blank, and leaves what no field edits', () => {
    expect(changeOfPerson(before, { ...before })).toEqual({});
    expect(changeOfPerson(before, { ...before, most: 3, phone: '  ' })).toEqual({
      most: 3,
      cleared: ['phone'],
    });
    expect(changeOfPerson(before, { ...before, guardian: { name: 'Bea', phone: '' } })).toEqual({
      guardian: { name: 'Bea' },
    });
  });

  it('has its faults at the fields, at the limits', () => {
    expect(faultsOfPerson(before)).toEqual({});
    expect(faultsOfPerson({ ...before, most: 31, lift: 23, travel: 600, seats: 8 })).toEqual({});
    expect(
      Object.keys(faultsOfPerson({ ...before, most: 32, lift: 23.1, travel: 601, seats: 9 })).sort(),
    ).toEqual(['lift', 'most', 'seats', 'travel']);
    expect(faultsOfPerson({ ...before, name: ' ' })).toEqual({ name: 'say it' });
    expect(faultsOfPerson({ ...before, guardian: { phone: '01632 960 101' } })).toEqual({
      'guardian.name': 'say it',
    });
  });

  it('has each skill once', () => {
    const can = skillsWith([], 'camera', 'can do');
    expect(skillsWith(can, 'camera', 'can lead')).toEqual([{ skill: 'camera', level: 'can lead' }]);
    expect(skillsWith(can, 'camera', '')).toEqual([]);
  });
});
