/** Random rooms and points for property tests. */
import fc from 'fast-check';
import { footprint, type Point } from '../src/foundations/geometry.js';
import { pillarBlocker, type Blocker } from '../src/foundations/room.js';

/** Whole thousandths, spread evenly: tape measures give no 5e-324 m. */
export const between = (min: number, max: number): fc.Arbitrary<number> =>
  fc.noBias(
    fc
      .integer({ min: Math.ceil(min * 1000), max: Math.floor(max * 1000) })
      .map(thousandths => thousandths / 1000),
  );

export const pointIn = (width: number, depth: number): fc.Arbitrary<Point> =>
  fc.tuple(between(0, width), between(0, depth));

export const triangle: fc.Arbitrary<Point[]> = fc
  .tuple(pointIn(20, 20), pointIn(20, 20), pointIn(20, 20))
  .map(points => [...points]);

export interface RoomWithPillars {
  readonly width: number;
  readonly depth: number;
  readonly outline: readonly Point[];
  readonly pillars: readonly Blocker[];
}

/** A rectangular room of 8–30 m with up to 8 pillars, square or round, wholly inside. */
export const room: fc.Arbitrary<RoomWithPillars> = fc
  .record({ width: between(8, 30), depth: between(8, 30) })
  .chain(({ width, depth }) =>
    fc
      .array(
        fc.record({
          at: fc.tuple(between(1.5, width - 1.5), between(1.5, depth - 1.5)),
          size: between(0.2, 1.2),
          round: fc.boolean(),
        }),
        { maxLength: 8 },
      )
      .map(pillars => ({
        width,
        depth,
        outline: footprint([width / 2, depth / 2], 1, false).map(([x, y]): Point => [
          (x - width / 2 + 0.5) * width,
          (y - depth / 2 + 0.5) * depth,
        ]),
        pillars: pillars.map((pillar, i) => pillarBlocker(`pillar${i}`, { label: `P${i}`, ...pillar })),
      })),
  );
