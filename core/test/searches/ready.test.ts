/** Ready in time: draws of durations, how often everything is done, and what the search says of Friday. */
import { describe, expect, it } from 'vitest';
import { applyPatch } from '../../src/foundations/index.js';
import { assess } from '../../src/assess.js';
import { readyInTime, runSearch, type ReadyOptions } from '../../src/searches/index.js';
import { optionFaults, SEARCHES } from '../../src/searches/commands.js';
import { lehmer } from '../../src/searches/annealing.js';
import {
  criticalShares,
  daysOf,
  endsOf,
  inTheirOrder,
  minutesFor,
  shareWithin,
} from '../../src/searches/ready/chance.js';
import {
  aroundUsual,
  deviationOf,
  drawn,
  durationBy,
  meanOf,
  normalBelow,
} from '../../src/searches/ready/durations.js';
import { seatsOf, workersOf } from '../../src/searches/ready/workshop.js';
import type { Placed } from '../../src/stations/hands/tasks/sequence.js';
import type { Bundle } from '../../src/documents/index.js';
import { friday } from '../stations/edited.js';

const DRAWS = 40_000;
const USUAL = { least: 0.8, most: 1.7 };
const averageOf = (values: ArrayLike<number>): number =>
  Array.from(values).reduce((a, b) => a + b, 0) / values.length;
function spreadOf(values: ArrayLike<number>): number {
  const mean = averageOf(values);
  return Math.sqrt(averageOf(Array.from(values, each => (each - mean) ** 2)));
}
const chain = (count: number): Placed[] =>
  Array.from({ length: count }, (_, i) => ({
    after: i > 0 ? [i - 1] : [],
    people: [],
    ladder: false,
    notBefore: 0,
  }));

describe('a duration', () => {
  it('has mean and deviation of the beta-PERT: 1.083 and 0.158 of what is usual', () => {
    const ten = aroundUsual(10, USUAL);
    expect([ten.low, ten.high]).toEqual([8, 17]);
    expect(meanOf(ten)).toBeCloseTo(10.8333, 4);
    expect(deviationOf(ten)).toBeCloseTo(1.5799, 4);
  });

  it('lies below its quantile as often as the normal number lies below: its median as an independent table has it', () => {
    expect(normalBelow(0)).toBeCloseTo(0.5, 6);
    expect(normalBelow(-1.2815516)).toBeCloseTo(0.1, 6);
    // Both shapes 3: I(1/4) = 106/1024, by the polynomial 10x³ − 15x⁴ + 6x⁵.
    const even = durationBy({ low: 0, usual: 0.5, high: 1 });
    expect(even(0)).toBeCloseTo(0.5, 4);
    const z = -1.26177;
    expect(normalBelow(z)).toBeCloseTo(106 / 1024, 4);
    expect(even(z)).toBeCloseTo(0.25, 4);
    // What takes just so long always does; the ends are never passed.
    expect(durationBy({ low: 5, usual: 5, high: 5 })(2)).toBe(5);
    expect([even(-99), even(99)].every(each => each >= 0 && each <= 1)).toBe(true);
  });

  it('of a chain adds up, by itself and where all are delayed together', () => {
    const work = [5, 12, 20].map(usual => aroundUsual(usual, USUAL));
    const [mean, alone, sum] = [
      work.reduce((all, each) => all + meanOf(each), 0),
      Math.sqrt(work.reduce((all, each) => all + deviationOf(each) ** 2, 0)),
      work.reduce((all, each) => all + deviationOf(each), 0),
    ];
    const ends = (together: number): Float64Array =>
      endsOf(daysOf(chain(3), drawn(work, { draws: DRAWS, together, random: lehmer(7) })));
    // Standard errors of 40,000 draws: 0.5 % of the deviation for the mean, 0.35 % for the deviation; five of them.
    expect(Math.abs(averageOf(ends(0)) - mean)).toBeLessThan(0.025 * alone);
    expect(Math.abs(spreadOf(ends(0)) / alone - 1)).toBeLessThan(0.02);
    expect(Math.abs(spreadOf(ends(1)) / sum - 1)).toBeLessThan(0.02);
    expect(spreadOf(ends(0.3))).toBeGreaterThan(1.1 * alone);
    expect(spreadOf(ends(0.3))).toBeLessThan(sum);
  });
});

describe('how often', () => {
  const days = { waits: [[], []], notBefore: [0, 0], minutes: Float64Array.from([4, 1, 1, 3, 2, 2, 8, 1]) };

  it('is counted: of four days two are done within three minutes', () => {
    const ends = endsOf(days);
    expect([...ends]).toEqual([2, 3, 4, 8]);
    expect([1.9, 2, 3, 3.9, 8].map(each => shareWithin(ends, each))).toEqual([0, 0.25, 0.5, 0.5, 1]);
    expect([0, 0.25, 0.26, 0.75, 1].map(each => minutesFor(ends, each))).toEqual([2, 2, 3, 4, 8]);
    expect(shareWithin(new Float64Array(), 0)).toBe(1);
  });

  it('a piece has no time to spare is counted day by day', () => {
    expect(criticalShares(days, 10)).toEqual([0.75, 0.5]);
    expect(criticalShares(days, 1)).toEqual([1, 0]);
  });

  it('keeps the days where pieces change places', () => {
    expect([...inTheirOrder(Float64Array.from([1, 2, 3, 4]), [1, 0])]).toEqual([2, 1, 4, 3]);
  });
});

describe('who does a piece', () => {
  const people = workersOf(
    {
      anneone001: { name: 'Anne', skills: [{ skill: 'sound', level: 'learning' }] },
      bentwo0001: { name: 'Ben', skills: [], young: true },
    },
    new Set(['anneone001', 'bentwo0001', 'nobody0001']),
  );
  const task = { ...(assess(friday).hands.tasks.power as never as object) } as Parameters<typeof seatsOf>[0];

  it('is who knows it, else who learns it, else anybody; and nobody under 18 where it is not for them', () => {
    expect(seatsOf({ ...task, skill: 'sound' }, people)).toEqual({
      seats: [[0]],
      unknown: 'sound',
      short: false,
    });
    expect(seatsOf({ ...task, skill: 'camera', adults: false }, people).seats).toEqual([[0, 1]]);
    expect(seatsOf({ ...task, seats: 2 }, people)).toEqual({ seats: [[0]], unknown: undefined, short: true });
    expect(seatsOf(task, people.slice(1))).toEqual({ seats: [[0]], unknown: undefined, short: true });
  });
});

describe('Friday', () => {
  /** A clock that goes on with every look at it: the search ends, and does the same on every machine. */
  const asked = (bundle: Bundle, options: ReadyOptions = {}) => {
    let time = 0;
    const now = (): number => (time += 5);
    const solve = (): never => {
      throw new Error('nothing is solved here');
    };
    return runSearch(readyInTime, bundle, { seconds: 2, draws: 2000, ...options }, { now, solve });
  };

  it('is scheduled in the shortest way, and ready at the same minute every time', async () => {
    const { answer, objectives } = await asked(friday);
    const [shortest] = objectives;
    // Rig 12, plug in 12, power up 5, formats 2, line check 10, sound 15, sync 8, stream 10: one behind the other.
    expect(shortest).toMatchObject({ value: 74, bound: 74, unit: 'min' });
    expect(answer.share).toBe(90);
    expect(await asked(friday).then(again => again.answer.before)).toBe(answer.before);
    const wanted = answer.calls.find(({ before }) => before >= answer.before);
    expect(wanted?.doors).toBeGreaterThanOrEqual(90);
    expect(answer.calls.map(({ doors }) => doors)).toEqual(
      answer.calls.map(({ doors }) => doors).toSorted((a, b) => a - b),
    );
    expect(answer.calls.every(({ doors, live }) => live >= doors)).toBe(true);
    expect(answer.idle.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(
      7 * 74 - answer.work.reduce((sum, { minutes, people }) => sum + minutes * people.length, 0),
    );
    // Power down 5, unplug the rack 6, and then take a camera down, 6.
    expect(answer.strike).toMatchObject({ takes: 17, bound: 17, planned: 45 });
    const struck = answer.strike?.work ?? [];
    expect(struck[0]).toMatchObject({ begins: 0, label: expect.stringMatching(/power/i) as string });
    // Whoever strikes does one thing at a time, and the last of it is done when all is.
    expect(Math.max(...struck.map(({ begins, minutes }) => begins + minutes))).toBe(17);
    for (const [i, one] of struck.entries())
      for (const other of struck.slice(i + 1))
        if (other.begins < one.begins + one.minutes)
          expect(one.people.filter(({ id }) => other.people.some(each => each.id === id))).toEqual([]);
    expect(answer.unknown).toEqual([
      expect.stringContaining('how far it is from the vehicle to the room was not measured'),
    ]);
  });

  it('is taken as the plan reckons it: as long as it usually takes, and what is kept spare', async () => {
    const { answer, offers } = await asked(friday, { share: 80 });
    const [{ patch = [] } = {}] = offers[0]?.changes ?? [];
    const { schedule } = assess({ ...friday, plan: applyPatch(friday.plan, patch) }).hands;
    expect(schedule?.left.value).toBe(0);
    // The 70 min of rehearsal and wait are no part of it; what is spare is rounded up to a tenth of a minute.
    expect(Number(schedule?.ready.value) - (answer.before - 70)).toBeGreaterThanOrEqual(0);
    expect(Number(schedule?.ready.value) - (answer.before - 70)).toBeLessThan(0.1 + 1e-9);
  });

  it('waits for what somebody has fixed, and takes longer with fewer people', async () => {
    const work = { workone001: { order: '1', task: 'power', people: [], notBefore: 60 } };
    const fixed = { ...friday, plan: { ...friday.plan, schedule: { spare: 0, share: 90, work } } };
    const { answer } = await asked(fixed);
    expect(answer.work.find(({ key }) => key === 'power')?.begins).toBe(60);
    const { assignlead } = friday.plan.assignments ?? {};
    const alone = { ...friday, plan: { ...friday.plan, ...(assignlead && { assignments: { assignlead } }) } };
    const one = await asked(alone);
    const sum = one.answer.work.reduce((all, { minutes }) => all + minutes, 0);
    expect(one.objectives[0]).toMatchObject({ value: sum, bound: sum });
    expect(one.answer.add[0]?.wins).toBeGreaterThan(10);
    expect(one.answer.unknown.join()).toContain('it takes two');
  });

  it('has nobody to do it where nobody is on a role', async () => {
    const { answer, offers } = await asked({ ...friday, plan: { ...friday.plan, assignments: {} } });
    expect([answer.work, offers]).toEqual([[], []]);
  });

  it.each([[{ share: 49 }], [{ draws: 10 }], [{ seconds: 0 }], [{ other: 1 }]])('refuses %j', options => {
    const command = SEARCHES.schedule;
    expect(command && optionFaults(command, options)).toHaveLength(1);
  });
});
