/** Where gear stands until somebody places it. */
import type { Kind, Place, Plan } from '../documents/index.js';
import {
  between,
  boundsOf,
  boxMiddle,
  direction,
  distance,
  EXIT_DEPTH,
  inOrder,
  polar,
  type Operation,
  type Point,
} from '../foundations/index.js';
import type { GroundResult } from './ground/index.js';
import { footprintOf } from './floor-taken.js';
import { canStand } from './shots/standing.js';
import { inPlan } from '../edits.js';

type Ground = Pick<GroundResult, 'venue' | 'blockers'>;

/** Side of the floor that is kept for it, m: that of a stand nobody works. */
const SIDE = footprintOf('locked');
/** How far from a door it stands along the wall and off it, and the grid that is tried without a door, m. */
const BESIDE = [0.8, 1.2, 1.8, 2.6];
const GRID = 0.5;

/**
 * Where new gear stands, m: at the desk of the house, where the survey has one; else beside a door, the ways out
 * first, on floor that is free; else on the free floor that is nearest to the middle of the room. To a centimetre.
 */
function standingPlace(ground: Ground): Point {
  const { areas, residents, outline } = ground.venue;
  const desk = inOrder(areas).find(([, { kind }]) => kind === 'desk');
  if (desk) return rounded(boxMiddle(desk[1].outline));
  const resident = inOrder(residents).find(([, { what }]) => what === 'desk');
  if (resident) return resident[1].at;
  const free = (at: Point): boolean => canStand(ground, at, undefined, SIDE);
  for (const at of besideDoors(ground)) if (free(at)) return rounded(at);
  const middle = boxMiddle(outline);
  const floor = gridOver(outline).filter(free);
  return rounded(floor.sort((a, b) => distance(a, middle) - distance(b, middle))[0] ?? middle);
}

/** Places to both sides of each door, on both sides of its wall, the nearest to it first. */
function besideDoors({ venue }: Ground): Point[] {
  const doors = inOrder(venue.doors).filter(([, { kind }]) => kind !== 'window');
  const waysOutFirst = doors.sort(([, a], [, b]) => Number(a.kind === 'inner') - Number(b.kind === 'inner'));
  return waysOutFirst.flatMap(([, { jambs }]) => {
    const [a, b] = jambs;
    if (!a || !b) return [];
    const along = direction(a, b);
    const half = distance(a, b) / 2;
    const middle = between(a, b, 0.5);
    // Along its wall first: further into the room it would stand in people's way.
    return [SIDE, EXIT_DEPTH + SIDE].flatMap(away =>
      BESIDE.flatMap(beyond =>
        [along, along + 180].flatMap(way =>
          [along + 90, along - 90].map(off => polar(polar(middle, way, half + beyond), off, away)),
        ),
      ),
    );
  });
}

function gridOver(outline: readonly Point[]): Point[] {
  const { min, max } = boundsOf(outline);
  const steps = (from: number, to: number): number[] =>
    Array.from({ length: Math.floor((to - from) / GRID) + 1 }, (_, i) => from + i * GRID);
  return steps(min[0], max[0]).flatMap(x => steps(min[1], max[1]).map((y): Point => [x, y]));
}

const rounded = ([x, y]: Point): Point => [Math.round(x * 100) / 100, Math.round(y * 100) / 100];

/** Height of a lens on an ordinary stand, m. */
export const LENS_HEIGHT = 1.5;

/** The place of new gear of a kind: a camera on a stand, anything else on a table. */
export const newPlace = (ground: Ground, kind: Kind | undefined): Place & { at: Point } => ({
  at: standingPlace(ground),
  ...(kind?.optics && { height: LENS_HEIGHT }),
});

/** Puts a device on the floor: out of a case it was in, to where new gear stands. */
export function putDownPatch(
  { devices }: Plan,
  id: string,
  ground: Ground,
  kind: Kind | undefined,
): Operation[] {
  const {
    inside: _inside,
    on: _on,
    worn: _worn,
    unit: _unit,
    rear: _rear,
    ...place
  } = devices?.[id]?.place ?? {};
  return inPlan().put('devices', id, 'place', { ...newPlace(ground, kind), ...place }).patch;
}
