/** Who covers what, how a lens tilts, and what else stands in the picture: by hand, from the plan of the demo church. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyPatch, meet, numberOf, squareAround, type Operation } from '../../src/foundations/index.js';
import { between, pointIn } from '../arbitraries.js';

const friday = fridayBundle();
const planned = (...patch: Operation[]): Bundle => ({ ...friday, plan: applyPatch(friday.plan, patch) });
const put = (path: string, value: unknown): Operation => ({ op: 'add', path, value: value as never });
const degrees = (radians: number): number => (radians * 180) / Math.PI;

describe('coverage', () => {
  it('says for each camera what is in the way of a mark, in the order distance, walls, heads, angle', () => {
    const { coverage } = assess(friday).shots;
    const verdicts = Object.entries(coverage.marklecte?.cameras ?? {}).map(([id, { value }]) => [id, value]);
    expect(Object.fromEntries(verdicts)).toEqual({
      camwide01: 'yes',
      camnorth1: 'too far',
      camside01: 'hidden',
    });
    expect(coverage.marklecte?.count.value).toBe(1);
  });

  it('agrees with the shots that are planned: reached and clear is what is covered', () => {
    fc.assert(
      fc.property(pointIn(19, 14), between(1, 3), (at, height) => {
        const bundle = planned(
          put('/devices/camnorth1/place/at', at),
          put('/devices/camnorth1/place/height', height),
        );
        const { shots, coverage } = assess(bundle).shots;
        const shot = shots.shotlecter;
        const over = numberOf(shot?.overStanding) ?? Infinity;
        const able =
          shot?.reached.value === true &&
          shot.sight.value !== 'blocked' &&
          (numberOf(shot.hidden) ?? 0) <= 5 &&
          over >= 0.1 &&
          (numberOf(shot.viewingAngle) ?? 180) <= 60;
        expect(coverage.marklecte?.cameras.camnorth1?.value === 'yes').toBe(able);
      }),
      { numRuns: 60 },
    );
  });
});

describe('the tilt of a lens', () => {
  it('puts the eyes a third from the top', () => {
    const { shots, gear } = assess(friday).shots;
    expect(gear.shotsolois?.share.value).toBe(0);
    const shot = shots.shotsolois;
    const { places, marks } = assess(friday).ground;
    const [lens, eyes] = [numberOf(places.camside01?.elevation), numberOf(marks.marksolo1?.elevation)];
    const [at, mark] = [places.camside01?.at ?? [0, 0], friday.venue.marks?.marksolo1?.at ?? [0, 0]];
    const run = Math.hypot(mark[0] - at[0], mark[1] - at[1]);
    const height = ((numberOf(shot?.frameGiven) ?? 0) * 9) / 16;
    const middle = (eyes ?? 0) - height / 6;
    expect(numberOf(shot?.tilt)).toBeCloseTo(degrees(Math.atan((middle - (lens ?? 0)) / run)), 9);
  });
});

describe('gear in the picture', () => {
  it('takes its width and height of the frame, as projected by hand', () => {
    // C3 stands on the axis of C1, a metre before the tables.
    const { ground } = assess(friday);
    const at = ground.places.camwide01?.at ?? [0, 0];
    const mark = friday.venue.marks?.marktable?.at ?? [0, 0];
    const run = Math.hypot(mark[0] - at[0], mark[1] - at[1]);
    const ahead = run - 1;
    const along = [0, 1].map(i => (at[i] ?? 0) + (((mark[i] ?? 0) - (at[i] ?? 0)) * ahead) / run);
    const bundle = planned(
      put('/devices/camside01/place/at', along),
      put('/devices/camside01/worked', 'locked'),
    );
    const { shots, gear } = assess(bundle).shots;
    const focal = numberOf(shots.shottables?.focal) ?? 0;
    const tilt = ((numberOf(shots.shottables?.tilt) ?? 0) * Math.PI) / 180;
    const [lens, top] = ['camwide01', 'camside01'].map(
      id => numberOf(assess(bundle).ground.places[id]?.elevation) ?? 0,
    );
    const across = 13.2 / 2 / focal;
    const up = (across * 9) / 16;
    const upAt = (z: number): number => Math.tan(Math.atan((z - (lens ?? 0)) / ahead) - tilt);
    const high = Math.min(up, upAt(top ?? 0)) - Math.max(-up, upAt(0));
    const expected = high <= 0 ? 0 : ((0.5 / ahead) * high) / (4 * across * up);
    expect(expected).toBeGreaterThan(0.01);
    expect(numberOf(gear.shottables?.share)).toBeCloseTo(expected * 100, 6);
    expect(gear.shottables?.by[0]?.id).toBe('camside01');
  });
});

describe('two polygons', () => {
  it('meet when any point of a fine grid lies in both, and both ways round', () => {
    fc.assert(
      fc.property(pointIn(4, 4), pointIn(4, 4), between(0.4, 2), between(0.4, 2), (a, b, one, two) => {
        const [left, right] = [squareAround(a, one), squareAround(b, two)];
        // Two squares along the axes meet where both extents do.
        const reach = (one + two) / 2;
        const apart = Math.max(Math.abs(a[0] - b[0]), Math.abs(a[1] - b[1])) - reach;
        fc.pre(Math.abs(apart) > 1e-6);
        expect(meet(left, right)).toBe(apart < 0);
        expect(meet(right, left)).toBe(apart < 0);
      }),
    );
  });
});
