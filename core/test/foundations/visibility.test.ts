/** What can be seen past walls and pillars, against casting rays one by one. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  area,
  contains,
  crossing,
  distanceToSegment,
  polar,
  sidesOf,
  type Point,
} from '../../src/foundations/geometry.js';
import { inView, sightAlong, type Segment } from '../../src/foundations/visibility.js';
import { visibleRegion } from '../../src/foundations/visible-region.js';
import { hiddenShare } from '../../src/stations/shots/sight.js';
import { between, pointIn, room, type RoomWithPillars } from '../arbitraries.js';

const segmentsOf = ({ outline, pillars }: RoomWithPillars): Segment[] => [
  ...sidesOf(outline),
  ...pillars.flatMap(({ segments }) => segments),
];

/** A point of the room in no pillar and 0.2 m from everything. */
const standing = room.chain(each =>
  fc
    .tuple(between(0.3, each.width - 0.3), between(0.3, each.depth - 0.3))
    .filter(
      at =>
        each.pillars.every(({ outline }) => !contains(outline, at)) &&
        segmentsOf(each).every(([a, b]) => distanceToSegment(at, a, b) > 0.2),
    )
    .map(at => ({ at, ...each })),
);

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
    expect(sightAlong([0, 0], 0, [wall], 50)).toBeCloseTo(4, 12);
    expect(sightAlong([0, 0], 60, [wall], 50)).toBeCloseTo(8, 9);
    expect(sightAlong([0, 0], 180, [wall], 50)).toBe(50);
    expect(sightAlong([0, 0], 90, [wall], 50)).toBe(50);
  });

  it('agrees with crossing every segment', () => {
    fc.assert(
      fc.property(standing, between(-180, 180), (place, angle) => {
        const segments = segmentsOf(place);
        // A corner hit exactly may count for one side or the other: beside it both agree.
        const beside = [angle - 0.01, angle, angle + 0.01].map(each => cast(place.at, each, segments, 60));
        const seen = sightAlong(place.at, angle, segments, 60);
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

describe('the visible region', () => {
  it('has the area that dense rays find, within a thousandth, in 500 rooms', () => {
    fc.assert(
      fc.property(
        standing,
        between(-180, 180),
        between(5, 360),
        between(3, 60),
        (place, facing, spread, range) => {
          const segments = segmentsOf(place);
          const swept = sweptArea(place.at, facing, spread, range, segments, 4000);
          const found = area(visibleRegion(place.at, facing, spread, range, segments));
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
    const walls = fc
      .tuple(fc.array(long, { maxLength: 20 }), fc.array(short, { minLength: 2, maxLength: 130 }))
      .map(([some, others]): Segment[] => [...some, ...others]);
    fc.assert(
      fc.property(walls, between(0, 359), between(20, 340), (segments, facing, spread) => {
        const at: Point = [5.987, 6.013];
        fc.pre(segments.every(([a, b]) => distanceToSegment(at, a, b) > 0.05));
        const swept = sweptArea(at, facing, spread, 20, segments, 8000);
        const found = area(visibleRegion(at, facing, spread, 20, segments));
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
        (walls, at, facing, spread) => {
          const segments = walls.map(([[x, y, along], one, two]): Segment => {
            const end: Point = along ? [x + 3, y + two] : [x + two, y + 3];
            return [[x + one, y - one], end];
          });
          fc.pre(segments.every(([a, b]) => distanceToSegment(at, a, b) > 0.01));
          const region = visibleRegion(at, facing, spread, 20, segments);
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
        for (const corner of visibleRegion(place.at, 30, spread, 60, segmentsOf(place)).slice(1)) {
          const away = Math.hypot(corner[0] - place.at[0], corner[1] - place.at[1]);
          if (away < 1e-6) continue;
          const angle = (Math.atan2(corner[1] - place.at[1], corner[0] - place.at[0]) * 180) / Math.PI;
          expect(inView(30, spread + 0.001, angle)).toBe(true);
        }
      }),
    );
  });
});

describe('the hidden share of a frame', () => {
  it('is the share of rays to the frame that a blocker stops', () => {
    const two = standing.chain(place =>
      pointIn(place.width, place.depth)
        .filter(
          mark =>
            Math.hypot(mark[0] - place.at[0], mark[1] - place.at[1]) > 2 &&
            place.pillars.every(({ outline }) => !contains(outline, mark)),
        )
        .map(mark => ({ ...place, mark })),
    );
    fc.assert(
      fc.property(two, between(0.5, 4), ({ at, mark, pillars }, width) => {
        // A pillar through the frame itself is half before it and half behind: left to other tests.
        fc.pre(
          pillars.every(({ segments }) =>
            segments.every(([a, b]) => beyond(at, mark, a) === beyond(at, mark, b)),
          ),
        );
        const { share } = hiddenShare(at, mark, width, pillars);
        const depth = Math.hypot(mark[0] - at[0], mark[1] - at[1]);
        const [ux, uy] = [(mark[0] - at[0]) / depth, (mark[1] - at[1]) / depth];
        const segments = pillars.flatMap(each => each.segments);
        const rays = 2000;
        let stopped = 0;
        for (let i = 0; i < rays; i++) {
          const side = ((i + 0.5) / rays - 0.5) * width;
          // Just before the frame plane, so that what stands at the mark does not count.
          const scale = (depth - 0.05) / depth;
          const to: Point = [
            at[0] + (ux * depth - uy * side) * scale,
            at[1] + (uy * depth + ux * side) * scale,
          ];
          if (segments.some(([a, b]) => crossing(at, to, a, b) !== undefined)) stopped++;
        }
        expect(share).toBeCloseTo(stopped / rays, 2);
      }),
    );
  });

  it('names who hides what, the worst first, and never more than the whole', () => {
    fc.assert(
      fc.property(standing, pointIn(20, 20), ({ at, pillars }, mark) => {
        const { share, by } = hiddenShare(at, mark, 2, pillars);
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1 + 1e-9);
        expect(by.map(each => each.share)).toEqual(by.map(each => each.share).sort((a, b) => b - a));
        for (const each of by) expect(each.share).toBeLessThanOrEqual(share + 1e-9);
      }),
    );
  });
});

/** Does a point lie beyond the frame plane at the mark, less the depth of the mark's surroundings? */
function beyond(camera: Point, mark: Point, point: Point): boolean {
  const depth = Math.hypot(mark[0] - camera[0], mark[1] - camera[1]);
  const [ux, uy] = [(mark[0] - camera[0]) / depth, (mark[1] - camera[1]) / depth];
  return (point[0] - camera[0]) * ux + (point[1] - camera[1]) * uy > depth - 0.05;
}
