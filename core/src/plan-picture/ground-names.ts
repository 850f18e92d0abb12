/** The names and readings that are written on the ground, the important ones first. */
import type { Venue } from '../documents/index.js';
import { wallSides } from '../drafting/index.js';
import {
  between,
  boundsOf,
  distance,
  inOrder,
  pillarOutline,
  showText,
  type Point,
  type Reading,
} from '../foundations/index.js';
import { groupOfArea, type Group } from './groups.js';
import { around, inside, placeNames, type Box, type PlacedName, type WantedName } from './place-names.js';
import { px } from './scale.js';
import { rowCount } from './seat-rows.js';

/** Sizes of letters at a lettering of 1, px. */
const SIZE = { mark: 13, name: 11.5, pillar: 10 };
/** Radius of the signs that stand at a point, px. */
const SIGN = 7;

/** Width of a wall as names keep clear of it, and how far beyond the walls a name may be written, px. */
const WALL = 5;
const ROOM = 26;

/** A wall as a row of boxes, for it may run at a slant. */
function alongWall(from: Point, to: Point, width: number, boxOf: BoxOf): Box[] {
  const steps = Math.max(1, Math.ceil(distance(from, to) * 2));
  const square = from[0] === to[0] || from[1] === to[1];
  const stretches = square ? 1 : steps;
  return Array.from({ length: stretches }, (_, i) => {
    const { x, y, ...size } = boxOf([
      between(from, to, i / stretches),
      between(from, to, (i + 1) / stretches),
    ]);
    return { x: x - width / 2, y: y - width / 2, width: size.width + width, height: size.height + width };
  });
}

export interface Writing {
  readonly venue: Venue;
  readonly reading: Reading;
  /** How large letters and signs are drawn: below 1 where the plan is shown enlarged. */
  readonly lettering: number;
  /** Whether a group is written at all. */
  readonly named: (group: Group) => boolean;
  readonly sockets: boolean;
  /** What stands there and is not written over, m. */
  readonly standing?: readonly Point[];
}

/** The box around points of the venue, in letters of one size whatever the scale. */
type BoxOf = (points: readonly Point[]) => Box;

/** Boxes of the venue at a lettering of `k`. */
const boxesAt =
  (k: number): BoxOf =>
  points => {
    const { min, max } = boundsOf(points);
    const u = (metres: number): number => px(metres) / k;
    return { x: u(min[0]), y: u(min[1]), width: u(max[0] - min[0]), height: u(max[1] - min[1]) };
  };

/** The walls of a venue as boxes that names keep clear of, at a lettering of `k`. */
export const wallBoxes = (venue: Venue, k: number): Box[] =>
  wallSides(venue).flatMap(([from, to]) => alongWall(from, to, WALL, boxesAt(k)));

/** Where names may be written, at a lettering of `k`: within the walls and a little beyond, short of the dimensions. */
export function roomFor({ outline }: Venue, k: number): Box {
  const { x, y, width, height } = boxesAt(k)(outline);
  return { x: x - ROOM, y: y - ROOM, width: width + 2 * ROOM, height: height + 2 * ROOM };
}

const SAYS: Readonly<Record<string, string>> = {
  'no-film': 'no film',
  'keep-clear': 'keep clear',
  cameras: 'cameras may stand',
};
const wordsOfArea = (kind: string, label: string): string => {
  const says = SAYS[kind];
  return says === undefined || label.startsWith(says) ? label : `${says} · ${label}`;
};

/** Every name with the spot it got. */
export function groundNames({
  venue,
  reading,
  lettering: k,
  named,
  sockets,
  standing = [],
}: Writing): PlacedName[] {
  // Placed at a lettering of 1, so that the room around names grows and shrinks with them.
  const u = (metres: number): number => px(metres) / k;
  const boxOf = boxesAt(k);
  const wanted: WantedName[] = [];
  const signs: Box[] = [];
  const write = (
    key: string,
    text: string,
    spots: WantedName['spots'],
    size = SIZE.name,
    bold = false,
  ): void => void wanted.push({ key, text, spots, size: size, bold });
  const sign = ([x, y]: Point): void =>
    void signs.push({ x: u(x) - SIGN, y: u(y) - SIGN, width: 2 * SIGN, height: 2 * SIGN });
  const at = <T extends { at: Point }>(
    group: Group,
    map: Readonly<Record<string, T>> | undefined,
    words: (record: T) => string,
    size = SIZE.name,
    bold = false,
  ): void => {
    for (const [id, record] of inOrder(map)) {
      sign(record.at);
      if (named(group)) write(id, words(record), around(u(record.at[0]), u(record.at[1]), SIGN), size, bold);
    }
  };

  signs.push(...wallBoxes(venue, k));
  standing.forEach(sign);
  at('marks', venue.marks, ({ label }) => label, SIZE.mark, true);
  for (const [, pillar] of inOrder(venue.pillars)) signs.push(boxOf(pillarOutline(pillar)));
  for (const [id, door] of named('walls') ? inOrder(venue.doors) : []) {
    const box = boxOf(door.jambs);
    write(id, door.kind === 'fire' ? `fire exit · ${door.label}` : door.label, (width, height) => {
      const [cx, cy] = [box.x + box.width / 2, box.y + box.height / 2];
      const [dx, dy] = [box.width / 2 + width / 2 + 6, box.height / 2 + height / 2 + 6];
      return box.width > box.height
        ? [
            { x: cx, y: cy - dy },
            { x: cx, y: cy + dy },
          ]
        : [
            { x: cx - dx, y: cy },
            { x: cx + dx, y: cy },
          ];
    });
  }
  if (sockets) {
    at('power', venue.sockets, ({ label }) => label);
    at('lines', venue.networkSockets, ({ label }) => label);
  }
  for (const [id, area] of inOrder(venue.areas)) {
    const { kind, outline, label } = area;
    // Rows of seats say themselves what they are.
    if (!named(groupOfArea(kind)) || (rowCount(area) ?? 0) > 0) continue;
    write(id, wordsOfArea(kind, label), inside(boxOf(outline)));
  }
  for (const [id, { outline, label }] of named('floors') ? inOrder(venue.stairs) : []) {
    write(id, label, inside(boxOf(outline)));
  }
  at('house', venue.screens, ({ label, refresh }) => (refresh ? `${label} · ${refresh} Hz` : label));
  for (const [id, { ends, label, condition }] of named('lines') ? inOrder(venue.houseLines) : []) {
    const [a = [0, 0], b = a] = ends;
    const words = condition === 'good' ? label : `${label} · ${condition}`;
    const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    write(id, words, around(u(middle[0]), u(middle[1]), 2));
  }
  at('house', venue.residents, ({ label }) => label);
  at('marks', venue.lightReadings, ({ lux }) => showText(lux, 'lx', reading));
  at('house', venue.lamps, ({ kind, label }) => (kind === 'daylight' ? `daylight · ${label}` : label));
  at(
    'house',
    venue.ceilingPoints,
    ({ label, load }) => `${label} · ${load === undefined ? 'load unknown' : showText(load, 'kg', reading)}`,
  );
  at('notes', venue.mobileReadings, ({ label, up }) => `${label} ${showText(up, 'Mb/s', reading)} up`);
  at('notes', venue.notes, ({ label, picture }) => (picture ? `${label} · picture` : label));
  const placed = placeNames(wanted, signs, roomFor(venue, k));
  return placed.map(({ at: { x, y, ...spot }, size, ...name }) => ({
    ...name,
    size: size * k,
    at: { ...spot, x: x * k, y: y * k },
  }));
}
