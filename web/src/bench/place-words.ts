/** Places and shifts on the plan, in the units of the house. */
import { distance, showText, type Point, type Reading } from '@idle-satchel/core';

/** `2.40 m east, 0.30 m north`, or `where it was`. */
export function shiftWords([dx, dy]: Point, reading: Reading): string {
  const parts = [
    Math.abs(dx) < 5e-4 ? '' : `${showText(Math.abs(dx), 'm', reading)} ${dx > 0 ? 'east' : 'west'}`,
    Math.abs(dy) < 5e-4 ? '' : `${showText(Math.abs(dy), 'm', reading)} ${dy > 0 ? 'south' : 'north'}`,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'where it was';
}

/** `3.20 m east, 5.00 m south` of the venue’s corner. */
export const placeWords = ([x, y]: Point, reading: Reading): string =>
  `${showText(x, 'm', reading)} east, ${showText(y, 'm', reading)} south`;

/** A length and its sides along the axes: `5.00 m (3.00 m × 4.00 m)`. */
export function lengthWords(from: Point, to: Point, reading: Reading): string {
  const sides = [to[0] - from[0], to[1] - from[1]].map(each => showText(Math.abs(each), 'm', reading));
  return `${showText(distance(from, to), 'm', reading)} (${sides.join(' × ')})`;
}
