/** A day of bookings, as a picture shows it: from hour to hour, one line for each. */
import { instantOfClock } from '../foundations/index.js';

interface Span {
  readonly from: string;
  readonly to: string;
  readonly free: string;
}

export interface DayBar<Of extends Span> {
  readonly of: Of;
  /** Shares of the day, 0…1: where it begins, ends, and its things are free again. */
  readonly begins: number;
  readonly ends: number;
  readonly free: number;
}

/** The first instant of a day (`2026-12-04`) and that of the next, on the clocks of a zone. */
export function dayBounds(day: string, zone: string): { readonly from: string; readonly to: string } {
  const noon = `${day}T12:00:00Z`;
  return { from: instantOfClock('00:00', noon, zone), to: instantOfClock('00:00', noon, zone, 1) };
}

/** Bookings that touch a day, each as far as it lies in it; those that begin first above. */
export function dayBars<Of extends Span>(
  all: readonly Of[],
  day: string,
  zone: string,
): readonly DayBar<Of>[] {
  const { from, to } = dayBounds(day, zone);
  const [start, end] = [Date.parse(from), Date.parse(to)];
  const share = (at: string): number => Math.max(0, Math.min(1, (Date.parse(at) - start) / (end - start)));
  return all
    .filter(each => Date.parse(each.from) < end && Date.parse(each.free) > start)
    .map(of => ({ of, begins: share(of.from), ends: share(of.to), free: share(of.free) }))
    .sort((a, b) => a.begins - b.begins || a.ends - b.ends);
}
