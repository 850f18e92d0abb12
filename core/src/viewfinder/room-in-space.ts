/** A venue as faces in space: floors, walls, pillars, seats, furniture and screens. */
import type { Area, Rules, Venue } from '../documents/index.js';
import {
  between,
  distance,
  floorOfArea,
  inOrder,
  pillarOutline,
  sidesOf,
  type Point,
} from '../foundations/index.js';
import { screenEdge, seatRows } from '../plan-picture/index.js';
import type { Face, Place3, Substance } from './face.js';

/** Height of walls where no ceiling was measured, m. */
const CEILING = 6;
/** Thickness of a gallery's floor where its underside was not measured, m. */
const SLAB = 0.3;
/** Top of a row of seats above its floor, m. */
const SEAT_TOP = 0.85;
/** Height of furniture without a measured top, m. */
const FURNITURE = 1;

const all = (count: number): boolean[] => Array.from({ length: count }, () => true);
const face = (
  what: Substance,
  of: string,
  corners: readonly Place3[],
  edges = all(corners.length),
): Face => ({
  what,
  of,
  corners,
  edges,
});

/** An upright rectangle over a line of the plan. */
export const upright = (
  what: Substance,
  of: string,
  [a, b]: readonly [Point, Point],
  low: number,
  high: number,
): Face =>
  face(what, of, [
    [...a, low],
    [...b, low],
    [...b, high],
    [...a, high],
  ]);

const level = (what: Substance, of: string, outline: readonly Point[], height: number): Face =>
  face(
    what,
    of,
    outline.map(([x, y]): Place3 => [x, y, height]),
  );

/** Upright sides and a lid over an outline. */
const prism = (what: Substance, of: string, outline: readonly Point[], low: number, high: number): Face[] => [
  ...sidesOf(outline).map(side => upright(what, of, side, low, high)),
  level(what, of, outline, high),
];

/** The floor that everything stands on, and what is marked on it: areas that may not be filmed. */
export const floorFaces = (venue: Venue): Face[] => [
  level('floor', 'outline', venue.outline, 0),
  ...inOrder(venue.areas).flatMap(([id, { kind, outline, floor = 0 }]) =>
    kind === 'no-film' ? level('no-film', `areas/${id}`, outline, floor) : [],
  ),
];

/** What stands in a room whether or not anyone is there. */
export function roomInSpace(venue: Venue): Face[] {
  const ceiling = venue.facts?.ceiling ?? CEILING;
  return [
    ...sidesOf(venue.outline).map(side => upright('wall', 'outline', side, 0, ceiling)),
    ...inOrder(venue.walls).flatMap(([id, { line }]) =>
      line.slice(1).map((to, i) => upright('wall', `walls/${id}`, [line[i] as Point, to], 0, ceiling)),
    ),
    ...inOrder(venue.pillars).flatMap(([id, pillar]) =>
      sidesOf(pillarOutline(pillar)).map(side => upright('pillar', `pillars/${id}`, side, 0, ceiling)),
    ),
    ...inOrder(venue.areas).flatMap(([id, area]) => areaInSpace(`areas/${id}`, area)),
    ...inOrder(venue.screens).map(([id, screen]) =>
      upright(
        'screen',
        `screens/${id}`,
        screenEdge(screen),
        screen.height,
        screen.height + (screen.width * 9) / 16,
      ),
    ),
  ];
}

function areaInSpace(of: string, area: Area): Face[] {
  const { kind, outline, floor = 0, underside, top } = area;
  switch (kind) {
    case 'raised':
      return floor > 0 || area.rake ? sloped('raised', of, area) : [];
    case 'gallery':
      return prism('gallery', of, outline, underside ?? floor - SLAB, floor).concat(
        level('gallery', of, outline, underside ?? floor - SLAB),
      );
    case 'seating':
      return seatRows(area).flatMap(row => {
        const stands = floorOfArea(area, row[0]);
        return prism('seats', of, row, stands, stands + SEAT_TOP);
      });
    case 'obstacle':
    case 'desk': {
      const low = underside ?? floor;
      return prism('furniture', of, outline, low, Math.max(low + 0.02, floor + (top ?? FURNITURE)));
    }
    default:
      return [];
  }
}

/** A raised floor, even or raked, with its upright sides. */
function sloped(what: Substance, of: string, area: Area): Face[] {
  const high = area.outline.map(([x, y]): Place3 => [x, y, floorOfArea(area, [x, y])]);
  const sides = high.map((a, i): Face => {
    const b = high[(i + 1) % high.length] as Place3;
    return face(what, of, [[a[0], a[1], 0], [b[0], b[1], 0], b, a]);
  });
  return [...sides, face(what, of, high)];
}

/** Distance between people who sit or stand side by side, m. */
export const ABREAST = 0.6;

/** Someone in the room, from the floor to the top of the head. */
export interface Body {
  readonly of: string;
  readonly at: Point;
  /** Floor under the feet and top of the head, m above the zero level. */
  readonly floor: number;
  readonly head: number;
}

/** People in every row of seats, seated or standing. */
export function peopleInSeats(venue: Venue, rules: Rules, posture: 'seated' | 'standing'): Body[] {
  const key = posture === 'seated' ? 'seatedHead' : 'standingHead';
  return inOrder(venue.areas).flatMap(([id, area]) =>
    seatRows(area).flatMap(row => {
      const [start, end] = [between(row[0], row[1], 0.5), between(row[3], row[2], 0.5)];
      const count = Math.floor(distance(start, end) / ABREAST);
      return Array.from({ length: count }, (_, i): Body => {
        const at = between(start, end, (i + 0.5) / count);
        const floor = floorOfArea(area, at);
        return { of: `areas/${id}`, at, floor, head: floor + (area[key] ?? rules[key]) };
      });
    }),
  );
}
