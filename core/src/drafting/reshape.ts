/** Corners and sides of what is drawn: moved, added, taken out, or given a measured length. */
import {
  between,
  boxMiddle,
  distance,
  isRectangle,
  sidesOf,
  type Json,
  type Operation,
  type Point,
} from '../foundations/index.js';
import type { Posture } from '../documents/index.js';
import { placing, type Part } from './parts.js';

/** The sides of a part in order, the closing one of a ring included. */
export const partSides = ({ points, closed }: Pick<Part, 'points' | 'closed'>): [Point, Point][] =>
  closed ? sidesOf(points) : points.slice(1).map((to, i) => [points[i] as Point, to]);

const replaced = (part: Part, points: readonly Point[]): Operation[] =>
  part.locked ? [] : [{ op: 'replace', ...placing(part, points) }];

/** The patch that puts one corner somewhere else. */
export const cornerMoved = (part: Part, index: number, to: Point): Operation[] =>
  replaced(part, part.points.with(index, to));

/** The patch that adds a corner in the middle of a side. */
export function cornerAdded(part: Part, side: number): Operation[] {
  const [a, b] = partSides(part)[side] ?? [];
  return a && b ? replaced(part, part.points.toSpliced(side + 1, 0, between(a, b, 0.5))) : [];
}

/** The patch that takes a corner out; empty where too few would be left. */
export const cornerRemoved = (part: Part, index: number): Operation[] =>
  part.points.length > (part.closed ? 3 : 2) ? replaced(part, part.points.toSpliced(index, 1)) : [];

/** Shortest side that can be typed, m. */
export const SHORTEST_SIDE = 0.05;

/**
 * The patch that gives a side a measured length: its end moves along its own direction, and with it, where the part
 * is a rectangle, the opposite side, so that it stays one. Empty for a length that is none.
 */
export function sideMeasured(part: Part, side: number, length: number): Operation[] {
  const [a, b] = partSides(part)[side] ?? [];
  if (!a || !b || !(length >= SHORTEST_SIDE)) return [];
  const before = distance(a, b);
  if (before === 0) return [];
  const [dx, dy] = [
    ((b[0] - a[0]) / before) * (length - before),
    ((b[1] - a[1]) / before) * (length - before),
  ];
  const end = (side + 1) % part.points.length;
  const follows = part.closed && isRectangle(part.points) ? [end, (end + 1) % 4] : [end];
  return replaced(
    part,
    part.points.map(([x, y], i): Point => (follows.includes(i) ? [x + dx, y + dy] : [x, y])),
  );
}

/** Records inside a part that are whole or not there: what they are when their first field is filled in. */
const WHOLE: Readonly<Record<string, Readonly<Record<string, Json>>>> = { rake: { rise: 1, towards: 0 } };

/** The value of a field of a part; one of a record inside it is named with a stroke, as in `card/buses`. */
export function fieldValue({ record }: Part, name: string): unknown {
  const [outer = '', inner] = name.split('/');
  const value = record[outer];
  return inner === undefined ? value : (value as Record<string, unknown> | undefined)?.[inner];
}

/**
 * The patch that sets a field of a part, or takes it out (`undefined`). A field of a record inside the part is named
 * with a stroke, as in `card/buses`; that record comes with its first field and goes with its last, or, where it
 * needs all its fields, with any. Faces go to their usual height with what people do there, unless they were measured.
 */
export function fieldSet(part: Part, name: string, value: Json | undefined): Operation[] {
  const height = name === 'posture' ? heightFor(part, value) : undefined;
  return [...fieldPut(part, name, value), ...(height === undefined ? [] : fieldPut(part, 'height', height))];
}

function fieldPut(part: Part, name: string, value: Json | undefined): Operation[] {
  const [outer = '', inner] = name.split('/');
  const path = `${part.path}/${outer}`;
  const record = part.record[outer] as Record<string, Json> | undefined;
  const whole = WHOLE[outer];
  if (inner === undefined || (whole && value === undefined)) {
    if (inner === undefined && value !== undefined) return [{ op: 'add', path, value }];
    return record === undefined ? [] : [{ op: 'remove', path }];
  }
  const { [inner]: _before, ...rest } = { ...whole, ...record };
  const next = value === undefined ? rest : { ...rest, [inner]: value };
  if (Object.keys(next).length > 0) return [{ op: 'add', path, value: next }];
  return record ? [{ op: 'remove', path }] : [];
}

/** Height of a face over the floor as people mostly stand and sit, m. */
export const FACE_HEIGHTS = { standing: 1.6, seated: 1.25 } as const satisfies Record<Posture, number>;

/** How high faces are once people sit or stand, where they were as high as is usual for the other; else undefined. */
function heightFor({ record: { height } }: Part, posture: Json | undefined): number | undefined {
  const usual = posture === 'seated' || posture === 'standing' ? FACE_HEIGHTS[posture] : undefined;
  const guessed = Object.values(FACE_HEIGHTS).some(each => each === height);
  return guessed && height !== usual ? usual : undefined;
}

/** The patch that puts a part's first corner somewhere else and all the others with it. */
export function partPut(part: Part, to: Point): Operation[] {
  const [x0, y0] = part.points[0] ?? to;
  return replaced(
    part,
    part.points.map(([x, y]): Point => [x + to[0] - x0, y + to[1] - y0]),
  );
}

const COMPASS = [
  ...(['east', 'south-east', 'south', 'south-west'] as const),
  ...(['west', 'north-west', 'north', 'north-east'] as const),
];

/** What each side of a part is called: by where it lies seen from the middle, numbered where several lie alike. */
export function sideNames(part: Pick<Part, 'points' | 'closed'>): string[] {
  const [mx, my] = boxMiddle(part.points);
  const names = partSides(part).map(([[ax, ay], [bx, by]]) => {
    const [x, y] = [(ax + bx) / 2 - mx, (ay + by) / 2 - my];
    // Outward of the side itself: a long wall lies where it faces, however far along it the middle is.
    const [nx, ny] = [by - ay, ax - bx];
    const out = nx * x + ny * y >= 0 ? 1 : -1;
    const open = !part.closed;
    const turn = open ? Math.atan2(by - ay, bx - ax) : Math.atan2(ny * out, nx * out);
    return COMPASS[(Math.round((turn / Math.PI) * 4) + 8) % 8] ?? '';
  });
  return names.map((name, i) => {
    const word = part.closed ? `${name} side` : `towards ${name}`;
    const alike = names.filter(each => each === name).length;
    const nth = names.slice(0, i + 1).filter(each => each === name).length;
    return alike > 1 ? `${word} ${nth}` : word;
  });
}

/** Metres to a pixel of a picture in which a known length reaches from one pixel to another; undefined for none. */
export function tracingScale(from: Point, to: Point, metres: number): number | undefined {
  const pixels = distance(from, to);
  return pixels >= 1 && metres > 0 ? metres / pixels : undefined;
}
