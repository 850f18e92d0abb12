/** Names of what stands in the room, of sockets, and of counts at marks: beside their signs, none on another. */
import type { Venue } from '../documents/index.js';
import type { Point } from '../foundations/index.js';
import { roomFor, wallBoxes } from './ground-names.js';
import { around, boxOf, placeNames, type Box, type PlacedName, type Spot } from './place-names.js';
import { px } from './scale.js';

/** A name that belongs to a sign at a place of the plan. */
export interface StandingName {
  readonly key: string;
  readonly text: string;
  /** m. */
  readonly at: Point;
  /** Of the sign, and of the letters, px of the screen. */
  readonly radius: number;
  readonly size: number;
  readonly bold?: boolean;
  /** Its sign says enough where there is no room. */
  readonly spare?: boolean;
}

/** From a sign to the middle of its name, px of the screen. */
export type NameOffset = readonly [right: number, down: number];

/** How much farther out a name is looked for where it finds no room, px. */
const RINGS = [0, 14, 28, 46];

const ANYWHERE: Box = { x: -1e7, y: -1e7, width: 2e7, height: 2e7 };

/** What is on the plan already, and how it is shown. */
export interface OnPlan {
  readonly venue: Venue;
  /** Names on the ground, where they were placed. */
  readonly ground: readonly PlacedName[];
  /** Metres to the screen: how large letters are drawn in the picture. */
  readonly lettering: number;
}

/**
 * Where each name goes, in the order given, clear of walls, signs, names of the ground and of each other, as near to
 * its sign as there is room. A name that finds none lies on words of the ground, or above its sign all the same: what
 * stands there is never without its name, unless it can be spared.
 */
export function standingNames(
  named: readonly StandingName[],
  { venue, ground, lettering: k }: OnPlan,
): ReadonlyMap<string, NameOffset> {
  const u = (metres: number): number => px(metres) / k;
  const signs: Box[] = named.map(({ at: [x, y], radius }) => ({
    x: u(x) - radius,
    y: u(y) - radius,
    width: 2 * radius,
    height: 2 * radius,
  }));
  const written = ground.map(({ at: { x, y, ...spot }, size, ...name }) =>
    boxOf({ ...name, size: size / k, at: { ...spot, x: x / k, y: y / k } }),
  );
  const marks = Object.values(venue.marks ?? {}).map(({ at: [x, y] }): Box => {
    return { x: u(x) - 5, y: u(y) - 5, width: 10, height: 10 };
  });
  const spotsOf =
    ({ at: [x, y], radius }: StandingName) =>
    (width: number, height: number): Spot[] =>
      RINGS.flatMap(ring => {
        const [right, left, above, below, ...slant] = around(u(x), u(y), radius + ring)(width, height);
        return [above, below, right, left, ...slant] as Spot[];
      });
  const wanted = named.map(each => ({ ...each, spots: spotsOf(each) }));
  const taken = [...signs, ...written, ...marks, ...wallBoxes(venue, k)];
  const placed = placeNames(wanted, taken, roomFor(venue, k));
  // Where the plan is crowded a name may lie on words of the ground, but on no other name of this kind.
  const left = wanted.filter(({ key, spare }) => !spare && placed.every(each => each.key !== key));
  const crowded = placeNames(left, placed.map(boxOf), ANYWHERE);
  const found = new Map([...placed, ...crowded].map(({ key, at }) => [key, at]));
  return new Map(
    named.flatMap((each): [string, NameOffset][] => {
      const [x, y] = [u(each.at[0]), u(each.at[1])];
      const spot = found.get(each.key) ?? (each.spare ? undefined : { x, y: y - each.radius - each.size });
      return spot ? [[each.key, [spot.x - x, spot.y - y]]] : [];
    }),
  );
}
