/** Moments of the day that a choice must be looked at in: where it keeps all limits in these, it keeps them all day. */
import type { Moment } from '../../stations/power/moments.js';

/** What loads draw and count as in a moment, and what circuits have for them, A. */
export interface Needed {
  readonly amps: readonly number[];
  readonly counts: readonly number[];
  readonly room: readonly number[];
}

/** By moment, for loads that are so many devices each. What nobody knows is nothing: it is told apart. */
export function neededOf(
  moments: readonly Moment[],
  loads: readonly (readonly string[])[],
  circuits: readonly string[],
): readonly Needed[] {
  const sum = (devices: readonly string[], by: Readonly<Record<string, number>>): number =>
    devices.reduce((total, device) => total + (by[device] || 0), 0);
  const all = moments.map(({ amps, counts, room }): Needed => ({
    amps: loads.map(devices => sum(devices, amps)),
    counts: loads.map(devices => sum(devices, counts)),
    room: circuits.map(circuit => room[circuit] ?? 0),
  }));
  // Of moments that are the same, the first one stays.
  return all.filter(
    (one, i) => !all.some((other, k) => k !== i && isHarder(other, one) && (k < i || !isHarder(one, other))),
  );
}

/** In one moment everything draws and counts as much as in the other at least, and no circuit has more for it. */
function isHarder(a: Needed, b: Needed): boolean {
  const asMuch = (more: readonly number[], less: readonly number[]): boolean =>
    more.every((each, i) => each >= (less[i] ?? 0));
  return asMuch(a.amps, b.amps) && asMuch(a.counts, b.counts) && asMuch(b.room, a.room);
}
