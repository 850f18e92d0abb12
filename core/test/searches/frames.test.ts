/** Frames that a locked camera takes several shots from, by hand: edges, focal lengths, what they hold. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { frameAsSet, framesOf } from '../../src/searches/placement/frames.js';
import type { WantedShot } from '../../src/searches/placement/demands.js';
import type { Spot } from '../../src/searches/placement/places.js';
import type { Lens, Outlook } from '../../src/stations/shots/appraisal.js';
import { polar, type Point } from '../../src/foundations/index.js';
import { between } from '../arbitraries.js';

const DEGREES = 180 / Math.PI;
const SENSOR = 20;
const HERE: Spot = { at: [0, 0], level: undefined, floor: 0 };
/** Eyes and lens at one height. */
const HEIGHT = 1.5;

interface Wish {
  /** Where it is, degrees, and how far away, m. */
  readonly towards: number;
  readonly away: number;
  readonly wanted: number;
  readonly hidden?: boolean;
  readonly eyes?: number;
}

const shotOf = ({ towards, away, wanted, eyes = HEIGHT }: Wish): WantedShot =>
  ({ subject: { mark: { at: polar([0, 0], towards, away) }, eyes, wanted } }) as unknown as WantedShot;
const viewOf = ({ away, wanted, hidden = false }: Wish): Outlook =>
  ({ run: away, wanted, hidden: { share: hidden ? 1 : 0, middle: hidden, by: [] } }) as unknown as Outlook;
const lensOf = (focalMin: number, focalMax: number, crop?: number): Lens =>
  ({ optics: { sensorWidth: SENSOR, focalMin, focalMax, ...(crop && { crop }) } }) as unknown as Lens;

const ZOOM = lensOf(1, 1000);
const frames = (wishes: readonly Wish[], lens = ZOOM, may = wishes.map(() => true), at: Spot = HERE) =>
  framesOf(at, HEIGHT, wishes.map(viewOf), lens, wishes.map(shotOf), may);

/** Half the angle of a subject 10 m away and 2 m wide: atan(1/10) = 5.7106°. */
const HALF = Math.atan(0.1) * DEGREES;
const side = (degrees: number, more: Partial<Wish> = {}): Wish => ({
  towards: degrees,
  away: 10,
  wanted: 2,
  ...more,
});

describe('the tightest frame of two shots', () => {
  it('goes from the left edge of one to the right edge of the other', () => {
    const [frame, ...more] = frames([side(-5), side(5)]);
    expect(more).toEqual([]);
    expect(frame?.aim).toBeCloseTo(0, 9);
    // Half the frame is 5° + atan(0.1) = 10.7106°; 20/2 / tan = 52.87 mm.
    const half = (5 + HALF) / DEGREES;
    expect(frame?.focal).toBeCloseTo(SENSOR / 2 / Math.tan(half), 9);
    expect(frame?.focal).toBeCloseTo(52.87, 2);
    expect(frame?.shots).toEqual([0, 1]);
    // Each alone asks for 20 · 10 / 2 = 100 mm, so each is taken 1.89 times as wide as it is wanted.
    expect(frame?.shares[0]).toBeCloseTo(52.87 / 100, 4);
  });

  it('points between the two edges, not between the marks', () => {
    const [frame] = frames([side(-3), side(4, { wanted: 4 })]);
    const wide = Math.atan(0.2) * DEGREES;
    expect(frame?.aim).toBeCloseTo((-3 - HALF + (4 + wide)) / 2, 9);
  });

  it('is the same over the turn from 180° to −180°', () => {
    const [frame] = frames([side(175), side(-175)]);
    expect(Math.abs(frame?.aim ?? 0)).toBeCloseTo(180, 9);
    expect(frame?.focal).toBeCloseTo(52.87, 2);
  });

  it('is of a cropped sensor as much tighter', () => {
    const [frame] = frames([side(-5), side(5)], lensOf(1, 1000, 2));
    expect(frame?.focal).toBeCloseTo(52.87 / 2, 2);
  });

  it('of one within the other is that of the other', () => {
    const [frame] = frames([side(0, { wanted: 4 }), side(1)]);
    expect(frame?.aim).toBeCloseTo(0, 9);
    expect(frame?.focal).toBeCloseTo(50, 9);
    expect(frame?.shares).toEqual([1, 0.5]);
  });
});

describe('how loosely a shot may be taken', () => {
  it('is 2.2 times as wide as it is wanted, and no wider', () => {
    // Alone 100 mm: the frame may go down to 100 / 2.2 = 45.4545 mm, half of it atan(10 / 45.4545) = 12.407°.
    const most = Math.atan((SENSOR / 2) * (2.2 / 100)) * DEGREES - HALF;
    expect(frames([side(-most + 0.001), side(most - 0.001)])).toHaveLength(1);
    expect(frames([side(-most - 0.001), side(most + 0.001)])).toEqual([]);
  });

  it('leaves out a tighter shot that lies between two wide ones', () => {
    const [frame] = frames([side(-12, { wanted: 4 }), side(0, { wanted: 1 }), side(12, { wanted: 4 })]);
    expect(frame?.shots).toEqual([0, 2]);
  });
});

describe('how far the lens goes', () => {
  const [tightest] = frames([side(-5), side(5)]);
  const focal = tightest?.focal ?? NaN;
  it('at its wide end', () => {
    expect(frames([side(-5), side(5)], lensOf(focal - 1e-6, 1000))).toHaveLength(1);
    expect(frames([side(-5), side(5)], lensOf(focal + 1e-6, 1000))).toEqual([]);
  });

  it('at its long end it gives a wider frame', () => {
    const [frame] = frames([side(-5), side(5)], lensOf(1, 50));
    expect(frame?.focal).toBeCloseTo(50, 9);
    expect(frame?.shares).toEqual([0.5, 0.5]);
    // Below 100 / 2.2 mm neither would be the shot that is wanted.
    expect(frames([side(-5), side(5)], lensOf(1, 45.46))).toHaveLength(1);
    expect(frames([side(-5), side(5)], lensOf(1, 45.45))).toEqual([]);
  });
});

describe('heights', () => {
  it('make a frame wider where the shots lie above one another', () => {
    // Eyes level with the lens: the frame of 2 m by 1.125 m goes from 0.75 m below the eyes to 0.375 m above.
    // The other has its eyes 3 m higher: its top is at atan(3.375/10) = 18.65°, the lowest at atan(−0.75/10) = −4.29°.
    const [frame] = frames([side(-5, { wanted: 6 }), side(5, { wanted: 6, eyes: HEIGHT + 3 })]);
    const tall = (6 * 9) / 16;
    const low = Math.atan(((-2 / 3) * tall) / 10);
    const high = Math.atan((3 + tall / 3) / 10);
    const up = Math.tan((high - low) / 2);
    const across = Math.tan((5 + Math.atan(0.3) * DEGREES) / DEGREES);
    expect((up * 16) / 9).toBeGreaterThan(across);
    expect(frame?.focal).toBeCloseTo(SENSOR / 2 / ((up * 16) / 9), 9);
  });

  it('count from the floor that the camera stands on', () => {
    // Slanting down 1 m at 10 m a subject is √101 m away: it asks for 20 · 10.0499 / 2 = 100.5 mm alone.
    const [frame] = frames([side(-5), side(5)], ZOOM, [true, true], { ...HERE, floor: 1 });
    const half = (5 + Math.atan(1 / Math.sqrt(101)) * DEGREES) / DEGREES;
    expect(frame?.focal).toBeCloseTo(SENSOR / 2 / Math.tan(half), 9);
    expect(frame?.shares[0]).toBeCloseTo((frame?.focal ?? 0) / (10 * Math.sqrt(101)), 9);
  });
});

describe('what is no part of a frame', () => {
  it('is a shot that cannot be had from there, is hidden, or stands right before the lens', () => {
    expect(frames([side(-5), side(5)], ZOOM, [true, false])).toEqual([]);
    expect(frames([side(-5), side(5, { hidden: true })])).toEqual([]);
    expect(
      frames([side(-5, { wanted: 0.05, away: 0.2 }), side(-5, { wanted: 0.05, away: 0.2 })]),
    ).not.toEqual([]);
    expect(frames([side(-5, { wanted: 0.05, away: 0.19 }), side(-5, { wanted: 0.05, away: 0.19 })])).toEqual(
      [],
    );
  });

  it('is what lies more than 120° across', () => {
    const wide = (degrees: number): Wish => side(degrees, { wanted: 20 });
    const most = 60 - 45;
    expect(frames([wide(-most + 0.001), wide(most - 0.001)], lensOf(0.1, 1000))).toHaveLength(1);
    expect(frames([wide(-most - 0.001), wide(most + 0.001)], lensOf(0.1, 1000))).toEqual([]);
  });

  it('is a frame of one shot', () => {
    expect(frames([side(0)])).toEqual([]);
    expect(frames([side(-60), side(60)])).toEqual([]);
  });
});

describe('many shots', () => {
  it('give each set of them once, in its tightest frame', () => {
    const found = frames([side(-5), side(0), side(5)]);
    expect(found.map(({ shots }) => shots.join())).toEqual(expect.arrayContaining(['0,1', '0,1,2', '1,2']));
    expect(new Set(found.map(({ shots }) => shots.join())).size).toBe(found.length);
    const all = found.find(({ shots }) => shots.length === 3);
    expect(all?.focal).toBeCloseTo(52.87, 2);
  });

  it('lie within the frames they are said to lie in, as they would be were the camera set so', () => {
    const wish = fc.record({
      towards: between(-40, 40),
      away: between(5, 15),
      wanted: between(1, 5),
    });
    fc.assert(
      fc.property(fc.array(wish, { minLength: 2, maxLength: 5 }), wishes => {
        for (const { aim, focal, shots, shares } of frames(wishes)) {
          const half = Math.atan(SENSOR / 2 / focal) * DEGREES;
          shots.forEach((shot, i) => {
            const { towards, away, wanted } = wishes[shot] as Wish;
            const own = Math.atan(wanted / 2 / away) * DEGREES;
            expect(Math.abs(towards - aim) + own).toBeLessThan(half + 1e-6);
            const alone = (SENSOR * away) / wanted;
            expect(shares[i]).toBeCloseTo(Math.min(1, focal / alone), 9);
            expect(focal * 2.2).toBeGreaterThan(alone - 1e-6);
          });
          const set = frameAsSet(HERE, HEIGHT, wishes.map(viewOf), ZOOM, wishes.map(shotOf), { aim, focal });
          expect(set.shots).toEqual(expect.arrayContaining([...shots]));
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('a camera that is set already', () => {
  const wishes = [side(-5), side(5), side(40)];
  const asSet = (aim: number, focal: number, lens = ZOOM) =>
    frameAsSet(HERE, HEIGHT, wishes.map(viewOf), lens, wishes.map(shotOf), { aim, focal });
  const edge = SENSOR / 2 / Math.tan((5 + HALF) / DEGREES);

  it('holds what lies in its frame whole', () => {
    expect(asSet(0, edge - 1e-6).shots).toEqual([0, 1]);
    expect(asSet(0, edge + 1e-3).shots).toEqual([]);
    expect(asSet(1, edge).shots).toEqual([1]);
    expect(asSet(0, edge, lensOf(1, 1000, 2)).shots).toEqual([]);
  });

  it('holds nothing that it would take too loosely', () => {
    expect(asSet(0, 45.46).shots).toEqual([0, 1]);
    expect(asSet(0, 45.45).shots).toEqual([]);
  });

  it('tells how wide each is taken', () => {
    expect(asSet(0, 50)).toEqual({ aim: 0, focal: 50, shots: [0, 1], shares: [0.5, 0.5] });
    const far: Point = [0, 0];
    expect(far).toEqual(HERE.at);
  });
});
