/** Duties as those who have them are told, what they are asked, and who is late with an answer. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import type { Plan } from '../src/documents/index.js';
import {
  askedChanges,
  askingOf,
  dutyOf,
  givenName,
  messageOf,
  openDuties,
  replyBy,
  type AskingState,
} from '../src/duties/index.js';
import { applyPatch, type AnswerHow } from '../src/foundations/index.js';
import { event, FRIDAY, job, SATURDAY } from './searches/rosters.js';
import { edited, friday, set } from './stations/edited.js';

describe('the day by which an answer is wanted', () => {
  it.each([
    // So many days before the event, two days from now at the soonest, and never after the event itself.
    ['2026-12-04', '2026-11-01', 7, '2026-11-27'],
    ['2026-12-04', '2026-11-25', 7, '2026-11-27'],
    ['2026-12-04', '2026-11-26', 7, '2026-11-28'],
    ['2026-12-04', '2026-12-01', 0, '2026-12-04'],
    ['2026-12-04', '2026-12-03', 7, '2026-12-04'],
    // A leap day, and the turn of a year.
    ['2028-03-07', '2028-02-01', 7, '2028-02-29'],
    ['2027-01-03', '2026-12-01', 7, '2026-12-27'],
  ])('of an event on %s, asked on %s, %i days before: %s', (day, today, days, by) => {
    expect(replyBy(day, today, days)).toBe(by);
  });
});

describe('a duty', () => {
  const bundle = friday;
  const assessment = assess(bundle);

  it('says when, where and what, and who the adults beside one are by the first of their names', () => {
    const duty = dutyOf('petralund1', bundle, assessment);
    expect(duty).toMatchObject({
      label: 'Friday 19:30 – opening concert',
      venue: 'St Alder’s, Nether Quill',
      from: assessment.hands.askedFrom.value,
      to: assessment.hands.leave.value,
      roles: [{ key: 'camera camwide01', label: 'Camera operator, C1 WIDE' }],
    });
    expect(duty?.beside).toContainEqual({ role: 'Lead', name: 'Odile' });
    expect(JSON.stringify(duty)).not.toMatch(/Marsh|01632/);
    expect(dutyOf('zitamorrow', bundle, assessment)).toBeUndefined();
  });

  it('is told to whoever said no as that, and names nobody who is under 18', () => {
    const at = '2026-11-20T12:00:00Z';
    const changed = edited(
      set('/assignments/assigncam1/answer', { how: 'no', at }),
      set('/assignments/assignmoni', { role: 'monitor', person: 'benedictam' }),
    );
    const own = dutyOf('petralund1', changed, assess(changed));
    expect([own?.answer, own?.roles.map(({ key }) => key)]).toEqual(['no', ['camera camwide01']]);
    expect(own?.beside.map(({ name }) => name)).not.toContain('Benedict');
  });

  it.each([
    ['Odile Marsh', 'Odile'],
    ['  Ólafur  Ragnarsson ', 'Ólafur'],
    ['田中太郎', '田中太郎'],
    ['', ''],
  ])('greets %j as %j', (name, given) => expect(givenName(name)).toBe(given));
});

describe('a message', () => {
  const duties = [
    {
      ...{ label: 'Concert', zone: 'Europe/London', start: FRIDAY[0], from: FRIDAY[0], to: FRIDAY[1] },
      ...{ venue: 'The hall', roles: [{ label: 'Lead' }, { label: 'Floor' }] },
    },
    {
      label: 'Fair',
      zone: 'America/New_York',
      start: SATURDAY[0],
      venue: 'The green',
      roles: [{ label: 'Sound' }],
    },
  ];
  const said = { name: 'Petra Lund', house: 'The parishes', by: '2026-11-27' };

  it('says each duty on the clocks of its place, by when to answer, and where the link will be', () => {
    const { subject, text, short } = messageOf('ask', { ...said, duties });
    expect(subject).toBe('Can you help on Fri 4 Dec 2026 and 1 more?');
    expect(text).toContain('• Fri 4 Dec 2026, 17:00 to 22:00\n  Concert, The hall\n  Lead, Floor');
    expect(text).toContain('• Sat 5 Dec 2026, 04:00\n  Fair, The green\n  Sound');
    expect(text).toContain('by Fri 27 Nov 2026, here; there is nothing to sign in to:\n{link}');
    expect(short).toBe(
      'Petra: Lead, Floor, Fri 4 Dec 2026, 17:00 to 22:00, The hall; Sound, Sat 5 Dec 2026, 04:00, The green. Yes or no by Fri 27 Nov 2026: {link}',
    );
  });

  it('reminds whoever was asked before, and writes dates as the house does', () => {
    const { subject, text } = messageOf('remind', { ...said, duties: duties.slice(0, 1), dates: 'en-US' });
    expect(subject).toBe('Can you still say whether you help on Fri Dec 4, 2026?');
    expect(text).toContain('we have not heard from you yet');
    expect(text).toContain('5:00 PM to 10:00 PM');
  });
});

describe('whom a house has asked', () => {
  const NOW = '2026-11-20T12:00:00Z';
  const at = (how: AnswerHow, when = '2026-11-19T12:00:00Z') => ({ how, at: when });
  const line = (
    answers: Readonly<Record<string, ReturnType<typeof at> | undefined>>,
    span: readonly [string, string] = FRIDAY,
  ) => ({
    ...{ id: `event${span[0].slice(8, 10)}`, revision: 3 },
    event: event(
      'Concert',
      ...span,
      Object.keys(answers).map(person => job('camera', { person, roles: [`role ${person}`] })),
    ),
    assignments: Object.fromEntries(
      Object.entries(answers).map(([person, answer]) => [
        `record${person}`,
        { role: `role ${person}`, person, ...(answer && { answer }) },
      ]),
    ),
  });
  const stateOf = (answer: ReturnType<typeof at> | undefined, now = NOW): AskingState | undefined =>
    askingOf([line({ ann: answer })], 7, now)[0]?.state;

  it('is told by what wants most to be seen to, at the very day on which an answer is late', () => {
    expect(stateOf(undefined)).toBe('not asked');
    expect(stateOf(at('asked'))).toBe('waiting');
    expect(stateOf(at('asked'), '2026-11-27T23:59:00Z')).toBe('waiting');
    expect(stateOf(at('asked'), '2026-11-28T00:00:00Z')).toBe('late');
    expect([stateOf(at('yes')), stateOf(at('swap'))]).toEqual(['yes', 'would swap']);
    expect(stateOf(at('no'))).toBeUndefined();
    // Whoever was asked late has two days all the same; what has begun is not asked for any more.
    expect(stateOf(at('asked', '2026-12-01T12:00:00Z'), '2026-12-03T12:00:00Z')).toBe('waiting');
    expect(stateOf(undefined, FRIDAY[0])).toBeUndefined();
  });

  it('lists the late first, and all of theirs, of which only what is open is asked for', () => {
    const all = askingOf(
      [
        line({ ann: at('yes'), ben: at('asked', '2026-11-01T12:00:00Z') }),
        line({ ann: undefined, ben: at('yes'), cat: at('yes') }, SATURDAY),
      ],
      30,
      NOW,
    );
    expect(all.map(({ person, state }) => [person, state])).toEqual([
      ['ben', 'late'],
      ['ann', 'not asked'],
      ['cat', 'yes'],
    ]);
    const [, ann] = all;
    expect(ann && openDuties(ann).map(({ event: id }) => id)).toEqual(['event05']);
    expect(ann?.by).toBe('2026-11-22');
  });

  it('is written into the plans', () => {
    const [ann] = askingOf([line({ ann: undefined })], 7, NOW);
    const [change] = askedChanges(ann?.duties ?? [], NOW);
    expect([change?.document, change?.base]).toEqual(['event04', 3]);
    const before = { assignments: line({ ann: undefined }).assignments } as unknown as Plan;
    expect(applyPatch(before, change?.patch ?? []).assignments?.recordann?.answer).toEqual({
      how: 'asked',
      at: NOW,
    });
  });
});
