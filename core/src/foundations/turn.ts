/** Directions without an arc tangent. */

/** Turns closer together than this are one. */
export const SAME = 1e-12;

/**
 * Turn from the x axis to a direction without an arc tangent: 0…4, growing with the angle, 1 for each quarter (the
 * length along a diamond).
 */
export function turnOf(x: number, y: number): number {
  if (y >= 0) return x >= 0 ? y / (x + y) : 1 - x / (y - x);
  return x < 0 ? 2 + y / (x + y) : 3 + x / (x - y);
}
