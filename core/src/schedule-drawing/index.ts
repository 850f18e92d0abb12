/** The accepted schedule as bars: everybody’s work before the rehearsal after the call, and of the strike after the end. */
import type { Assessment } from '../assess.js';
import type { Bundle, ScheduledWork } from '../documents/index.js';
import {
  cutLabel,
  inOrder,
  minutesBetween,
  numberOf,
  showClock,
  type Figure,
  type MapOf,
  type Reading,
} from '../foundations/index.js';
import type { ScheduledTask, ScheduleResult, Tasks } from '../stations/hands/tasks/result.js';

/** All lengths in units of the drawing. */
export const BARS = { width: 720, left: 6, right: 714, head: 30, row: 46, bar: 24 } as const;

export interface ScheduleBar {
  /** Of the task, and of its record in the schedule. */
  readonly key: string;
  readonly work: string;
  readonly label: string;
  /** From when to when, in words. */
  readonly when: string;
  readonly x: number;
  readonly width: number;
  /** As much of the label as there is room for. */
  readonly words: string | undefined;
  readonly critical: boolean;
  readonly fixed: boolean;
  /** Minutes after the call, or the end, at which it begins. */
  readonly begins: number;
}

export interface ScheduleRow {
  readonly person: string;
  readonly name: string;
  /** Whole minutes of theirs before everything is done that nobody has asked for. */
  readonly free: number;
  /** Where their bars lie, from the top. */
  readonly y: number;
  readonly bars: readonly ScheduleBar[];
}

/** A moment that is drawn and named. */
export interface NamedMoment {
  readonly x: number;
  readonly words: string;
}

export interface ScheduleDrawing {
  readonly height: number;
  /** Length of a minute. */
  readonly minute: number;
  readonly ticks: readonly { readonly x: number; readonly clock: string }[];
  readonly rows: readonly ScheduleRow[];
  /** When everything is done on the house’s share of days, and when it has to be. */
  readonly ready: NamedMoment | undefined;
  readonly due: NamedMoment | undefined;
}

const LETTER = 6.2;
/** Ticks are so many minutes apart, the first of them that leaves room for a clock. */
const APART = [5, 10, 15, 30, 60, 120, 240, 480];
const CLOCK = 48;

/** Parts of the schedule, each with a drawing of its own, and where the plan keeps its work. */
export const SCHEDULE_PARTS = ['work', 'strike'] as const;
export type SchedulePart = (typeof SCHEDULE_PARTS)[number];

/** What is drawn of one part. */
interface Drawn {
  readonly tasks: Tasks;
  readonly schedule: ScheduleResult | undefined;
  readonly work: MapOf<ScheduledWork> | undefined;
  /** The instant that it counts from. */
  readonly from: Figure;
  readonly ready: (clock: string) => string;
  /** Minutes after that at which it has to be done, where that is known, with its words. */
  readonly due: { readonly minutes: number; readonly words: string } | undefined;
}

type Assessed = Pick<Assessment, 'hands' | 'brief'>;

/** Undefined where no schedule of that part was accepted, or it is not known from when on it counts. */
export function scheduleDrawing(
  bundle: Bundle,
  assessed: Assessed,
  reading: Reading,
  part: SchedulePart,
): ScheduleDrawing | undefined {
  const drawn = DRAWN[part](bundle, assessed);
  const { schedule, tasks, from } = drawn;
  if (!schedule || typeof from.value !== 'string') return undefined;
  const since = Date.parse(from.value);
  const ready = numberOf(schedule.ready);
  const takes = numberOf(schedule.takes) ?? 0;
  const whole = Math.max(1, takes, ready ?? 0, drawn.due?.minutes ?? 0);
  const minute = (BARS.right - BARS.left) / whole;
  const x = (minutes: number): number => BARS.left + minutes * minute;
  const clock = (minutes: number): string =>
    showClock(new Date(since + minutes * 60_000).toISOString(), reading);
  const works = new Map(inOrder(drawn.work).map(([id, { task }]) => [task, id]));
  const barOf = ([key, task]: [string, ScheduledTask]): ScheduleBar => {
    const [begins, ends] = [numberOf(task.begins) ?? 0, numberOf(task.ends) ?? 0];
    const label = tasks[key]?.label ?? key;
    const width = (ends - begins) * minute;
    return {
      ...{ key, label, begins, width, x: x(begins), work: works.get(key) ?? '' },
      ...{ when: `${clock(begins)}–${clock(ends)}`, words: cutLabel(label, (width - 6) / LETTER) },
      ...{ critical: task.critical, fixed: task.fixed },
    };
  };
  const all = Object.entries(schedule.tasks);
  const doing = [...new Set(all.flatMap(([, each]) => each.people))];
  const rows = doing.map((person, row): ScheduleRow => {
    const bars = all.filter(([, each]) => each.people.includes(person)).map(barOf);
    const busy = bars.reduce((sum, { width }) => sum + width / minute, 0);
    return {
      ...{ person, name: bundle.hands.people[person]?.name ?? person, free: Math.round(takes - busy), bars },
      y: BARS.head + row * BARS.row + BARS.row - BARS.bar - 4,
    };
  });
  return {
    ...{ minute, rows, height: BARS.head + rows.length * BARS.row + 22 },
    ticks: ticksFrom(since, whole, minute).map(at => ({ x: x(at), clock: clock(at) })),
    ready: ready === undefined ? undefined : { x: x(ready), words: drawn.ready(clock(ready)) },
    due: drawn.due && { x: x(drawn.due.minutes), words: `${drawn.due.words} ${clock(drawn.due.minutes)}` },
  };
}

const DRAWN: Readonly<Record<SchedulePart, (bundle: Bundle, assessed: Assessed) => Drawn>> = {
  work({ plan }, { hands, brief: { start, phases } }) {
    const planned = (numberOf(phases.rehearse) ?? 0) + (numberOf(phases.wait) ?? 0);
    const { tasks, schedule, call } = hands;
    const isKnown = typeof start.value === 'string' && typeof call.value === 'string';
    return {
      ...{ tasks, schedule, work: plan.schedule?.work, from: call },
      ready: clock => `ready by ${clock} on ${plan.schedule?.share ?? 0} days of 100`,
      due: isKnown
        ? {
            minutes: minutesBetween(String(call.value), String(start.value)) - planned,
            words: numberOf(phases.rehearse) ? 'rehearsal' : 'doors',
          }
        : undefined,
    };
  },
  strike({ plan }, { hands: { strike, struck }, brief: { end, phases } }) {
    const planned = numberOf(phases.strike) ?? 0;
    return {
      ...{ tasks: strike, schedule: struck, work: plan.schedule?.strike, from: end },
      ready: clock => `out by ${clock} on ${plan.schedule?.share ?? 0} days of 100`,
      due: planned > 0 ? { minutes: planned, words: 'as planned' } : undefined,
    };
  },
};

/** Minutes after it begins at which a round time of the clock is named, with room for it. */
function ticksFrom(from: number, whole: number, minute: number): number[] {
  const step = APART.find(each => each * minute >= CLOCK);
  if (step === undefined) return [];
  const first = (step - ((from / 60_000) % step)) % step;
  const count = Math.max(0, Math.floor((whole - CLOCK / minute - first) / step) + 1);
  return Array.from({ length: count }, (_, i) => first + i * step);
}
