/** Where gear stands until somebody places it. */
import type { Bundle, Kind, Place } from '../../documents/index.js';
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
} from '../../foundations/index.js';
import { inPlan } from '../../edits.js';
import { footprintOf } from '../../stations/floor-taken.js';
import type { GroundResult } from '../../stations/ground/index.js';
import { canStand } from '../../stations/shots/standing.js';
import { whyNotThere } from '../placement/places.js';
import { bestDesk, houseDesk, type DeskReads } from './desk-places.js';
import { hubOf } from './hub.js';

type Ground = Pick<GroundResult, 'venue' | 'blockers'>;

/** Side of the floor that is kept for it, m: that of a stand nobody works. */
const SIDE = footprintOf('locked');
/** How far from a door it stands along the wall and off it, and the grid that is tried elsewhere, m. */
const BESIDE = [0.8, 1.2, 1.8, 2.6];
const GRID = 0.5;
/** How far before whom it is to show the first camera stands, m. */
const BEFORE_MARK = 8;

/** Height of a lens on an ordinary stand, m. */
export const LENS_HEIGHT = 1.5;

/**
 * The place of new gear of a kind. A camera or lamp stands on free floor, off the seats, beside those that are there;
 * anything else at the desk.
 */
export function newPlace(
  bundle: Bundle,
  assessment: DeskReads,
  kind: Pick<Kind, 'optics' | 'lamp'> | undefined,
): Place & { at: Point } {
  if (!kind?.optics && !kind?.lamp) return { at: deskPlace(bundle, assessment) };
  const at = standPlace(bundle, assessment);
  return { at, ...(kind.optics && { height: LENS_HEIGHT }) };
}

/**
 * Where the desk is, m: that of the house; else where what mixes stands; else where one would stand best; else beside
 * a door, the ways out first; else on the free floor nearest to the middle of the room. To a centimetre.
 */
function deskPlace(bundle: Bundle, assessment: DeskReads): Point {
  const { ground } = assessment;
  const desk = houseDesk(ground.venue) ?? hubOf(bundle, ground)?.at ?? bestDesk(bundle, assessment);
  if (desk) return rounded(desk);
  const free = (at: Point): boolean => canStand(ground, at, undefined, SIDE);
  for (const at of besideDoors(ground)) if (free(at)) return rounded(at);
  const middle = boxMiddle(ground.venue.outline);
  return rounded(nearestOf(ground.venue.outline, middle, free) ?? middle);
}

/** Free floor for a stand, m: beside the last camera, else before the first mark, else at the end of the room. */
function standPlace({ plan, kinds }: Bundle, { ground, rules }: DeskReads): Point {
  const { outline, marks } = ground.venue;
  const placed = inOrder(plan.devices).flatMap(([id, { label, kind }]) => {
    const { at, level, carrier } = ground.places[id] ?? {};
    if (!at || carrier !== id) return [];
    return [
      { label, at, camera: kinds.kinds[kind]?.optics !== undefined, ...(level !== undefined && { level }) },
    ];
  });
  const [mark] = inOrder(marks);
  const { min, max } = boundsOf(outline);
  const wanted =
    placed.findLast(({ camera, level }) => camera && level === undefined)?.at ??
    (mark
      ? polar(mark[1].at, mark[1].facing, BEFORE_MARK)
      : [between(min, max, 0.5)[0], between(min, max, 0.75)[1]]);
  const where = { ground, units: rules.units, standing: placed, refused: [] };
  const free = [false, true].map(
    anywhere => (at: Point) => whyNotThere({ ...where, anywhere }, at, undefined, SIDE) === undefined,
  );
  const found = free.map(each => nearestOf(outline, wanted, each)).find(at => at !== undefined);
  return rounded(found ?? boxMiddle(outline));
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

/** The point of a grid over the floor that is nearest to another one and meets a condition. */
const nearestOf = (outline: readonly Point[], to: Point, meets: (at: Point) => boolean): Point | undefined =>
  gridOver(outline)
    .sort((a, b) => distance(a, to) - distance(b, to))
    .find(meets);

function gridOver(outline: readonly Point[]): Point[] {
  const { min, max } = boundsOf(outline);
  const steps = (from: number, to: number): number[] =>
    Array.from({ length: Math.floor((to - from) / GRID) + 1 }, (_, i) => from + i * GRID);
  return steps(min[0], max[0]).flatMap(x => steps(min[1], max[1]).map((y): Point => [x, y]));
}

const rounded = ([x, y]: Point): Point => [Math.round(x * 100) / 100, Math.round(y * 100) / 100];

/** Puts a device on the floor: out of a case it was in, to where new gear stands. */
export function putDownPatch(bundle: Bundle, assessment: DeskReads, id: string): Operation[] {
  const { kind, place: before = {} } = bundle.plan.devices?.[id] ?? {};
  const { inside: _inside, on: _on, worn: _worn, unit: _unit, rear: _rear, ...place } = before;
  const made = newPlace(bundle, assessment, bundle.kinds.kinds[kind ?? '']);
  return inPlan().put('devices', id, 'place', { ...made, ...place }).patch;
}
