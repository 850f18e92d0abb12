/** How cold or warm the air is when, as it was noted. */
import type { AirTemperature } from '../documents/index.js';
import { inOrder, minutesBetween, type MapOf } from '../foundations/index.js';

/** Temperature of the air where nobody has noted one, °C: a heated room. */
export const ROOM = 20;

/** Temperature of the air by minutes after the start, in the order of time; constant before the first and after the last. */
export type Air = readonly (readonly [at: number, celsius: number])[];

export function airOf(temperatures: MapOf<AirTemperature> | undefined, start: string): Air {
  const noted = inOrder(temperatures).map(
    ([, { at, celsius }]) => [minutesBetween(start, at), celsius] as const,
  );
  return noted.length > 0 ? noted.sort(([a], [b]) => a - b) : [[0, ROOM]];
}

/** Temperature at a time, on the straight line between two readings. */
export function airAt(air: Air, at: number): number {
  const next = air.findIndex(([time]) => time >= at);
  const [after, before] = [air[next], air[next - 1]];
  if (!after) return air.at(-1)?.[1] ?? ROOM;
  if (!before) return after[1];
  return before[1] + ((at - before[0]) / (after[0] - before[0])) * (after[1] - before[1]);
}
