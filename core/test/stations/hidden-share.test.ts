/** What walls and pillars hide of a frame, against casting rays one by one. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crossing, distanceToSegment, type Point } from '../../src/foundations/geometry.js';
import { blockingOf, pillarAt, pillarBlocker } from '../../src/foundations/room.js';
import { hiddenShare } from '../../src/stations/shots/sight.js';
import { between, pointIn } from '../arbitraries.js';
import { standing } from '../standing.js';

describe('the hidden share of a frame', () => {
  it('is the share of rays to the frame that a blocker stops', () => {
    const two = standing.chain(place =>
      pointIn(place.width, place.depth)
        .filter(
          mark =>
            Math.hypot(mark[0] - place.at[0], mark[1] - place.at[1]) > 2 &&
            pillarAt(place.pillars, mark) === undefined,
        )
        .map(mark => ({ ...place, mark })),
    );
    fc.assert(
      fc.property(two, between(0.5, 4), ({ at, mark, pillars }, width) => {
        // A square pillar through the frame itself is half before it and half behind: left to other tests.
        fc.pre(
          pillars.every(({ segments }) =>
            segments.every(([a, b]) => beyond(at, mark, a) === beyond(at, mark, b)),
          ),
        );
        const { share } = hiddenShare(at, mark, width, pillars);
        const depth = Math.hypot(mark[0] - at[0], mark[1] - at[1]);
        const [ux, uy] = [(mark[0] - at[0]) / depth, (mark[1] - at[1]) / depth];
        const { segments, circles } = blockingOf(pillars);
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
          const stops =
            segments.some(([a, b]) => crossing(at, to, a, b) !== undefined) ||
            circles.some(circle => distanceToSegment(circle.at, at, to) < circle.radius);
          if (stops) stopped++;
        }
        expect(share).toBeCloseTo(stopped / rays, 2);
      }),
    );
  });

  it('is the same however the room is turned', () => {
    const pillar = (turn: number, [x, y]: Point) => {
      const [at, angle] = [[x - 10, y - 10], (turn * Math.PI) / 180] as const;
      const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
      return turned(at[0] * cos - at[1] * sin, at[0] * sin + at[1] * cos);
    };
    const turned = (x: number, y: number): Point => [x + 10, y + 10];
    fc.assert(
      fc.property(pointIn(20, 20), between(0.2, 3), between(0, 360), (at, size, turn) => {
        const [camera, mark] = [[1, 10] satisfies Point, [19, 10] satisfies Point];
        const round = (place: Point) =>
          pillarBlocker('pillar001', { label: 'P', at: place, size, round: true });
        const before = hiddenShare(camera, mark, 3, [round(at)]);
        const after = hiddenShare(pillar(turn, camera), pillar(turn, mark), 3, [round(pillar(turn, at))]);
        expect(after.share).toBeCloseTo(before.share, 9);
      }),
    );
  });

  it('of a round pillar lies between the two lines that touch it: 2 · tan(asin(0.5 / 5)) · 10 m of 4', () => {
    const pillar = pillarBlocker('pillar001', { label: 'P', at: [5, 0], size: 1, round: true });
    expect(hiddenShare([0, 0], [10, 0], 4, [pillar]).share).toBeCloseTo(
      (2 * Math.tan(Math.asin(0.1)) * 10) / 4,
      12,
    );
    // Half of it before the mark: there it is cut off, and 1 m less its rounding wide.
    const beside = pillarBlocker('pillar001', { label: 'P', at: [9.95, 0.2], size: 1, round: true });
    const { share, middle } = hiddenShare([0, 0], [10, 0], 4, [beside]);
    expect([share, middle]).toEqual([expect.closeTo((1 * 10) / 9.95 / 4, 2), true]);
    // From within it nothing is seen.
    expect(hiddenShare([5.4, 0], [10, 0], 4, [pillar]).share).toBe(1);
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
