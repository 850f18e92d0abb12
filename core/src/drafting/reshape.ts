/** Corners and sides of what is drawn: moved, added, taken out, or given a measured length. */
import { between, distance, sidesOf, type Json, type Operation, type Point } from '../foundations/index.js';
import { placing, type Part } from './parts.js';

const SQUARE = 1e-3;

/** Four corners, all of them right angles. */
export function isRectangle(points: readonly Point[]): boolean {
  if (points.length !== 4) return false;
  const sides = sidesOf(points).map(([a, b]): Point => [b[0] - a[0], b[1] - a[1]]);
  return sides.every(([x, y], i) => {
    const [nx, ny] = sides[(i + 1) % 4] ?? [0, 0];
    return Math.abs(x * nx + y * ny) <= SQUARE * Math.hypot(x, y) * Math.hypot(nx, ny);
  });
}

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
 * needs all its fields, with any.
 */
export function fieldSet(part: Part, name: string, value: Json | undefined): Operation[] {
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

/** Metres to a pixel of a picture in which a known length reaches from one pixel to another; undefined for none. */
export function tracingScale(from: Point, to: Point, metres: number): number | undefined {
  const pixels = distance(from, to);
  return pixels >= 1 && metres > 0 ? metres / pixels : undefined;
}
