/** Long days: at the minute at which each becomes too long. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Person } from '../../src/documents/index.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { friday, set } from './snag-tables.js';

/** Friday with other minutes of its running order: people are asked for at 16:40 and leave at 21:50. */
function days({
  plan = [],
  people = {},
}: { plan?: Operation[]; people?: Record<string, Partial<Person>> } = {}) {
  const known = { ...friday.hands.people };
  for (const [id, more] of Object.entries(people)) known[id] = { ...(known[id] as Person), ...more };
  const { hands, snags } = assess({
    ...friday,
    hands: { people: known },
    plan: applyPatch(friday.plan, plan),
  });
  const told = (rule: string) => snags.filter(each => each.rule === rule).map(({ title }) => title);
  return { hands, told };
}
const items = Object.entries(friday.plan.runningOrder ?? {});
const lasting = (label: RegExp, minutes: number): Operation => {
  const [id] = items.find(([, { label: own }]) => label.test(own)) ?? [];
  return { op: 'replace', path: `/runningOrder/${id}/minutes`, value: minutes };
};

describe('whoever drives home', () => {
  // An hour before they leave, twice the way, and 5 h 10 min there.
  const way = (travel: number | undefined) =>
    days({ people: { petralund1: { seats: 3, ...(travel !== undefined && { travel }) } } });

  it('is awake for an hour, twice the way and all the event', () => {
    expect(way(45).hands.awake.petralund1?.value).toBeCloseTo((60 + 90 + 310) / 60, 9);
    // 17 h are 1,020 min: 60 and 310, and twice 325.
    expect(way(325).told('hands.tired-drive')).toEqual([]);
    expect(way(326).told('hands.tired-drive')).toEqual(['Petra Lund would drive home after 17.0 h awake.']);
  });

  it('is not known where nobody said how long their way is, and nothing is said of who takes no car', () => {
    const { hands, told } = way(undefined);
    expect([hands.awake.petralund1?.value, hands.awake.petralund1?.why]).toEqual([
      null,
      'it is not said how long their way is',
    ]);
    expect([told('hands.tired-drive'), Object.keys(hands.awake)]).toEqual([[], ['petralund1']]);
  });
});

describe('time without a break', () => {
  it('is the longest between times of waiting of 20 minutes or more', () => {
    // Doors are 19:00 to 19:30: 2 h 20 min before, and 2 h 20 min after.
    expect(days().hands.stretch.value).toBeCloseTo(140 / 60, 9);
    expect(days({ plan: [lasting(/Doors/, 20)] }).hands.stretch.value).toBeCloseTo(140 / 60, 9);
    expect(days({ plan: [lasting(/Doors/, 19)] }).hands.stretch.value).toBeCloseTo(299 / 60, 9);
  });

  it('counts two times of waiting as one, since they follow each other', () => {
    const more = set('/runningOrder/itemwait02', {
      order: '0045',
      label: 'Stand by',
      phase: 'wait',
      minutes: 10,
    });
    // 10 and 10 minutes before the start are a break, 10 and 9 are none.
    expect(days({ plan: [lasting(/Doors/, 10), more] }).hands.stretch.value).toBeCloseTo(140 / 60, 9);
    expect(days({ plan: [lasting(/Doors/, 9), more] }).hands.stretch.value).toBeCloseTo(299 / 60, 9);
  });

  it('is a note above six hours, and above four and a half where somebody under 18 serves', () => {
    const rigging = (minutes: number, young = false) =>
      days({
        plan: [lasting(/Unload/, minutes)],
        ...(young && { people: { maudtarran: { young: true } } }),
      }).told('hands.long-stretch');
    // The other 65 minutes before doors are check and rehearsal.
    expect(rigging(295)).toEqual([]);
    expect(rigging(296)).toEqual(['The running order goes on for 6.0 h without a break.']);
    expect(rigging(205, true)).toEqual([]);
    expect(rigging(206, true)).toEqual([
      'The running order goes on for 4.5 h without a break; Maud Tarrant under 18 needs one sooner.',
    ]);
  });
});

describe('somebody under 18 who comes with others', () => {
  const rufus: Operation = set('/assignments/assigncam3', { role: 'camera camside01', person: 'rufusadeye' });
  const coming = (ties: NonNullable<Person['ties']>) =>
    days({ plan: [rufus], people: { rufusadeye: { ties } } }).told('hands.young-ride');
  const with_ = (person: string) => ({ person, how: 'come together' as const });

  it('is told of where that is one adult who is no family', () => {
    expect(coming({})).toEqual([]);
    expect(coming({ tieone0001: with_('petralund1') })).toEqual([
      'Rufus Adeyemi is under 18, and comes with one adult who is no family.',
    ]);
    expect(coming({ tieone0001: with_('petralund1'), tietwo0001: with_('odilemarsh') })).toEqual([]);
    const family = { tietwo0001: { person: 'petralund1', how: 'related' as const } };
    expect(coming({ tieone0001: with_('petralund1'), ...family })).toEqual([]);
  });
});

describe('whoever does everything', () => {
  const roles = Object.keys(assess(friday).hands.roles);
  const alone = (until: number, missing = 0) => {
    const own = roles.slice(missing).map((role, i) => [`assignrole${i}`, { role, person: 'odilemarsh' }]);
    // Struck at 21:50; the strike takes 45 of it.
    return days({ plan: [set('/assignments', Object.fromEntries(own)), lasting(/Strike/, 45 + until)] }).told(
      'hands.strike-alone',
    );
  };

  it('strikes alone at night from ten on', () => {
    expect(alone(10)).toEqual([]);
    expect(alone(11)).toEqual(['Odile Marsh strikes alone at night, until 1 min after ten.']);
  });

  it('is not said to be alone where others are there, or a role waits for somebody', () => {
    expect(alone(11, 1)).toEqual([]);
    expect(days({ plan: [lasting(/Strike/, 200)] }).told('hands.strike-alone')).toEqual([]);
  });
});
