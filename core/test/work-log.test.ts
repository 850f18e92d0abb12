/** Work of the day as it went, what a house learns of it, and breaks between. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { faultsOf, Paces, type Bundle, type Pace } from '../src/documents/index.js';
import { applyPatch, numberOf, WORK_SORTS, type Json } from '../src/foundations/index.js';
import { choicesToHouse, pacesToHouse } from '../src/house-rules.js';
import { learnedFrom, paceLines, workUnderWay, type LoggedWork } from '../src/work-log/index.js';
import { readyInTime, runSearch } from '../src/searches/index.js';
import { scheduled } from './scheduled.js';
import { friday } from './stations/edited.js';

const READING = { system: 'metric', zone: 'Europe/London' } as const;
const rigs = (...minutes: number[]): LoggedWork[] =>
  minutes.map(each => ({ sort: 'operated', usual: 12, minutes: each }));
const paceOf = (log: readonly LoggedWork[]): Pace | undefined => learnedFrom(log).paces.operated;

let ticks = 0;
const TOOLS = {
  now: () => (ticks += 1),
  solve: () => {
    throw new Error('nothing is solved here');
  },
};

describe('what a house learns', () => {
  it('is between what is usual and what was seen, the nearer to that the more was seen', () => {
    // 26 min are 2 of what the mean of a beta-PERT around 12 is, 13: (1 × 2 + 4 × 1) / 5, and (16 × 2 + 4) / 20.
    expect(paceOf(rigs(26))?.times).toBe(1.2);
    expect(paceOf(rigs(...Array.from({ length: 16 }, () => 26)))?.times).toBe(1.8);
    expect(paceOf(rigs(13, 13, 13))?.times).toBe(1);
    expect(learnedFrom([])).toEqual({ paces: {}, leftOut: 0 });
  });

  it('has the usual spread, wider where more was seen, and from twenty pieces on what was seen', () => {
    expect(paceOf(rigs(13))).toMatchObject({ least: 0.8, most: 1.7, pieces: 1 });
    // 3 min of 12 are a quarter.
    expect(paceOf(rigs(3, 13))?.least).toBeLessThan(0.4);
    const many = paceOf(rigs(...Array.from({ length: 20 }, (_, i) => (i % 2 === 0 ? 12 : 14))));
    expect(many).toMatchObject({ times: 1, least: 1, most: 1.17 });
    expect(paceOf(rigs(...Array.from({ length: 19 }, () => 13)))).toMatchObject({ least: 0.8, most: 1.7 });
  });

  it('leaves out what nobody can have pressed in time', () => {
    expect(learnedFrom(rigs(1.19, 60.1, 0, -5))).toEqual({ paces: {}, leftOut: 4 });
    const even = [2, 100].map(minutes => ({ sort: 'operated' as const, usual: 20, minutes }));
    expect(learnedFrom(even).leftOut).toBe(0);
    expect(learnedFrom([{ sort: 'lineCheck', usual: 0, minutes: 4 }]).leftOut).toBe(1);
    expect(learnedFrom([{ sort: 'meal', usual: 30, minutes: 45 }])).toEqual({ paces: {}, leftOut: 0 });
  });

  it('stays within what the house rules can hold at the ends of what is believed', () => {
    const all = (count: number, part: number): LoggedWork[] =>
      Array.from({ length: count }, () => ({ sort: 'ramp', usual: 10, minutes: 10 * part }));
    for (const log of [
      all(400, 0.1),
      all(400, 5),
      [...all(400, 0.1), ...all(1, 5)],
      [...all(400, 5), ...all(1, 0.1)],
    ])
      expect(faultsOf(Paces, learnedFrom(log).paces)).toEqual([]);
  });

  it('is a pace that the house rules can hold, whatever was logged', () => {
    const piece = fc.record({
      sort: fc.constantFrom(...WORK_SORTS),
      usual: fc.double({ min: 0, max: 2880, noNaN: true }),
      minutes: fc.double({ min: -1e6, max: 1e6, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 60 }), log => {
        const { paces, leftOut } = learnedFrom(log);
        const kept = Object.values(paces);
        expect(faultsOf(Paces, paces)).toEqual([]);
        for (const { times, least, most } of kept) {
          expect(times).toBeGreaterThanOrEqual(0.1);
          expect(times).toBeLessThanOrEqual(5);
          expect(least).toBeGreaterThanOrEqual(0.01);
          expect(least).toBeLessThanOrEqual(1);
          expect(most).toBeGreaterThanOrEqual(1);
        }
        const meals = log.filter(({ sort }) => sort === 'meal').length;
        expect(kept.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(log.length - leftOut - meals);
      }),
    );
  });
});

describe('a house that has learned', () => {
  const pace: Pace = { times: 1.5, least: 0.5, most: 2, pieces: 30 };
  const slow: Bundle = { ...friday, rules: { ...friday.rules, paces: { operated: pace, striking: pace } } };
  const [before, after] = [assess(friday).hands, assess(slow).hands];

  it('takes as much longer for that sort of work, and for no other', () => {
    expect(numberOf(after.tasks['rig camwide01']?.usual)).toBe(18);
    expect(numberOf(after.tasks['rig camnorth1']?.usual)).toBe(8);
    expect(after.tasks['rig camwide01']).toMatchObject({ least: 0.5, most: 2 });
    // Half of 18, and half as much again.
    expect(numberOf(after.strike['strike rig camwide01']?.usual)).toBe(13.5);
    expect(numberOf(after.strike['strike rig camnorth1']?.usual)).toBe(6);
    // Two operated cameras, 6 min more each.
    expect(numberOf(after.work)).toBeCloseTo((numberOf(before.work) ?? 0) + 12, 9);
  });

  it('is logged as if it had not, so that it learns from what is usual', () => {
    const { before: lines } = workUnderWay(slow, assess(slow), READING);
    expect(lines.find(({ key }) => key === 'rig camwide01')?.begins).toEqual({
      ...{ task: 'rig camwide01', sort: 'operated', usual: 12 },
    });
  });

  it('shows what it reckons with beside what its log says, and takes that by one edit', () => {
    const { paces } = learnedFrom([...rigs(26), { sort: 'ramp', usual: 3, minutes: 3 }]);
    expect(
      paceLines({ operated: pace }, paces).map(({ sort, kept, learned }) => [
        sort,
        kept?.times,
        learned?.times,
      ]),
    ).toEqual([
      ['operated', 1.5, 1.2],
      ['ramp', undefined, 0.98],
    ]);
    const taken = applyPatch(friday.rules as unknown as Json, pacesToHouse(paces).patch);
    expect(taken).toMatchObject({ paces: { operated: { times: 1.2 } } });
    expect(applyPatch(taken, pacesToHouse(undefined).patch)).toEqual(friday.rules);
  });
});

describe('work as it goes', () => {
  const [begun, done] = ['2026-12-04T16:45:00Z', '2026-12-04T17:05:00Z'];
  const logged = (task: string, over?: string) => ({
    ...{ task, sort: 'operated' as const, usual: 12, begun },
    ...(over !== undefined && { done: over }),
  });
  const plan = scheduled(friday).plan;
  const bundle: Bundle = {
    ...friday,
    plan: {
      ...plan,
      workLog: { workone001: logged('rig camwide01', done), worktwo001: logged('rig camside01') },
    },
  };
  const { before, after } = workUnderWay(bundle, assess(bundle), READING);
  const line = (key: string) => before.find(each => each.key === key);

  it('is done, under way, able to begin, or waits for what is not done', () => {
    expect(line('rig camwide01')).toMatchObject({
      ...{ state: 'done', went: '16:45–17:05, 20 min', id: 'workone001', who: 'Petra Lund' },
      planned: '16:45–16:57',
    });
    expect(line('rig camside01')).toMatchObject({ state: 'under way', went: 'since 16:45' });
    expect(line('rig camnorth1')).toMatchObject({ state: 'can begin', went: undefined });
    expect(line('connect deskrack1')?.state).toBe('waits');
    expect(line('connect deskrack1')?.waitsFor).not.toContain(line('rig camwide01')?.label);
    expect(line('connect deskrack1')?.waitsFor).toContain(line('rig camside01')?.label);
    expect(after.find(({ key }) => key === 'strike power')?.state).toBe('can begin');
    expect(after.find(({ key }) => key === 'strike rig camwide01')?.state).toBe('waits');
  });

  it('comes in the order of the schedule, what it leaves out behind', () => {
    expect(before[0]?.key).toBe('rig camwide01');
    expect(before).toHaveLength(Object.keys(assess(bundle).hands.tasks).length);
  });
});

describe('breaks of everybody', () => {
  const meal = (at: 'once everything is rigged' | 'once everything is checked'): Bundle => ({
    ...friday,
    plan: { ...friday.plan, breaks: { mealbreak1: { order: '1', label: 'Meal', minutes: 30, at } } },
  });

  it('lie between rigging and power, or after all checks', () => {
    const rigged = assess(meal('once everything is rigged')).hands.tasks;
    const plain = assess(friday).hands.tasks;
    expect(rigged.power?.after).toEqual([...(plain.power?.after ?? []), 'break mealbreak1']);
    expect(rigged['break mealbreak1']?.after).toEqual(plain.power?.after);
    expect(rigged['break mealbreak1']).toMatchObject({
      everybody: true,
      least: 1,
      most: 1,
      undone: undefined,
    });
    const checked = assess(meal('once everything is checked')).hands.tasks;
    expect(checked['break mealbreak1']?.after).toEqual(Object.keys(plain));
  });

  it('make the call earlier, and the longest time without one shorter', () => {
    const [plain, with30] = [assess(friday).hands, assess(meal('once everything is checked')).hands];
    expect(numberOf(with30.rigging)).toBe((numberOf(plain.rigging) ?? 0) + 30);
    // The rehearsal is 20 min, doors 40: the break ends an hour before the start.
    expect(numberOf(with30.stretch) ?? NaN).toBeLessThanOrEqual(numberOf(plain.stretch) ?? NaN);
  });

  it('have everybody in them who is there, and are not what could be shortened', async () => {
    const bundle = meal('once everything is rigged');
    const { answer } = await runSearch(readyInTime, bundle, { seconds: 2, draws: 500 }, TOOLS);
    const people = new Set(Object.values(assess(bundle).hands.roles).flatMap(({ person }) => person ?? []));
    const own = answer.work.find(({ key }) => key === 'break mealbreak1');
    expect(new Set(own?.people.map(({ id }) => id))).toEqual(people);
    expect(own?.minutes).toBe(30);
    const power = answer.work.find(({ key }) => key === 'power');
    expect(power?.begins).toBeGreaterThanOrEqual((own?.begins ?? NaN) + 30);
    expect(answer.shorten.map(({ key }) => key)).not.toContain('break mealbreak1');
  });
});

describe('choices of an event', () => {
  it('become the house’s, and the event follows the house', () => {
    const plan = { ...friday.plan, rules: { slack: 12, crew: { rest: 10 } } };
    const [house, own] = choicesToHouse(plan);
    const rules = applyPatch(friday.rules as unknown as Json, house?.patch ?? []);
    expect(rules).toMatchObject({ slack: 12, crew: { rest: 10 } });
    expect(applyPatch(plan as unknown as Json, own?.patch ?? [])).not.toHaveProperty('rules');
    expect(choicesToHouse({})).toEqual([]);
  });
});
