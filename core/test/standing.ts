/** Somebody who stands in a room of walls and pillars. */
import fc from 'fast-check';
import { distanceToSegment, polar, sidesOf, type Circle, type Point } from '../src/foundations/geometry.js';
import { blocker, blockingOf, pillarAt } from '../src/foundations/room.js';
import type { Blocking, Segment } from '../src/foundations/visibility.js';
import { between, room, type RoomWithPillars } from './arbitraries.js';

/** Walls and pillars as straight pieces, round ones with so many corners that no test tells them from a circle. */
export const segmentsOf = ({ outline, pillars }: RoomWithPillars): Segment[] => [
  ...sidesOf(outline),
  ...pillars.flatMap(({ segments, circle }) => (circle ? sidesOf(roundedOff(circle)) : segments)),
];
const roundedOff = ({ at, radius }: Circle): Point[] =>
  Array.from({ length: 360 }, (_, i) => polar(at, i, radius));

export const blockingIn = ({ outline, pillars }: RoomWithPillars): Blocking =>
  blockingOf([blocker('walls', 'wall', outline), ...pillars]);

/** A point of the room in no pillar and 0.2 m from everything. */
export const standing = room.chain(each =>
  fc
    .tuple(between(0.3, each.width - 0.3), between(0.3, each.depth - 0.3))
    .filter(
      at =>
        pillarAt(each.pillars, at) === undefined &&
        segmentsOf(each).every(([a, b]) => distanceToSegment(at, a, b) > 0.2),
    )
    .map(at => ({ at, ...each })),
);
