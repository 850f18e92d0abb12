/**
 * The revised NIOSH lifting equation against exact arithmetic of its own: fractions of whole numbers in centimetres, as
 * the manual states it; published examples are rounded, and no help to the millionth.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { constant } from '../../src/foundations/index.js';
import {
  atStart,
  couplingOf,
  frequencyOf,
  liftTerms,
  reachOf,
} from '../../src/stations/pack/lifting/niosh.js';
import { friday, number, set } from './edited.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';

/** A lift in whole centimetres, degrees and hundredths of the multipliers. */
interface Whole {
  readonly mass: number;
  readonly h: number;
  readonly v: number;
  readonly d: number;
  readonly a: number;
  readonly fm: number;
  readonly cm: number;
}

/** RWL as a fraction of two whole numbers, divided at the last: no rounding on the way. */
function exactly({ mass, h, v, d, a, fm, cm }: Whole): number {
  if (h > 63 || v > 175 || d > 175 || a > 135) return 0;
  const reach = BigInt(Math.max(h, 25));
  const way = BigInt(Math.max(d, 25));
  // 25/h · (1000 − 3·|v − 75|)/1000 · (82·d + 450)/(100·d) · (10000 − 32·a)/10000 · fm/100 · cm/100.
  const above =
    BigInt(mass) *
    25n *
    BigInt(1000 - 3 * Math.abs(v - 75)) *
    (82n * way + 450n) *
    BigInt(10000 - 32 * a) *
    BigInt(fm) *
    BigInt(cm);
  const below = reach * 1000n * 100n * way * 10000n * 100n * 100n;
  return Number((above * 10n ** 15n) / below) / 1e15;
}

const reckoned = ({ mass, h, v, d, a, fm, cm }: Whole): number | undefined =>
  number(
    atStart.calc(
      ['case', 'lift'],
      liftTerms({
        mass: constant('mass', mass, 'kg', 'test'),
        ...{ reach: h / 100, hands: v / 100, way: d / 100, turn: a },
        ...{ frequency: fm / 100, coupling: cm / 100 },
      }),
    ),
  );

const lift = (mass: number, h: number, v: number, d: number, a: number, fm: number, cm: number): Whole => ({
  ...{ mass, h, v, d, a, fm, cm },
});

const LIFTS: readonly Whole[] = [
  lift(23, 45, 20, 55, 0, 100, 100),
  lift(23, 25, 75, 25, 0, 100, 100),
  lift(23, 20, 75, 10, 0, 100, 100),
  lift(23, 63, 0, 70, 0, 100, 90),
  lift(23, 64, 0, 70, 0, 100, 90),
  lift(15, 51, 13, 65, 0, 97, 95),
  lift(15, 46, 78, 65, 0, 97, 100),
  lift(15, 51, 13, 175, 0, 97, 95),
  lift(15, 51, 13, 176, 0, 97, 95),
  lift(23, 25, 175, 25, 0, 100, 100),
  lift(23, 25, 176, 25, 0, 100, 100),
  lift(23, 30, 100, 40, 135, 94, 100),
  lift(23, 30, 100, 40, 136, 94, 100),
  lift(23, 58, 36, 36, 45, 91, 95),
  lift(23, 53, 160, 150, 90, 50, 90),
  lift(10, 33, 60, 26, 10, 88, 100),
  lift(10, 47, 25, 24, 30, 84, 95),
  lift(12, 38, 24, 25, 0, 80, 90),
  lift(18, 41, 74, 99, 60, 75, 95),
  lift(20, 25, 0, 30, 0, 60, 100),
  lift(21, 60, 110, 44, 20, 72, 90),
  lift(22, 55, 140, 80, 5, 79, 100),
  lift(23, 62, 33, 174, 134, 92, 95),
  lift(7, 29, 51, 61, 15, 95, 100),
  lift(9, 35, 88, 27, 0, 100, 90),
  lift(11, 43, 19, 102, 75, 84, 90),
  lift(13, 26, 76, 33, 33, 88, 95),
  lift(16, 49, 9, 56, 0, 97, 100),
  lift(17, 57, 65, 120, 100, 70, 95),
  lift(19, 31, 150, 47, 1, 100, 100),
];

describe('the recommended weight', () => {
  it.each(LIFTS)('of $mass kg, H $h, V $v, D $d cm, A $a°, FM 0.$fm, CM 0.$cm', each => {
    expect(Math.abs((reckoned(each) ?? NaN) - exactly(each))).toBeLessThan(1e-9);
  });

  it('is that of the example: 9.6 kg for a case 40 cm deep from 20 cm up to a table', () => {
    expect(reckoned(lift(23, 45, 20, 55, 0, 100, 100))).toBeCloseTo(
      23 * (25 / 45) * 0.835 * (0.82 + 4.5 / 55),
      9,
    );
    expect(Math.round(10 * (reckoned(lift(23, 45, 20, 55, 0, 100, 100)) ?? 0)) / 10).toBe(9.6);
  });

  it('agrees with whole numbers everywhere', () => {
    const whole = (min: number, max: number) => fc.integer({ min, max });
    fc.assert(
      fc.property(
        fc.record({
          ...{ mass: whole(1, 23), h: whole(10, 70), v: whole(0, 180), d: whole(0, 180) },
          ...{ a: whole(0, 140), fm: whole(50, 100), cm: whole(90, 100) },
        }),
        each => {
          expect(Math.abs((reckoned(each) ?? NaN) - exactly(each))).toBeLessThan(1e-6);
        },
      ),
    );
  });
});

describe('its multipliers', () => {
  it('of frequency are those of the table, linear between, unknown beyond', () => {
    expect([0, 0.2, 0.5, 1, 6].map(each => frequencyOf(each, 60))).toEqual([1, 1, 0.97, 0.94, 0.75]);
    expect([0.2, 2, 5].map(each => frequencyOf(each, 61))).toEqual([0.95, 0.84, 0.6]);
    expect(frequencyOf(1.5, 30)).toBeCloseTo((0.94 + 0.91) / 2, 12);
    expect([frequencyOf(6.01, 30), frequencyOf(1, 121)]).toEqual([undefined, undefined]);
  });

  it('of coupling and reach go by where the hands are', () => {
    expect([couplingOf('fair', 0.74), couplingOf('fair', 0.75), couplingOf('poor', 1)]).toEqual([
      0.95, 1, 0.9,
    ]);
    expect([reachOf(0.4, 0.24), reachOf(0.4, 0.25)]).toEqual([0.45, 0.4]);
  });
});

describe('a case of the plan', () => {
  const lifted = (...patch: Operation[]) => {
    const { cases } = assess({ ...friday, plan: applyPatch(friday.plan, patch) }).pack;
    const own = cases.deskrack1;
    if (!own) throw new Error('the rack is a case');
    return own;
  };

  it('is weighed with all that is in it, and lifted from the floor by its own size', () => {
    const own = lifted();
    expect(number(own.weight)).toBeCloseTo(16.1, 9);
    // 540 × 520 × 260 mm: hands 13 cm above its foot, 25 + 26 cm from the ankles, then 78 cm and 20 + 26 cm.
    const start = exactly(lift(15, 51, 13, 65, 0, 97, 100));
    const end = exactly(lift(15, 46, 78, 65, 0, 97, 100));
    expect(number(own.lifts.boot.recommended)).toBeCloseTo(Math.min(start, end), 9);
    expect(number(own.lifts.boot.index)).toBeCloseTo(16.1 / Math.min(start, end), 9);
    expect(own.people.value).toBe(2);
  });

  it('in another case is weighed with that, with all that it holds', () => {
    const outer = { order: 'zz', label: 'OUTER', kind: 'rackcas12', place: { at: [5, 12] } };
    const plan = applyPatch(friday.plan, [
      set('/devices/outercase', outer),
      set('/devices/deskrack1/place', { inside: 'outercase' }),
      set('/packed', {}),
    ]);
    expect(number(assess({ ...friday, plan }).pack.cases.outercase?.weight)).toBeCloseTo(16 + 18, 9);
  });

  it('is no more than two thirds of two, and half of three', () => {
    const left = (lifters: number) => number(lifted(set('/devices/deskrack1/lifters', lifters)).left);
    expect(left(2)).toBeCloseTo(20 - 16.1, 9);
    expect(left(3)).toBeCloseTo(22.5 - 16.1, 9);
    expect(lifted(set('/devices/deskrack1/lifters', 1)).left).toBeUndefined();
  });
});

/** 40 m over a hard floor and up a ramp, through two doors. */
const WAY = { distance: 40, steps: 0, doors: 2, width: 0.95, height: 2.1, slope: 8, floor: 'hard' };
const wayIn = (...venue: Operation[]) => applyPatch(friday.venue, [set('/facts/way', WAY), ...venue]);

describe('those who lift a case', () => {
  const assessed = (
    plan: readonly Operation[],
    venue: readonly Operation[] = [],
    hands: readonly Operation[] = [],
  ) => {
    const { pack } = assess({
      ...friday,
      plan: applyPatch(friday.plan, plan),
      venue: wayIn(...venue),
      hands: applyPatch(friday.hands, hands),
    });
    const { deskrack1: own } = pack.cases;
    if (!own) throw new Error('the rack is a case');
    return { own, carried: pack.carried };
  };
  const by = (...names: string[]): Operation => set('/devices/deskrack1/liftedBy', names);

  it('are counted by what each of them stated; one under 18 lifts no more than 10 kg', () => {
    // Callum 23, Wilf 20 kg: two thirds of 43.
    expect(number(assessed([by('callumdrey', 'wilfokonjo')]).own.left)).toBeCloseTo((2 / 3) * 43 - 16.1, 9);
    const young = assessed([by('callumdrey', 'benedictam')], [], [set('/people/benedictam/lift', 20)]).own;
    expect(number(young.left)).toBeCloseTo((2 / 3) * 33 - 16.1, 9);
    expect(number(young.lifters.benedictam?.left)).toBeCloseTo(10 - 16.1 / 2, 9);
    // The third is somebody of whom nothing is known.
    const third = assessed([by('callumdrey', 'wilfokonjo'), set('/devices/deskrack1/lifters', 3)]).own;
    expect(number(third.left)).toBeCloseTo((23 + 20 + 15) / 2 - 16.1, 9);
  });

  it('alone by the equation with what they stated in place of 23 kg', () => {
    const { own } = assessed([by('callumdrey')]);
    const [start, end] = [lift(23, 51, 13, 65, 0, 97, 100), lift(23, 46, 78, 65, 0, 97, 100)];
    expect(number(own.lifts.boot.recommended)).toBeCloseTo(Math.min(exactly(start), exactly(end)), 9);
  });

  it('who are gone from the house count as nobody who is named', () => {
    const { own } = assessed([by('callumdrey', 'nobodyhere'), set('/devices/deskrack1/lifters', 2)]);
    expect(number(own.left)).toBeCloseTo((2 / 3) * 38 - 16.1, 9);
    expect(Object.keys(own.lifters)).toEqual(['callumdrey']);
  });

  it('carry 70 % of it where the way in has steps', () => {
    const steps = set('/facts/way/steps', 3);
    expect(number(assessed([set('/devices/deskrack1/lifters', 2)], [steps]).own.stairsLeft)).toBeCloseTo(
      0.7 * 20 - 16.1,
      9,
    );
    expect(assessed([]).own.stairsPeople).toBeUndefined();
  });
});
