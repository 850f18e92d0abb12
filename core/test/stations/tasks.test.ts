/** Work before the rehearsal: what there is of it, what waits for what, and a settled schedule of it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { numberOf, pick } from '../../src/foundations/index.js';
import { beginsOf, slackOf, waitsOf, type Placed } from '../../src/stations/hands/tasks/sequence.js';
import { EIGHTEEN } from '../eighteen/all.js';
import { staged } from '../eighteen/stage.js';
import { EVENTS } from '../events.js';
import { friday } from './edited.js';

const tasksIn = (bundle: Bundle) => assess(bundle).hands.tasks;
const minutesOf = (bundle: Bundle, key: string): number | undefined => numberOf(tasksIn(bundle)[key]?.usual);

describe('the work of Friday', () => {
  const tasks = tasksIn(friday);

  it('takes as long as by hand', () => {
    // Two operated cameras and a locked one.
    expect(['camwide01', 'camside01', 'camnorth1'].map(id => minutesOf(friday, `rig ${id}`))).toEqual([
      12, 12, 8,
    ]);
    // The router’s line, 16.25 m, beside that of the third camera, 13.06 m, for 12.69 m: 16.62 m of tape at 4 m/min.
    expect(minutesOf(friday, 'lay linkline1')).toBeCloseTo((16.2527 + 13.0586 - 12.6865) / 4, 3);
    // Nine leads stay in the rack, six arrive there; 2 min each.
    expect(minutesOf(friday, 'wire deskrack1')).toBe(18);
    expect(minutesOf(friday, 'connect deskrack1')).toBe(12);
  });

  it('lays a lead before it is plugged in, and proves each source before what is made of them', () => {
    const before = (key: string): ReadonlySet<string> => {
      const all = new Set<string>();
      const put = (each: string): void => tasks[each]?.after.forEach(first => (all.add(first), put(first)));
      put(key);
      return all;
    };
    expect(before('connect deskrack1')).toEqual(
      new Set([
        ...['rig camwide01', 'rig camnorth1', 'rig camside01'],
        ...['lay linkline1', 'lay linknort1', 'lay linkwide1', 'lay feedstrip'],
      ]),
    );
    expect(before('set camwide01').has('power')).toBe(true);
    const stream = before('private stream');
    for (const key of Object.keys(tasks))
      if (key !== 'private stream' && key !== 'record test') expect(stream.has(key), key).toBe(true);
  });

  it('has no carrying while the way was not surveyed, and pieces of it for several people once it was', () => {
    expect(Object.keys(tasks).some(key => key.startsWith('carry'))).toBe(false);
    const facts = { ...friday.venue.facts, way: { distance: 100, steps: 0, doors: 0 } };
    const surveyed = { ...friday, venue: { ...friday.venue, facts } };
    const { hands, pack } = assess(surveyed);
    const pieces = Object.entries(hands.tasks).filter(([key]) => key.startsWith('carry'));
    // 8 trips of 230 s: 30.7 min, in pieces of about 8.
    expect(pieces).toHaveLength(4);
    const sum = pieces.reduce((all, [, { usual }]) => all + (numberOf(usual) ?? 0), 0);
    expect(sum).toBeCloseTo(numberOf(pack.carried.work) ?? NaN, 9);
    expect(hands.tasks['rig camwide01']?.after).toEqual(pieces.map(([key]) => key));
  });
});

const SET_UPS = EIGHTEEN.map(setUp => [setUp.label, staged(setUp)] as const);

it.each([...EVENTS, ...SET_UPS])('of %s, nothing waits for itself or for what there is not', (_, bundle) => {
  const done = new Set<string>();
  for (const [key, { after, usual, label }] of Object.entries(tasksIn(bundle))) {
    expect(
      after.every(each => done.has(each)),
      key,
    ).toBe(true);
    expect(numberOf(usual), label).toBeGreaterThan(0);
    done.add(key);
  }
});

it('is none where there is nothing, and has a sound check where a stream is wanted', () => {
  const { devices: _devices, links: _links, ...plan } = friday.plan;
  expect(tasksIn({ ...friday, plan })).toEqual({});
  const only = (...outputs: string[]): Bundle => ({
    ...friday,
    plan: { ...friday.plan, outputs: pick(friday.plan.outputs ?? {}, outputs) },
  });
  expect(Object.keys(tasksIn(only('outstream1')))).toContain('sound check');
  expect(Object.keys(tasksIn(only()))).not.toContain('sound check');
});

describe('striking', () => {
  const { strike, tasks, striking, people } = assess(friday).hands;

  it('undoes what was set up the other way round, the power first, in half of the time', () => {
    expect(strike['strike power']).toMatchObject({ label: 'Power down', after: [] });
    expect(strike['strike rig camwide01']?.after).toEqual([
      ...['strike connect camwide01', 'strike connect deskrack1', 'strike power'].sort(),
    ]);
    expect(numberOf(strike['strike rig camwide01']?.usual)).toBe(6);
    const halves = Object.values(tasks).flatMap(({ usual, undone }) =>
      undone ? [(numberOf(usual) ?? NaN) * undone.part] : [],
    );
    const sum = halves.reduce((all, each) => all + each, 0);
    expect(numberOf(striking)).toBeCloseTo(sum / Number(people.value), 9);
  });
});

describe('a settled order', () => {
  const piece = (people: string[], after: number[] = [], more: Partial<Placed> = {}): Placed => ({
    ...{ people, after, ladder: false, notBefore: 0 },
    ...more,
  });

  it('lets everybody do one thing after the other, and the ladder too', () => {
    const pieces = [
      piece(['ann']),
      piece(['ben'], [], { ladder: true }),
      piece(['ann'], [], { ladder: true }),
    ];
    const waits = waitsOf(pieces);
    expect(waits).toEqual([[], [], [0, 1]]);
    expect(beginsOf(waits, [0, 0, 0], [4, 6, 2])).toEqual([0, 0, 6]);
    expect(slackOf(waits, [0, 0, 6], [4, 6, 2])).toEqual([2, 0, 0]);
    expect(beginsOf(waits, [0, 3, 0], [4, 6, 2])).toEqual([0, 3, 9]);
  });

  it('is done no later when one piece may begin as late as its slack says, and later beyond it', () => {
    const places = fc.array(
      fc.record({
        people: fc.subarray(['ann', 'ben', 'cas'], { minLength: 1 }),
        after: fc.array(fc.nat(20), { maxLength: 3 }),
        minutes: fc.integer({ min: 1, max: 30 }),
        ladder: fc.boolean(),
      }),
      { minLength: 1, maxLength: 20 },
    );
    fc.assert(
      fc.property(places, fc.nat(19), (all, which) => {
        const waits = waitsOf(
          all.map(({ people, after, ladder }, i) =>
            piece(
              people,
              after.filter(each => each < i),
              { ladder },
            ),
          ),
        );
        const minutes = all.map(each => each.minutes);
        const none = all.map(() => 0);
        const ends = (begins: readonly number[]): number =>
          Math.max(...begins.map((begin, i) => begin + (minutes[i] ?? 0)));
        const begins = beginsOf(waits, none, minutes);
        const slack = slackOf(waits, begins, minutes);
        const i = which % all.length;
        const held = (later: number): number =>
          ends(beginsOf(waits, none.with(i, (begins[i] ?? 0) + later), minutes));
        expect(held(slack[i] ?? 0)).toBe(ends(begins));
        expect(held((slack[i] ?? 0) + 1)).toBe(ends(begins) + 1);
      }),
    );
  });
});

describe('an accepted schedule', () => {
  const work = (tasks: readonly (readonly [task: string, person: string, notBefore?: number])[]) =>
    Object.fromEntries(
      tasks.map(([task, person, notBefore], i) => [
        `worktest${i + 10}`,
        { order: `${i + 10}`, task, people: [person], ...(notBefore !== undefined && { notBefore }) },
      ]),
    );
  const withWork = (...tasks: Parameters<typeof work>[0]): Bundle => ({
    ...friday,
    plan: { ...friday.plan, schedule: { spare: 15, share: 90, work: work(tasks) } },
  });

  it('goes by the durations of the design as it is now, and by what somebody has fixed', () => {
    const { schedule } = assess(
      withWork(
        ['rig camwide01', 'petralund1', 5],
        ['rig camnorth1', 'petralund1'],
        ['rig camside01', 'wilfokonjo'],
      ),
    ).hands;
    const at = (key: string) => [schedule?.tasks[key]?.begins.value, schedule?.tasks[key]?.ends.value];
    expect(['rig camwide01', 'rig camnorth1', 'rig camside01'].map(at)).toEqual([
      [5, 17],
      [17, 25],
      [0, 12],
    ]);
    expect(schedule?.takes.value).toBe(25);
    expect(Object.values(schedule?.tasks ?? {}).map(({ critical, fixed }) => [critical, fixed])).toEqual([
      [true, true],
      [true, false],
      [false, false],
    ]);
  });

  it('puts what comes before first, however it is written, and leaves out what nobody does any more', () => {
    const { schedule, tasks } = assess(
      withWork(['power', 'odilemarsh'], ['rig camwide01', 'petralund1'], ['rig camnorth1', 'benedictam']),
    ).hands;
    expect(Object.keys(schedule?.tasks ?? {})).toEqual(['rig camwide01', 'power']);
    expect(schedule?.tasks.power?.begins.value).toBe(12);
    expect(schedule?.left.value).toBe(Object.keys(tasks).length - 2);
    expect(schedule?.ready.why).toBe('the schedule leaves out some of the work');
  });

  it('calls people as early as it takes, once it is whole', () => {
    const whole = Object.keys(tasksIn(friday)).map(key => [key, 'odilemarsh'] as const);
    const { schedule, call } = assess(withWork(...whole)).hands;
    const ready = numberOf(schedule?.ready) ?? NaN;
    expect(ready).toBeCloseTo((numberOf(schedule?.takes) ?? NaN) + 15, 9);
    // Rehearsal and wait take 70 min; one person alone is slower than the 100 min that are planned.
    expect(Date.parse(String(call.value))).toBeCloseTo(
      Date.parse(friday.plan.start) - (ready + 70) * 60_000,
      -1,
    );
    const halved = assess(withWork(...whole.slice(1))).hands;
    expect(halved.call.value).toBe('2026-12-04T16:40:00.000Z');
  });
});
