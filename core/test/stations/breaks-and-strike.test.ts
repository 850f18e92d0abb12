/** The longest time without a break, with breaks of everybody by hand; and the strike in an accepted schedule. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Break, Bundle, Phase, RunningItem } from '../../src/documents/index.js';
import { numberOf } from '../../src/foundations/index.js';
import { scheduled } from '../scheduled.js';
import { friday } from './edited.js';

/** Asked for 250 min before the start: rigging 120, checks 30, rehearsal 60, doors 40; live 30, struck in 20. */
const PHASES: readonly (readonly [Phase, number])[] = [
  ['rig', 120],
  ['check', 30],
  ['rehearse', 60],
  ['wait', 40],
  ['live', 30],
  ['strike', 20],
];
const runningOrder = Object.fromEntries(
  PHASES.map(([phase, minutes], i): [string, RunningItem] => [
    `itemofday${i}`,
    { order: String(i + 1), label: phase, phase, minutes },
  ]),
);

function hoursWith(...breaks: readonly Pick<Break, 'minutes' | 'at'>[]): number | undefined {
  const own = Object.fromEntries(
    breaks.map((each, i) => [`breakofall${i}`, { ...each, order: String(i + 1), label: 'Meal' }]),
  );
  return numberOf(assess({ ...friday, plan: { ...friday.plan, runningOrder, breaks: own } }).hands.stretch);
}

describe('the longest time without a break', () => {
  it('is until doors where there is none', () => {
    expect(hoursWith()).toBeCloseTo(210 / 60, 9);
  });

  it('is parted where a break lies: before the rehearsal, or before the checks', () => {
    // It ends 150 min after they are asked for, and begins at 120.
    expect(hoursWith({ minutes: 30, at: 'once everything is checked' })).toBeCloseTo(120 / 60, 9);
    // It lies from 90 to 120; from there to doors are 90 again.
    expect(hoursWith({ minutes: 30, at: 'once everything is rigged' })).toBeCloseTo(90 / 60, 9);
    expect(
      hoursWith(
        { minutes: 40, at: 'once everything is rigged' },
        { minutes: 20, at: 'once everything is checked' },
      ),
    ).toBeCloseTo(80 / 60, 9);
  });

  it('is parted by twenty minutes, and by no less', () => {
    expect(hoursWith({ minutes: 20, at: 'once everything is checked' })).toBeCloseTo(130 / 60, 9);
    expect(hoursWith({ minutes: 19, at: 'once everything is checked' })).toBeCloseTo(210 / 60, 9);
  });
});

describe('the strike in an accepted schedule', () => {
  const bundle = scheduled(friday);
  const struckWith = ({ plan, ...rest }: Bundle, people: string[]) => {
    const strike = { workdown01: { order: '1', task: 'strike rig camwide01', people } };
    return assess({ ...rest, plan: { ...plan, schedule: { spare: 15, share: 90, work: {}, strike } } });
  };

  it('takes half of what setting up does, and leaves out the rest, which is told', () => {
    const { hands, snags } = assess(bundle);
    expect(numberOf(hands.struck?.tasks['strike rig camwide01']?.ends)).toBe(6);
    expect(numberOf(hands.struck?.left)).toBe(Object.keys(hands.strike).length - 1);
    expect(hands.struck?.ready.value).toBeNull();
    const old = snags.filter(({ rule }) => rule === 'hands.schedule-old');
    expect(old).toHaveLength(1);
    expect(old[0]?.because.map(String)).toEqual(['hands.schedule.left', 'hands.struck.left']);
  });

  it('is nobody’s where somebody is not on a role any more, and none where none was accepted', () => {
    expect(struckWith(bundle, ['petralund1']).hands.struck?.tasks).toHaveProperty('strike rig camwide01');
    expect(struckWith(bundle, ['petralund1', 'nobodyhere']).hands.struck?.tasks).toEqual({});
    expect(assess(friday).hands.struck).toBeUndefined();
  });
});
