/** Where on the floor a camera's stand can be put. */
import type { AreaKind } from '../../documents/index.js';
import {
  contains,
  exitFloor,
  inOrder,
  isExit,
  meet,
  runsInto,
  squareAround,
  inWords,
  type Point,
  type UnitSystem,
} from '../../foundations/index.js';
import { edgeUnder } from '../floor-taken.js';
import type { GroundResult } from '../ground/index.js';

const NO_STAND: ReadonlySet<AreaKind> = new Set(['seating', 'keep-clear', 'no-film', 'obstacle', 'desk']);

type Room = Pick<GroundResult, 'venue' | 'blockers'>;
/** A place: where, on which gallery, and the side of the floor that is needed there, m. */
type Stand = readonly [at: Point, level: string | undefined, side: number];

/** Whether a stand with a footprint of `side` metres can be at a place. Stands are squares along the axes. */
export const canStand = (room: Room, ...stand: Stand): boolean => obstacleAt(room, ...stand) === undefined;

/** What keeps a stand from a place, in words that follow “no camera can stand there:”; undefined where it can. */
export function whyNotStand(room: Room, units: UnitSystem, ...stand: Stand): string | undefined {
  return obstacleAt(room, ...stand)?.(inWords(stand[2], 'm', units));
}

/** What is in the way, as words made with those of the footprint. */
function obstacleAt(
  { venue, blockers }: Room,
  ...[at, level, side]: Stand
): ((wide: string) => string) | undefined {
  const square = squareAround(at, side);
  if (!contains(venue.outline, at)) return () => 'it is outside the walls';
  const solid = blockers.find(each => runsInto(square, each));
  if (solid) {
    const words = venue.pillars?.[solid.id] ? `pillar ${solid.label}` : `the ${solid.label}`;
    return wide => `its stand, ${wide} wide, would be in ${words}`;
  }
  const areas = venue.areas ?? {};
  const gallery = level === undefined ? undefined : areas[level];
  if (gallery) {
    return square.every(corner => contains(gallery.outline, corner))
      ? undefined
      : wide => `its stand, ${wide} wide, would reach beyond “${gallery.label}”`;
  }
  const taken = inOrder(areas).find(
    ([, area]) =>
      NO_STAND.has(area.kind) &&
      (area.underside === undefined || area.kind !== 'obstacle') &&
      meet(area.outline, square),
  );
  if (taken) return wide => `its stand, ${wide} wide, would reach into “${taken[1].label}”`;
  const edge = edgeUnder(areas, square);
  if (edge) return wide => `its stand, ${wide} wide, would reach over the edge of “${edge.label}”`;
  const exit = inOrder(venue.doors).find(([, door]) => isExit(door) && meet(exitFloor(door), square));
  return exit && (() => `it would stand before the exit “${exit[1].label}”`);
}
