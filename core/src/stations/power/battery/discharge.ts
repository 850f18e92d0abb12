/** How a battery runs down along the day. */
import type { Battery, Chemistry } from '../../../documents/index.js';
import type { Air } from '../../air-temperature.js';
import { evenly, type Even } from './cold.js';

/** What is drawn from it from – to, in minutes after the start. */
export interface Draw {
  readonly from: number;
  readonly to: number;
  readonly watts: number;
}

export interface Cell {
  readonly chemistry: Chemistry;
  /** Charge that it holds at room temperature, worn as it is, Wh. */
  readonly holds: number;
  /** Share of that which may be taken, 0…1. */
  readonly usable: number;
  /** Of lead-acid: its volts, its rated charge, Ah, and the hours over which that is rated. */
  readonly peukert?: { readonly volts: number; readonly ampHours: number; readonly hours: number };
}

/** Minutes after the start, and the share of its usable charge that is left, 1…0. */
export type Point = readonly [at: number, left: number];

export interface RunDown {
  /** When its usable charge is taken, or it is too cold for it; absent: not within what is drawn. */
  readonly empty?: number;
  readonly tooCold?: true;
  /** Points in the order of time, straight lines between which are near enough for a drawing. */
  readonly curve: readonly Point[];
  /** Share of its charge that is taken at the end of it. */
  readonly taken: number;
}

/** Half of a lead-acid battery is left in it, in place of the reserve. */
export const LEAD_ACID_SHARE = 0.5;

/** How a battery gives less the faster it is drawn upon, where it is lead-acid. */
export const peukertOf = (battery: Battery | undefined): Cell['peukert'] =>
  battery?.chemistry === 'lead-acid'
    ? { volts: battery.volts, ampHours: battery.ampHours, hours: battery.hours ?? 20 }
    : undefined;

/**
 * Watts that count of those that are drawn: of lead-acid more than these at high currents (Peukert, exponent 1.2:
 * I_eff = I·max(1, (I·H/C)^0.2)).
 */
export function countedWatts(watts: number, peukert: Cell['peukert']): number {
  if (!peukert) return watts;
  const { volts, ampHours, hours } = peukert;
  return watts * Math.max(1, (((watts / volts) * hours) / ampHours) ** 0.2);
}

/**
 * Runs a battery down along draws that follow each other, full at the first but for the share of its charge that is
 * taken already. What is taken in a moment counts by what the cold leaves of the charge just then. Exact in time: the
 * integral over each even stretch has a closed form.
 */
export function runDown(cell: Cell, draws: readonly Draw[], air: Air, before = 0): RunDown {
  const { holds, usable, chemistry } = cell;
  const curve: Point[] = [];
  let taken = before;
  const point = (at: number): void => {
    curve.push([at, Math.max(0, 1 - taken / usable)]);
  };
  for (const { from, to, watts } of draws) {
    if (curve.length === 0) point(from);
    // Share of the charge that is taken in a minute, at room temperature.
    const rate = countedWatts(watts, cell.peukert) / holds / 60;
    for (const even of evenly(chemistry, air, from, to)) {
      if (even.first === 0 && watts > 0)
        return { empty: even.from, tooCold: true, curve: [...curve, [even.from, 0]], taken };
      const last = taken + rate * weighed(even, even.to - even.from);
      if (last >= usable && rate > 0) {
        const at = even.from + timeFor(even, Math.max(0, usable - taken) / rate);
        return { empty: at, curve: [...curve, [at, 0]], taken: usable };
      }
      taken = last;
      point(even.to);
    }
  }
  return { curve, taken };
}

/** Share of what may be taken that is left at a time, on the line between two points of a curve. */
export function leftAt(curve: RunDown['curve'], at: number): number | undefined {
  // At a reading two points lie at one time: what was read holds.
  const next = curve.findIndex(([time]) => time > at);
  const before = curve[next < 0 ? curve.length - 1 : next - 1];
  const after = curve[next];
  if (!before) return after?.[1];
  const [time, left] = before;
  const share = !after || after[0] === time ? 0 : (at - time) / (after[0] - time);
  const value = left + share * ((after?.[1] ?? left) - left);
  return Number.isNaN(value) ? undefined : value;
}

/** Share of its usable charge that some draws take of a battery; infinite where it is too cold for one of them. */
export function shareTaken(cell: Cell, draws: readonly Draw[], air: Air): number {
  let taken = 0;
  for (const { from, to, watts } of draws) {
    if (watts === 0) continue;
    for (const even of evenly(cell.chemistry, air, from, to)) {
      if (even.first === 0) return Infinity;
      taken += (countedWatts(watts, cell.peukert) / cell.holds / 60) * weighed(even, even.to - even.from);
    }
  }
  return taken / cell.usable;
}

/** Minutes for which a steady draw of watts lasts from a share that is left, at what the cold leaves; infinite without a draw. */
export const minutesFor = (cell: Cell, watts: number, left: number, cold: number): number =>
  (60 * cell.holds * cell.usable * left * cold) / countedWatts(watts, cell.peukert);

/** The integral of 1/f over the first minutes of an even stretch, min. */
function weighed({ from, to, first, last }: Even, minutes: number): number {
  const slope = (last - first) / (to - from);
  if (Math.abs(last - first) < 1e-12) return minutes / first;
  return Math.log((first + slope * minutes) / first) / slope;
}

/** Minutes of an even stretch over which that integral comes to an amount: the inverse of `weighed`. */
function timeFor({ from, to, first, last }: Even, amount: number): number {
  const slope = (last - first) / (to - from);
  if (Math.abs(last - first) < 1e-12) return amount * first;
  return (first * (Math.exp(slope * amount) - 1)) / slope;
}
