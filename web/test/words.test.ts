/** Dates and times as they are typed and read, and the merging of nudges. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { daysTo, fromField, toField } from '../src/ui/days.js';
import { merged, type LocalEdit } from '../src/store/outbox.js';

describe('the countdown', () => {
  const start = '2026-12-04T19:30:00Z';
  it.each([
    ['2026-11-25T19:30:00Z', '9 days to go'],
    ['2026-12-02T19:30:00Z', '2 days to go'],
    ['2026-12-04T16:20:00Z', 'in 3 h 10 min'],
    ['2026-12-04T19:31:30Z', '0 h 1 min ago'],
    ['2026-12-10T19:30:00Z', '6 days ago'],
  ])('at %s says %s', (now, words) => {
    expect(daysTo(start, Date.parse(now))).toBe(words);
  });
});

describe('a time at the place of the event', () => {
  it('is typed and read in its zone', () => {
    expect(fromField('2026-12-04T19:30', 'Europe/London')).toBe('2026-12-04T19:30:00Z');
    expect(fromField('2026-07-04T19:30', 'Europe/London')).toBe('2026-07-04T18:30:00Z');
    expect(fromField('2026-07-04T19:30', 'America/Chicago')).toBe('2026-07-05T00:30:00Z');
    expect(toField('2026-07-05T00:30:00Z', 'America/Chicago')).toBe('2026-07-04T19:30');
  });

  it('is undefined when it is no time', () => {
    expect(fromField('', 'Europe/London')).toBeUndefined();
    expect(fromField('soon', 'Europe/London')).toBeUndefined();
  });

  it('comes back the same from the field, in any zone', () => {
    const minute = fc
      .integer({ min: 0, max: 5_000_000 })
      .map(n => new Date(Date.UTC(2024, 0, 1) + n * 60_000));
    const zone = fc.constantFrom('Europe/London', 'America/Chicago', 'Asia/Kathmandu', 'Australia/Lord_Howe');
    fc.assert(
      fc.property(minute, zone, (at, place) => {
        const field = toField(at.toISOString(), place);
        const back = fromField(field, place) ?? '';
        // An hour that a clock change repeats has two instants; either reads the same.
        expect(toField(back, place)).toBe(field);
      }),
    );
  });
});

describe('nudges that wait', () => {
  const edit = (label: string, value: number, path = '/devices/camnorth1/place/at'): LocalEdit => ({
    id: label,
    label,
    changes: [{ document: 'plan', patch: [{ op: 'replace', path, value }] }],
    notBefore: value,
  });

  it('keep the first id and place, and the last value', () => {
    expect(merged(edit('one', 1), edit('two', 2))).toEqual({ ...edit('two', 2), id: 'one' });
  });

  it('keep what the later one does not touch, and other documents', () => {
    const rules: LocalEdit = {
      ...edit('three', 3),
      changes: [{ document: 'rules', patch: [{ op: 'replace', path: '/slack', value: 5 }] }],
    };
    const both = merged(merged(edit('one', 1), edit('two', 2, '/label')), rules);
    expect(both.changes.map(({ document, patch }) => [document, patch.map(({ path }) => path)])).toEqual([
      ['plan', ['/devices/camnorth1/place/at', '/label']],
      ['rules', ['/slack']],
    ]);
  });
});
