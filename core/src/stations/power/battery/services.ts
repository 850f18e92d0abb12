/** Batteries that take each other’s place during the event: which is where from when till when, and what it has then. */
import type { Battery, BatteryChange, ChargeReading, Kinds, Shelf } from '../../../documents/index.js';
import { inOrder, minutesBetween, type MapOf } from '../../../foundations/index.js';
import type { Span, Timeline } from '../timeline.js';
import type { Air } from '../../air-temperature.js';
import { runDown, type Cell, type Draw, type Point, type RunDown } from './discharge.js';
import { cellOf } from './cell.js';

/** A place of a battery, as its first battery and what hangs on it are. */
export interface Seat {
  readonly battery: Battery;
  readonly item: string | undefined;
  /** What is drawn there in each stretch of the day, W. */
  readonly watts: readonly number[];
}

/** A battery in a place, from one change to the next, minutes after the start. */
export interface Service {
  readonly from: number;
  readonly to: number;
  readonly item: string | undefined;
  /** The change by which it came; absent = it is there from the beginning. */
  readonly change?: string;
  readonly cell: Cell;
  /** Share of its charge that was taken of it elsewhere before. */
  readonly before: number;
  /** What is drawn for each watt that was planned, as the last reading says. */
  readonly factor: number;
  /** Empty before it is taken out again: when, minutes after the start. */
  readonly empty?: number;
  readonly tooCold?: true;
  readonly curve: readonly Point[];
  readonly taken: number;
}

export interface ServiceReads {
  readonly seats: Readonly<Record<string, Seat>>;
  readonly changes: MapOf<BatteryChange> | undefined;
  readonly readings: MapOf<ChargeReading> | undefined;
  readonly timeline: Timeline;
  readonly start: string;
  readonly air: Air;
  readonly reserve: number;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
}

/** Least share of its charge that a battery must have given before what was read says what draws on it. */
const TELLING = 0.05;

/** Before the first and after the last of the day, min: what is noted at other times is not of this day. */
const AROUND = 120;

/** When changes and readings count, minutes after the start; undefined where nobody knows when anything is on. */
export function dayOf(timeline: Timeline): Span | undefined {
  const [from, to] = [(timeline[0]?.from ?? NaN) - AROUND, (timeline.at(-1)?.to ?? NaN) + AROUND];
  return Number.isFinite(to - from) ? { from, to } : undefined;
}

interface Planned {
  readonly from: number;
  readonly to: number;
  readonly item: string | undefined;
  readonly change?: string;
  readonly cell: Cell;
}

/**
 * What happens in every place where batteries are changed or were read. A battery that comes again goes on from what
 * it had. Empty where nobody knows when anything is on.
 */
export function servicesOf(reads: ServiceReads): Readonly<Record<string, readonly Service[]>> {
  const { seats, timeline, air } = reads;
  const day = dayOf(timeline);
  if (!day) return {};
  const read = readingsBySeat(reads, day);
  const planned = Object.entries(seats).flatMap(([id, seat]) => {
    const own = plannedIn(id, seat, reads, day);
    return own.length > 1 || read.has(id) ? own.map(service => ({ id, seat, service })) : [];
  });
  // In the order of time, so that it is known what a battery has when it comes again.
  planned.sort((a, b) => a.service.from - b.service.from);
  const taken = new Map<string, number>();
  const factors = new Map<string, number>();
  const services: Record<string, Service[]> = {};
  for (const { id, seat, service } of planned) {
    const before = taken.get(service.item ?? id) ?? 0;
    // Whatever draws more than was planned goes on to, until another reading says otherwise.
    const factor = Math.max(1, factors.get(id) ?? 1);
    const run = alongReadings({
      draws: drawsIn(timeline, seat.watts, service),
      // What is read as it is changed is of the one that is taken out.
      readings: (read.get(id) ?? []).filter(({ at }) => at > service.from && at <= service.to),
      ...{ cell: service.cell, before, factor, air },
    });
    taken.set(service.item ?? id, run.taken);
    factors.set(id, run.factor);
    (services[id] ??= []).push({ ...service, before, ...run });
  }
  return services;
}

/** The batteries of a place in the order of time; changes to what is no battery of the shelf are left out. */
function plannedIn(id: string, { battery, item }: Seat, reads: ServiceReads, day: Span): Planned[] {
  const { changes, start, reserve, kinds, shelf } = reads;
  const first = { from: -Infinity, item, cell: cellOf({ battery, known: shelf.items[item ?? ''], reserve }) };
  const own = inOrder<BatteryChange>(changes)
    .filter(([, change]) => change.battery === id)
    .flatMap(([change, { item: next, after, done }]) => {
      const known = shelf.items[next];
      const put = kinds.kinds[known?.kind ?? '']?.battery;
      const was = done === undefined ? NaN : minutesBetween(start, done);
      const from = was >= day.from && was <= day.to ? was : after;
      return put ? [{ from, item: next, change, cell: cellOf({ battery: put, known, reserve }) }] : [];
    })
    .sort((a, b) => a.from - b.from);
  return [first, ...own].map((each, i, all) => ({ ...each, to: all[i + 1]?.from ?? Infinity }));
}

interface Read {
  readonly at: number;
  /** Share of its charge that is gone. */
  readonly gone: number;
}

function readingsBySeat(
  { readings, start }: Pick<ServiceReads, 'readings' | 'start'>,
  day: Span,
): Map<string, Read[]> {
  const found = new Map<string, Read[]>();
  for (const [, { battery, at, percent }] of inOrder<ChargeReading>(readings)) {
    const when = minutesBetween(start, at);
    if (when < day.from || when > day.to) continue;
    const own = found.get(battery) ?? [];
    own.push({ at: when, gone: 1 - percent / 100 });
    found.set(battery, own);
  }
  for (const own of found.values()) own.sort((a, b) => a.at - b.at);
  return found;
}

/** From when till when a battery is drawn upon while it is in a place; undefined where it is not. */
export function usedIn(
  { from, to }: Pick<Service, 'from' | 'to'>,
  timeline: Timeline,
  watts: readonly number[],
): Span | undefined {
  const on = timeline.filter(
    (stretch, k) =>
      Number.isFinite(stretch.to) && (watts[k] ?? 0) > 0 && stretch.to > from && stretch.from < to,
  );
  const [first, last] = [on[0], on.at(-1)];
  return first && last && { from: Math.max(from, first.from), to: Math.min(to, last.to) };
}

/** What is drawn of a place while a battery is there. */
const drawsIn = (timeline: Timeline, watts: readonly number[], span: Pick<Service, 'from' | 'to'>): Draw[] =>
  timeline.flatMap((stretch, k) => clipped({ ...stretch, watts: watts[k] ?? 0 }, span.from, span.to));

const clipped = ({ from, to, watts }: Draw, least: number, most: number): Draw[] => {
  const [begin, end] = [Math.max(from, least), Math.min(to, most)];
  return end > begin ? [{ from: begin, to: end, watts }] : [];
};

interface AlongReadings {
  readonly cell: Cell;
  readonly draws: readonly Draw[];
  readonly readings: readonly Read[];
  readonly before: number;
  readonly factor: number;
  readonly air: Air;
}

/**
 * Runs a battery down, set right by each reading: from then on it has what was read, and what draws on it takes as
 * much more or less than was planned as it took until then.
 */
function alongReadings(of: AlongReadings): RunDown & { readonly factor: number } {
  const { cell, draws, readings, before, air } = of;
  const curve: Point[] = [];
  let { factor } = of;
  let taken = before;
  let since = -Infinity;
  const on = (until: number): RunDown => {
    const part = draws.flatMap(({ watts, ...draw }) =>
      clipped({ ...draw, watts: watts * factor }, since, until),
    );
    return runDown(cell, part, air, taken);
  };
  for (const { at, gone } of readings) {
    const run = on(at);
    // It was read, so that it was not empty before, whatever was reckoned.
    curve.push(...run.curve.filter(([time]) => time < at));
    const planned = plannedBy(of, at) - before;
    if (planned >= TELLING) factor = Math.max(0, gone - before) / planned;
    taken = gone;
    since = at;
    curve.push([at, Math.max(0, 1 - gone / cell.usable)]);
  }
  const run = on(Infinity);
  return { ...run, factor, curve: [...curve, ...run.curve] };
}

/** Share that would be gone at a time if what draws on it took what was planned, and it never ended. */
function plannedBy({ cell, draws, before, air }: AlongReadings, at: number): number {
  const until = draws.flatMap(draw => clipped(draw, -Infinity, at));
  return runDown({ ...cell, usable: Infinity }, until, air, before).taken;
}
