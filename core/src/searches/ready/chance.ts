/** How often work in a settled order is done in time, from many drawn days (Monte Carlo). */
import { beginsOf, isCritical, slackOf, waitsOf, type Placed } from '../../stations/hands/tasks/sequence.js';

/** A settled order, with drawn minutes: day after day, piece after piece. */
export interface Days {
  readonly waits: readonly (readonly number[])[];
  readonly notBefore: readonly number[];
  readonly minutes: Float64Array;
}

export const daysOf = (pieces: readonly Placed[], minutes: Float64Array): Days => ({
  ...{ waits: waitsOf(pieces), notBefore: pieces.map(({ notBefore }) => notBefore) },
  minutes,
});

const lastOf = (begins: readonly number[], minutes: ArrayLike<number>): number =>
  begins.reduce((last, begin, i) => Math.max(last, begin + (minutes[i] ?? 0)), 0);

/** Minutes until everything is done, with given minutes of each piece. */
export function takesOf(pieces: readonly Placed[], minutes: readonly number[]): number {
  const { waits, notBefore } = daysOf(pieces, Float64Array.from(minutes));
  return lastOf(beginsOf(waits, notBefore, minutes), minutes);
}

/** When everything is done on each day, min after the call, the earliest first. */
export function endsOf({ waits, notBefore, minutes }: Days): Float64Array {
  const count = waits.length;
  const days = count === 0 ? 0 : minutes.length / count;
  const ends = new Float64Array(days);
  for (let day = 0; day < days; day++) {
    const own = minutes.subarray(day * count, (day + 1) * count);
    ends[day] = lastOf(beginsOf(waits, notBefore, own), own);
  }
  return ends.sort();
}

/** Drawn minutes with the pieces of each day in another order. */
export function inTheirOrder(minutes: Float64Array, order: readonly number[]): Float64Array {
  const count = order.length;
  const moved = new Float64Array(minutes.length);
  for (let first = 0; first < minutes.length; first += count)
    order.forEach((from, to) => (moved[first + to] = minutes[first + from] ?? 0));
  return moved;
}

/** Of each piece, the share of days on which nothing is done later only because of it: it has no time to spare. */
export function criticalShares({ waits, notBefore, minutes }: Days, most: number): number[] {
  const count = waits.length;
  const days = Math.min(most, count === 0 ? 0 : minutes.length / count);
  const hits = waits.map(() => 0);
  for (let day = 0; day < days; day++) {
    const own = minutes.subarray(day * count, (day + 1) * count);
    slackOf(waits, beginsOf(waits, notBefore, own), own).forEach((slack, i) => {
      if (isCritical(slack)) hits[i] = (hits[i] ?? 0) + 1;
    });
  }
  return hits.map(each => each / Math.max(1, days));
}

/** The share of days, 0…1, on which everything is done within some minutes. */
export function shareWithin(ends: Float64Array, minutes: number): number {
  if (ends.length === 0) return 1;
  let [low, high] = [0, ends.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((ends[middle] ?? 0) <= minutes) low = middle + 1;
    else high = middle;
  }
  return low / ends.length;
}

/** The fewest minutes within which everything is done on a share of days, 0…1. */
export const minutesFor = (ends: Float64Array, share: number): number =>
  ends[Math.max(0, Math.ceil(share * ends.length - 1e-9) - 1)] ?? 0;
