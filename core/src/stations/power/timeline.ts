/** The day as power sees it: stretches of the running order, and clocks of the place within it. */
import type { Phase, RunningItem } from '../../documents/index.js';
import { instantOfClock, minutesBetween, type Figure, type MapOf } from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';

/** A stretch of the day in which nothing of ours changes, in minutes after the start. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  /** The item of the running order; absent where there is none. */
  readonly item?: string;
  readonly phase?: Phase;
  readonly label: string;
}

/** The stretches of a day in order; never none, and each longer than nothing. */
export type Timeline = readonly Stretch[];

/** A day without a running order: all is on together, and nobody says for how long. */
const ALL_AT_ONCE: Timeline = [{ from: -Infinity, to: Infinity, label: 'all on together' }];

export interface OrderOfDay {
  readonly start: Figure;
  readonly items: BriefResult['items'];
  readonly runningOrder: MapOf<RunningItem> | undefined;
}

/** The items of the running order that last, as stretches, in the order of time. */
export function timelineOf({ start, items, runningOrder }: OrderOfDay): Timeline {
  const after = (figure: Figure): number => minutesBetween(String(start.value), String(figure.value));
  const stretches = Object.entries(items).flatMap(([id, { begins, ends }]): Stretch[] => {
    const [from, to] = [after(begins), after(ends)];
    const { phase, label = '' } = runningOrder?.[id] ?? {};
    return to > from ? [{ from, to, item: id, label, ...(phase && { phase }) }] : [];
  });
  return stretches.length > 0 ? stretches.sort((a, b) => a.from - b.from) : ALL_AT_ONCE;
}

/** From – to in minutes after the start; infinite at an end that nobody knows. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

const ALWAYS: readonly Span[] = [{ from: -Infinity, to: Infinity }];

export interface Clocked {
  readonly from?: string;
  readonly until?: string;
}

/**
 * When something is on that is switched by the clocks of the place, as spans about the start (an instant, in a time
 * zone): day after day from one clock to the other; for ever before or after where one of them is not known.
 */
export function spansOf({ from, until }: Clocked, start: string, zone: string): readonly Span[] {
  const at = (clock: string, day: number): number =>
    minutesBetween(start, instantOfClock(clock, start, zone, day));
  if (from !== undefined && until !== undefined) {
    return [-1, 0, 1].map(day => {
      const begin = at(from, day);
      const end = at(until, day);
      return { from: begin, to: end > begin ? end : at(until, day + 1) };
    });
  }
  // One switching a day is known: the one nearest to the start.
  const clock = from ?? until;
  if (clock === undefined) return ALWAYS;
  const nearest = [-1, 0, 1].map(day => at(clock, day)).sort((a, b) => Math.abs(a) - Math.abs(b))[0] ?? 0;
  return [from === undefined ? { from: -Infinity, to: nearest } : { from: nearest, to: Infinity }];
}

/** Whether something is on throughout a stretch that no switching divides, and since and till when. */
export const onIn = (spans: readonly Span[], { from, to }: Span): Span | undefined =>
  spans.find(span => span.from <= from && to <= span.to);

/** A timeline cut where something is switched within it. */
export function cutAt(timeline: Timeline, spans: readonly Span[]): Timeline {
  const times = [...new Set(spans.flatMap(({ from, to }) => [from, to]))].sort((a, b) => a - b);
  return timeline.flatMap(stretch => {
    const within = times.filter(time => time > stretch.from && time < stretch.to);
    const ends = [stretch.from, ...within, stretch.to];
    return ends.slice(1).map((to, i) => ({ ...stretch, from: ends[i] ?? stretch.from, to }));
  });
}

/** The stretch that begins or runs at a time, minutes after the start; a hair before its beginning counts as that. */
export const stretchAt = (timeline: Timeline, at: number): Stretch | undefined =>
  timeline.find(({ from, to }) => from <= at + 1e-6 && at + 1e-6 < to);

/** How long a span lasts, minutes. */
export const lasts = ({ from, to }: Span): number => to - from;
