/** Who is young on a day, who is family, and who is beside them. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Hands, Person } from '../../src/documents/index.js';
import { assess } from '../../src/assess.js';
import { isFamily, tied, unrelatedAmong } from '../../src/stations/ties.js';
import { isUnder15On, isYoungOn, minutesBeyond, peopleOn } from '../../src/stations/youth.js';
import { friday } from './edited.js';

describe('somebody', () => {
  it('is under 18 until the day that is said, and under 15 until three years before', () => {
    const until = { youngUntil: '2027-02-28' };
    expect(isYoungOn(until, '2027-02-27')).toBe(true);
    expect(isYoungOn(until, '2027-02-28')).toBe(false);
    expect(isUnder15On(until, '2024-02-27')).toBe(true);
    expect(isUnder15On(until, '2024-02-28')).toBe(false);
    // What is said of the day goes before what was only ticked.
    expect(isYoungOn({ young: true, youngUntil: '2026-01-01' }, '2026-12-04')).toBe(false);
    expect(isYoungOn({ young: true }, '2026-12-04')).toBe(true);
    expect(isUnder15On({ young: true }, '2026-12-04')).toBeUndefined();
    expect(isUnder15On({}, '2026-12-04')).toBe(false);
    // A leap day three years before another.
    expect(isUnder15On({ youngUntil: '2031-03-01' }, '2028-02-29')).toBe(true);
  });

  it('is young on the day of the event as its clocks show it, and others stay as they are', () => {
    const people: Hands['people'] = {
      personone1: { name: 'One', skills: [], youngUntil: '2026-12-05' },
      persontwo2: { name: 'Two', skills: [] },
    };
    const on = (start: string) => peopleOn({ people, start, zone: 'Europe/London' });
    expect(on('2026-12-04T23:59:00Z').personone1?.young).toBe(true);
    expect(on('2026-12-05T00:00:00Z').personone1?.young).toBeUndefined();
    expect(on('2026-12-05T00:00:00Z')).toBe(people);
    expect(on('2026-12-04T23:59:00Z').persontwo2).toBe(people.persontwo2);
  });

  it('lifts as one under 18 does, on that day', () => {
    const limits = ['2026-12-05', '2026-12-04'].map(youngUntil => {
      const { plan, hands } = friday;
      const devices = Object.fromEntries(
        Object.entries(plan.devices ?? {}).map(([id, each]) => [
          id,
          id === 'deskrack1' ? { ...each, lifters: 1, liftedBy: ['wilfokonjo'] } : each,
        ]),
      );
      const wilf = { ...(hands.people.wilfokonjo as Person), youngUntil };
      const people = { ...hands.people, wilfokonjo: wilf };
      const { pack } = assess({ ...friday, plan: { ...plan, devices }, hands: { people } });
      return pack.cases.deskrack1?.lifters?.wilfokonjo?.young;
    });
    expect(limits).toEqual([true, false]);
  });
});

describe('an event that goes on', () => {
  it('is measured from the evening of the day on which it begins, also after midnight', () => {
    const beyond = (from: string, to: string) => minutesBeyond({ from, to }, '21:30', 'Europe/London');
    expect(beyond('2026-12-04T16:00:00Z', '2026-12-04T21:30:00Z')).toBe(0);
    expect(beyond('2026-12-04T16:00:00Z', '2026-12-05T00:30:00Z')).toBe(180);
    // Also where it lasts into the morning.
    expect(beyond('2026-12-04T16:00:00Z', '2026-12-05T05:30:00Z')).toBe(480);
    expect(beyond('2026-12-04T09:00:00Z', '2026-12-04T12:30:00Z')).toBe(-540);
    // The clocks of the place count: in summer 21:30 is 20:30 UTC.
    expect(beyond('2026-07-03T16:00:00Z', '2026-07-03T20:31:00Z')).toBe(1);
  });
});

describe('adults beside somebody under 18', () => {
  const beside = (...vetted: readonly (string | undefined)[]) => {
    const { plan, hands, rules } = friday;
    const people = {
      ...hands.people,
      ...Object.fromEntries(
        ['tobinashgr', 'petralund1'].map((id, i) => {
          const { vetted: _before, ...person } = hands.people[id] as Person;
          const until = vetted[i];
          return [id, { ...person, ...(until !== undefined && { vetted: { until } }) }];
        }),
      ),
    };
    const on = (role: string, person: string) => ({ role, person });
    const assignments = {
      assignone01: on('mixer', 'tobinashgr'),
      assigntwo02: on('camera camwide01', 'petralund1'),
      assignthr03: on('camera camside01', 'rufusadeye'),
    };
    const crew = { vetted: vetted.length > 0 };
    const event = { ...friday, plan: { ...plan, assignments }, hands: { people }, rules: { ...rules, crew } };
    return assess(event).hands.young.rufusadeye?.adults.value;
  };

  it('count where the house wants them vetted only while that holds', () => {
    expect(beside()).toBe(2);
    expect(beside('2026-12-04', '2026-12-04')).toBe(2);
    expect(beside('2026-12-04', '2026-12-03')).toBe(1);
    expect(beside(undefined, undefined)).toBe(0);
  });
});

describe('who goes with whom', () => {
  const peopleBy = (count: number, kin: readonly (readonly [number, number])[]): Hands['people'] =>
    Object.fromEntries(
      Array.from({ length: count }, (_, i) => {
        const own = kin.filter(([one]) => one === i);
        const ties = Object.fromEntries(
          own.map(([, other], n) => [`tie${n}`, { person: `p${other}`, how: 'related' as const }]),
        );
        return [`p${i}`, { name: `P${i}`, skills: [], ties }];
      }),
    );

  it('holds from both sides, and only as it was said', () => {
    const people = peopleBy(3, [[0, 1]]);
    expect(isFamily(people, 'p0', 'p1') && isFamily(people, 'p1', 'p0')).toBe(true);
    expect(isFamily(people, 'p0', 'p2')).toBe(false);
    expect(tied(people, 'p0', 'p1', ['one household', 'come together', 'keep apart'])).toBe(false);
  });

  it('leaves as many who are no family as trying every set finds', () => {
    const index = fc.integer({ min: 0, max: 6 });
    fc.assert(
      fc.property(fc.array(fc.tuple(index, index), { maxLength: 12 }), kin => {
        const people = peopleBy(
          7,
          kin.filter(([a, b]) => a !== b),
        );
        const ids = Object.keys(people);
        let best = 0;
        for (let set = 0; set < 2 ** ids.length; set++) {
          const own = ids.filter((_, i) => (set & (1 << i)) !== 0);
          if (own.every((a, i) => own.slice(i + 1).every(b => !isFamily(people, a, b))))
            best = Math.max(best, own.length);
        }
        expect(unrelatedAmong(people, ids)).toBe(best);
      }),
      { numRuns: 200 },
    );
  });
});
