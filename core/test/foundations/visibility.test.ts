/** What can be seen past walls and pillars, against casting rays one by one. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { area, crossing, distanceToSegment, polar, type Point } from '../../src/foundations/geometry.js';
import { chordsFrom, inView, sightAlong, type Segment } from '../../src/foundations/visibility.js';
import { visibleRegion } from '../../src/foundations/visible-region.js';
import { between, pointIn } from '../arbitraries.js';
import { walls } from '../rooms.js';
import { blockingIn, segmentsOf, standing } from '../standing.js';

/** How far a ray goes, by crossing each segment with a long line: another way than the one tested. */
function cast(from: Point, angle: number, segments: readonly Segment[], range: number): number {
  const end = polar(from, angle, range);
  return segments.reduce((far, [a, b]) => Math.min(far, (crossing(from, end, a, b) ?? 1) * range), range);
}

describe('sight along a ray', () => {
  it('ends at the nearest segment, or at the range', () => {
    const wall: Segment = [
      [4, -10],
      [4, 10],
    ];
    expect(sightAlong([0, 0], 0, walls(wall), 50)).toBeCloseTo(4, 12);
    expect(sightAlong([0, 0], 60, walls(wall), 50)).toBeCloseTo(8, 9);
    expect(sightAlong([0, 0], 180, walls(wall), 50)).toBe(50);
    expect(sightAlong([0, 0], 90, walls(wall), 50)).toBe(50);
  });

  it('agrees with crossing every segment', () => {
    fc.assert(
      fc.property(standing, between(-180, 180), (place, angle) => {
        const segments = segmentsOf(place);
        // A corner hit exactly may count for one side or the other: beside it both agree.
        const beside = [angle - 0.01, angle, angle + 0.01].map(each => cast(place.at, each, segments, 60));
        const seen = sightAlong(place.at, angle, blockingIn(place), 60);
        expect(Math.min(...beside) - 0.1).toBeLessThanOrEqual(seen);
        expect(seen).toBeLessThanOrEqual(Math.max(...beside) + 0.1);
      }),
    );
  });
});

/**
 * The area that rays find, from one to the next as a slice; where two neighbours differ by more than a little, the
 * slice is halved again and again, so that the edge of a wall between them costs next to nothing.
 */
function sweptArea(
  [x, y]: Point,
  facing: number,
  spread: number,
  range: number,
  segments: readonly Segment[],
  rays: number,
): number {
  const flat = new Float64Array(
    segments.flatMap(([[ax, ay], [bx, by]]) => [ax - x, ay - y, bx - ax, by - ay]),
  );
  const reach = (angle: number): number => {
    const [dx, dy] = [Math.cos(angle), Math.sin(angle)];
    let far = range;
    for (let k = 0; k < flat.length; k += 4) {
      const ax = flat[k] as number;
      const ay = flat[k + 1] as number;
      const sx = flat[k + 2] as number;
      const sy = flat[k + 3] as number;
      const cross = dx * sy - dy * sx;
      const t = (ax * sy - ay * sx) / cross;
      const u = (ax * dy - ay * dx) / cross;
      if (t > 1e-9 && t < far && u >= 0 && u <= 1) far = t;
    }
    return far;
  };
  const slice = (from: number, to: number, near: number, far: number, halvings: number): number => {
    if (halvings === 0 || Math.abs(near - far) < 0.02) return ((near ** 2 + far ** 2) / 4) * (to - from);
    const middle = (from + to) / 2;
    const there = reach(middle);
    return slice(from, middle, near, there, halvings - 1) + slice(middle, to, there, far, halvings - 1);
  };
  const angleOf = (ray: number): number => ((facing - spread / 2 + (ray / rays) * spread) * Math.PI) / 180;
  let swept = 0;
  let before = reach(angleOf(0));
  for (let ray = 1; ray <= rays; ray++) {
    const next = reach(angleOf(ray));
    swept += slice(angleOf(ray - 1), angleOf(ray), before, next, 10);
    before = next;
  }
  return swept;
}

describe('the chord of a circle', () => {
  it('hides from a point what the circle hides from it', () => {
    fc.assert(
      fc.property(
        pointIn(10, 10),
        pointIn(10, 10),
        pointIn(10, 10),
        between(0.1, 3),
        (from, to, at, radius) => {
          const away = (point: Point) => Math.hypot(point[0] - at[0], point[1] - at[1]);
          fc.pre(away(from) > radius + 0.01 && away(to) > radius + 0.01);
          const off = distanceToSegment(at, from, to) - radius;
          fc.pre(Math.abs(off) > 1e-6);
          const [chord] = chordsFrom(from, [{ at, radius }]);
          if (!chord) throw new Error('no chord');
          expect(crossing(from, to, ...chord) !== undefined).toBe(off < 0);
        },
      ),
    );
  });

  it('is none for who stands in it', () => {
    expect(chordsFrom([1, 0], [{ at: [0, 0], radius: 1 }])).toEqual([]);
    expect(chordsFrom([1.01, 0], [{ at: [0, 0], radius: 1 }])).toHaveLength(1);
  });
});

describe('a circle in the way of a ray', () => {
  const see = (from: Point, degrees: number) =>
    sightAlong(from, degrees, { segments: [], circles: [{ at: [5, 0], radius: 1 }] }, 50);

  it('ends it where it is met, or where it is left from within', () => {
    expect(see([0, 0], 0)).toBeCloseTo(4, 12);
    expect(see([0, 0.6], 0)).toBeCloseTo(4.2, 12);
    expect(see([0, 0], 180)).toBe(50);
    expect(see([5, 0], 0)).toBeCloseTo(1, 12);
    // It is touched at asin(1 / 5) = 11.54°.
    expect(see([0, 0], 11.5)).toBeLessThan(5);
    expect(see([0, 0], 11.6)).toBe(50);
  });
});

describe('the visible region', () => {
  it('has the area that dense rays find, within a thousandth, in 500 rooms', () => {
    fc.assert(
      fc.property(
        standing,
        between(-180, 180),
        between(5, 360),
        between(3, 60),
        (place, facing, spread, range) => {
          // Of a round pillar its chord hides what lies behind it, and its front is seen as far as that.
          const { segments, circles } = blockingIn(place);
          const pieces = [...segments, ...chordsFrom(place.at, circles)];
          const swept = sweptArea(place.at, facing, spread, range, pieces, 4000);
          const found = area(visibleRegion(place.at, facing, spread, range, { segments, circles }));
          expect(Math.abs(found - swept)).toBeLessThan(Math.max(0.01, swept * 0.001));
        },
      ),
      { numRuns: 500, endOnFailure: true },
    );
  });

  it('is the same among up to 150 walls that cross one another', () => {
    const short = fc
      .tuple(pointIn(12, 12), between(-2, 2), between(-2, 2))
      .map(([[x, y], dx, dy]): Segment => [
        [x, y],
        [x + dx, y + dy],
      ]);
    const long = fc.tuple(pointIn(12, 12), pointIn(12, 12));
    const crossed = fc
      .tuple(fc.array(long, { maxLength: 20 }), fc.array(short, { minLength: 2, maxLength: 130 }))
      .map(([some, others]): Segment[] => [...some, ...others]);
    fc.assert(
      fc.property(crossed, between(0, 359), between(20, 340), (segments, facing, spread) => {
        const at: Point = [5.987, 6.013];
        fc.pre(segments.every(([a, b]) => distanceToSegment(at, a, b) > 0.05));
        const swept = sweptArea(at, facing, spread, 20, segments, 8000);
        const found = area(visibleRegion(at, facing, spread, 20, walls(...segments)));
        expect(Math.abs(found - swept)).toBeLessThan(Math.max(0.02, swept * 0.002));
      }),
      { numRuns: 100, endOnFailure: true },
    );
  });

  it('comes to an end among walls that lie on one another, or nearly', () => {
    const wall = fc.tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 6 }), fc.boolean());
    const slip = fc.constantFrom(0, 1e-15, 1e-13, 1e-11, 1e-9);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(wall, slip, slip), { minLength: 2, maxLength: 60 }),
        pointIn(6, 6),
        between(-180, 180),
        between(10, 360),
        (lying, at, facing, spread) => {
          const segments = lying.map(([[x, y, along], one, two]): Segment => {
            const end: Point = along ? [x + 3, y + two] : [x + two, y + 3];
            return [[x + one, y - one], end];
          });
          fc.pre(segments.every(([a, b]) => distanceToSegment(at, a, b) > 0.01));
          const region = visibleRegion(at, facing, spread, 20, walls(...segments));
          expect(region.length).toBeLessThan(10 * segments.length + 400);
          expect(region.flat().every(Number.isFinite)).toBe(true);
          const swept = sweptArea(at, facing, spread, 20, segments, 4000);
          expect(Math.abs(area(region) - swept)).toBeLessThan(Math.max(0.05, swept * 0.01));
        },
      ),
      { numRuns: 400, endOnFailure: true },
    );
  });

  it('stays inside the angle of view', () => {
    fc.assert(
      fc.property(standing, between(5, 120), (place, spread) => {
        for (const corner of visibleRegion(place.at, 30, spread, 60, blockingIn(place)).slice(1)) {
          const away = Math.hypot(corner[0] - place.at[0], corner[1] - place.at[1]);
          if (away < 1e-6) continue;
          const angle = (Math.atan2(corner[1] - place.at[1], corner[0] - place.at[0]) * 180) / Math.PI;
          expect(inView(30, spread + 0.001, angle)).toBe(true);
        }
      }),
    );
  });
});
