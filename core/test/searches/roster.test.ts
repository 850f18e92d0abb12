/** The roster: time between duties, care, learners, locks; why a hole is a hole; who stands by. */
import { describe, expect, it } from 'vitest';
import type { Person, Presence } from '../../src/documents/index.js';
import { OptionError, roster, runSearch, type RosterOptions } from '../../src/searches/index.js';
import { familiesAmong } from '../../src/searches/roster/families.js';
import type { Care, Job, RosterEvent } from '../../src/searches/roster/problem.js';
import { edited, remove } from '../stations/edited.js';
import { CARE, event, FRIDAY, job, means, onDuty, person, problemOf, solved } from './rosters.js';

describe('a roster', () => {
  const [mixer, camera] = [job('mixing'), job('camera')];

  it('puts nobody on two events that are too close: at once, without time for the way, or without rest', async () => {
    const people = { one: person('One', { mixing: 'can do' }) };
    const holes = async (
      from: string,
      to: string,
      more: Partial<RosterEvent> = {},
      who: Partial<Person> = {},
    ) => {
      const events = [event('late', ...FRIDAY, [mixer], more), event('next', from, to, [mixer], more)];
      const { answer } = await solved(problemOf({ one: { ...people.one, ...who } }, events));
      return answer.empty.length;
    };
    expect(await holes('2026-12-04T22:29:00Z', '2026-12-04T23:00:00Z')).toBe(1);
    expect(await holes('2026-12-04T22:30:00Z', '2026-12-04T23:00:00Z')).toBe(0);
    expect(await holes('2026-12-04T22:00:00Z', '2026-12-04T23:00:00Z', { venue: 'same' })).toBe(0);
    expect(await holes('2026-12-05T08:59:00Z', '2026-12-05T10:00:00Z')).toBe(1);
    expect(await holes('2026-12-05T09:00:00Z', '2026-12-05T10:00:00Z')).toBe(0);
  });

  it.each([
    // 12 h for those under 18, 14 h for those under 15 and where their age is not known.
    [{ youngUntil: '2027-01-01' }, '2026-12-05T09:59:00Z', '2026-12-05T10:00:00Z'],
    [{ youngUntil: '2029-12-31' }, '2026-12-05T11:59:00Z', '2026-12-05T12:00:00Z'],
    [{ young: true }, '2026-12-05T11:59:00Z', '2026-12-05T12:00:00Z'],
  ])('lets those under 18 rest longer: %j', async (who, tooEarly, early) => {
    const adults = { ann: person('Ann', { camera: 'can do' }), ben: person('Ben', { camera: 'can do' }) };
    const holes = async (from: string): Promise<number> => {
      const jobs = [mixer, camera, camera];
      const events = [event('late', ...FRIDAY, jobs), event('next', from, '2026-12-05T15:00:00Z', jobs)];
      const people = { ...adults, kid: person('Kid', { mixing: 'can do' }, who) };
      return (await solved(problemOf(people, events))).answer.empty.length;
    };
    expect(await holes(tooEarly)).toBe(1);
    expect(await holes(early)).toBe(0);
  });

  it('asks nobody again who said no, moves nobody who is kept, and says so where that leaves a hole', async () => {
    const people = { ann: person('Ann', { mixing: 'can do', camera: 'can do' }) };
    const { answer } = await solved(
      problemOf(people, [event('Friday', ...FRIDAY, [mixer], { saidNo: ['ann'] })]),
    );
    expect(answer.empty[0]?.why.rules).toEqual(['Ann said no at Friday']);
    expect(answer.empty[0]?.unblocked).toEqual(['Ann said no at Friday']);
    const kept = job('camera', { person: 'ann', kept: true });
    const both = await solved(
      problemOf(people, [event('Friday', ...FRIDAY, [{ ...mixer, vital: true }, kept])]),
    );
    expect(both.answer.duties.map(({ label }) => label)).toEqual(['camera']);
    expect(both.answer.empty[0]?.why.rules).toContain('Ann is kept on camera at Friday');
  });

  it('says why a job stays empty, no more than is needed for it, and who could unblock it', async () => {
    const away: Presence = { how: 'are away', from: '2026-12-04' };
    const people = {
      ann: person('Ann', { mixing: 'can do' }, { presence: { away } }),
      ben: person('Ben', { camera: 'can do' }),
    };
    const { answer } = await solved(problemOf(people, [event('Friday', ...FRIDAY, [mixer, camera])]));
    const [hole] = answer.empty;
    expect(hole?.label).toBe('mixing');
    expect([...(hole?.why.rules ?? [])].sort()).toEqual([
      'Ann is away at Friday',
      'Ben has not learnt mixing',
    ]);
    expect(hole?.why.proven).toBe(true);
    expect(hole?.unblocked).toEqual(['Ann is away at Friday']);
  });

  it('says when somebody is wanted elsewhere, and when a month is full', async () => {
    const ann = person('Ann', { mixing: 'can do', camera: 'can do' }, { most: 1 });
    const one = event('Friday', ...FRIDAY, [mixer]);
    const two = event('Sunday', '2026-12-06T10:00:00Z', '2026-12-06T12:00:00Z', [camera]);
    const { answer } = await solved(problemOf({ ann }, [one, two]));
    expect(answer.empty[0]?.why.rules).toContain('Ann does at most 1 in 2026-12');
    expect(answer.empty[0]?.unblocked).toContain('Ann does at most 1 in 2026-12');
    // What they do besides in the month counts too.
    const none = await solved(problemOf({ ann }, [one], { inMonth: { 'ann 2026-12': 1 } }));
    expect(none.answer.duties).toEqual([]);
    expect((await solved(problemOf({ ann }, [one], { inMonth: { 'ann 2026-11': 1 } }))).answer.empty).toEqual(
      [],
    );
  });

  it('puts a learner on a job only beside somebody who leads it, and lets as many learn as can', async () => {
    const people = {
      ann: person('Ann', { camera: 'can lead', mixing: 'can do' }),
      ben: person('Ben', { camera: 'learning' }),
      cat: person('Cat', { camera: 'can do', mixing: 'can do' }),
    };
    const events = [event('Friday', ...FRIDAY, [mixer, camera])];
    expect(await onDuty(problemOf(people, events), 'most learners')).toEqual([
      'Friday camera: Ben',
      'Friday mixing: Ann',
    ]);
    const alone = { ben: people.ben, cat: person('Cat', { mixing: 'can do' }) };
    expect(await onDuty(problemOf(alone, events))).toEqual(['Friday mixing: Cat']);
  });

  it('changes as little as it can where that is asked for, and keeps what was accepted', async () => {
    const people = { ann: person('Ann', { mixing: 'can do' }), ben: person('Ben', { mixing: 'can do' }) };
    const past = { ann: 3 };
    const now = (more: Partial<Job>) => [
      event('Friday', ...FRIDAY, [job('mixing', { person: 'ann', ...more })]),
    ];
    expect(await onDuty(problemOf(people, now({}), { past }))).toEqual(['Friday mixing: Ben']);
    expect(await onDuty(problemOf(people, now({}), { past }), 'fewest changes')).toEqual([
      'Friday mixing: Ann',
    ]);
    expect(await onDuty(problemOf(people, now({ accepted: true }), { past }))).toEqual([
      'Friday mixing: Ann',
    ]);
  });

  it('says what was accepted and cannot hold together, and changes nothing', async () => {
    const ann = person('Ann', { mixing: 'can do' });
    const own = [job('mixing', { person: 'ann', accepted: true })];
    const events = [
      event('Friday', ...FRIDAY, own),
      event('Late', '2026-12-04T21:00:00Z', '2026-12-04T23:00:00Z', own),
    ];
    const { answer, objectives } = await solved(problemOf({ ann }, events));
    expect(objectives).toEqual([]);
    expect([...(answer.conflict?.rules ?? [])].sort()).toEqual([
      'Ann cannot be at Friday and Late at once',
      'Ann has said yes to mixing at Friday',
      'Ann has said yes to mixing at Late',
    ]);
  });

  it('looks at events that are fixed, and leaves them', async () => {
    const people = { ann: person('Ann', { mixing: 'can do' }), ben: person('Ben', { mixing: 'can do' }) };
    const before = event('Before', ...FRIDAY, [job('mixing', { person: 'ann' }), job('camera')], {
      fixed: true,
    });
    const { answer } = await solved(
      problemOf(people, [before, event('Next', '2026-12-05T08:00:00Z', '2026-12-05T09:00:00Z', [mixer])]),
    );
    expect(answer.duties.map(({ event: at, name }) => `${at} ${name}`)).toEqual(['Next Ben']);
    expect(answer.empty).toEqual([]);
  });

  it('keeps those under 18 home in time, and beside vetted adults where the house wants that', async () => {
    const people = {
      ann: person('Ann', { camera: 'can do' }, { vetted: { until: '2026-12-04' } }),
      ben: person('Ben', { camera: 'can do' }, { vetted: { until: '2026-12-03' } }),
      kid: person('Kid', { mixing: 'can do' }, { youngUntil: '2027-05-31' }),
    };
    const events = [event('Friday', ...FRIDAY, [mixer, camera, camera])];
    const empty = async (care: Partial<Care>): Promise<number> =>
      (await solved(problemOf(people, events, { care: { ...CARE, ...care } }))).answer.empty.length;
    expect(await empty({})).toBe(0);
    expect(await empty({ youngLeave: '22:00' })).toBe(0);
    expect(await empty({ youngLeave: '21:59' })).toBe(1);
    expect(await empty({ vetted: true })).toBe(1);
  });

  it('has somebody stand by for what is vital, who has nothing else then, each for one job', async () => {
    const people = {
      ann: person('Ann', { mixing: 'can do', sound: 'can do' }),
      ben: person('Ben', { mixing: 'can do' }),
      cat: person('Cat', { sound: 'can do' }),
      dan: person('Dan', { mixing: 'can do', sound: 'learning' }),
    };
    const jobs = [job('mixing', { vital: true }), job('sound', { vital: true }), camera];
    const { answer } = await solved(
      problemOf(people, [event('Friday', ...FRIDAY, jobs)], { past: { dan: 9, ann: 5 } }),
    );
    expect(answer.duties.map(({ label, name }) => `${label} ${name}`).sort()).toEqual([
      'mixing Ben',
      'sound Cat',
    ]);
    expect(answer.standby.map(({ label, name }) => `${label} ${name}`).sort()).toEqual([
      'mixing Dan',
      'sound Ann',
    ]);
    expect(answer.noStandby).toEqual([]);
  });

  it('has holes and no error where nobody is known, and where two who come together are kept apart', async () => {
    const events = [event('Friday', ...FRIDAY, [mixer])];
    expect((await solved(problemOf({}, events))).answer.empty).toHaveLength(1);
    const ties = {
      t1: { person: 'ben', how: 'come together' as const },
      t2: { person: 'ben', how: 'keep apart' as const },
    };
    const people = {
      ann: person('Ann', { mixing: 'can do' }, { ties }),
      ben: person('Ben', { mixing: 'can do' }),
    };
    expect((await solved(problemOf(people, events))).answer.empty).toHaveLength(1);
  });
});

describe('largest families', () => {
  it('are those of which nobody is missing, also where kin of kin are no kin', () => {
    const kin = (...of: string[]) =>
      Object.fromEntries(of.map(id => [id, { person: id, how: 'related' as const }]));
    const people = {
      a: person('A', {}, { ties: kin('b', 'c') }),
      b: person('B', {}, { ties: kin('c') }),
      c: person('C', {}, { ties: kin('d') }),
      d: person('D', {}),
      e: person('E', {}),
    };
    const found = familiesAmong(people, Object.keys(people)).map(each => [...each].sort().join(''));
    expect(found.sort()).toEqual(['abc', 'cd']);
  });
});

describe('the roster of a file', () => {
  const open = edited(remove('/assignments/assignmoni'));
  const asked = (options: RosterOptions) => runSearch(roster, open, options, means);

  it('fills what its own event leaves open, and offers that', async () => {
    const { answer, offers } = await asked({});
    expect(answer.empty).toEqual([]);
    expect(answer.duties.map(({ roles }) => roles[0])).toContain('monitor');
    expect(offers).toHaveLength(1);
  });

  it.each([
    [{ past: [{ person: 'nobody0001', count: 1 }] }, '/past/0/person'],
    [{ events: [event('late', FRIDAY[1], FRIDAY[0], [])] }, '/events/0'],
    [{ own: 'one', events: [event('one', ...FRIDAY, [])] }, '/events/0'],
  ] as const)('refuses what is not of the house: %j', async (options, path) => {
    const error = await asked(options).catch((caught: unknown) => caught);
    expect(error).toBeInstanceOf(OptionError);
    expect((error as OptionError).path).toBe(path);
  });
});
