/** The accepted schedule as bars: everybody’s work before the rehearsal along the time after the call. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { cutLabel, inOrder, numberOf, showClock, type Reading } from '../foundations/index.js';
import type { ScheduledTask } from '../stations/hands/tasks/result.js';

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
  /** Minutes after the call at which it begins. */
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

/** Undefined where no schedule was accepted, or it is not known when people are called. */
export function scheduleDrawing(
  { plan, hands: { people } }: Bundle,
  { hands, brief }: Pick<Assessment, 'hands' | 'brief'>,
  reading: Reading,
): ScheduleDrawing | undefined {
  const { schedule, call } = hands;
  if (!schedule || typeof call.value !== 'string') return undefined;
  const from = Date.parse(call.value);
  const start = typeof brief.start.value === 'string' ? Date.parse(brief.start.value) : undefined;
  const planned = (numberOf(brief.phases.rehearse) ?? 0) + (numberOf(brief.phases.wait) ?? 0);
  const due = start === undefined ? undefined : (start - from) / 60_000 - planned;
  const ready = numberOf(schedule.ready);
  const takes = numberOf(schedule.takes) ?? 0;
  const whole = Math.max(1, takes, ready ?? 0, due ?? 0);
  const minute = (BARS.right - BARS.left) / whole;
  const x = (minutes: number): number => BARS.left + minutes * minute;
  const clock = (minutes: number): string =>
    showClock(new Date(from + minutes * 60_000).toISOString(), reading);
  const works = new Map(inOrder(plan.schedule?.work).map(([id, { task }]) => [task, id]));
  const barOf = ([key, task]: [string, ScheduledTask]): ScheduleBar => {
    const [begins, ends] = [numberOf(task.begins) ?? 0, numberOf(task.ends) ?? 0];
    const label = hands.tasks[key]?.label ?? key;
    const width = (ends - begins) * minute;
    return {
      ...{ key, label, begins, width, x: x(begins), work: works.get(key) ?? '' },
      ...{ when: `${clock(begins)}–${clock(ends)}`, words: cutLabel(label, (width - 6) / LETTER) },
      ...{ critical: task.critical, fixed: task.fixed },
    };
  };
  const tasks = Object.entries(schedule.tasks);
  const doing = [...new Set(tasks.flatMap(([, each]) => each.people))];
  const rows = doing.map((person, row): ScheduleRow => {
    const bars = tasks.filter(([, each]) => each.people.includes(person)).map(barOf);
    const busy = bars.reduce((sum, { width }) => sum + width / minute, 0);
    return {
      ...{ person, name: people[person]?.name ?? person, free: Math.round(takes - busy), bars },
      y: BARS.head + row * BARS.row + BARS.row - BARS.bar - 4,
    };
  });
  const share = plan.schedule?.share ?? 0;
  return {
    ...{ minute, rows, height: BARS.head + rows.length * BARS.row + 22 },
    ticks: ticksFrom(from, whole, minute).map(at => ({ x: x(at), clock: clock(at) })),
    ready:
      ready === undefined
        ? undefined
        : { x: x(ready), words: `ready by ${clock(ready)} on ${share} days of 100` },
    due:
      due === undefined
        ? undefined
        : { x: x(due), words: `${numberOf(brief.phases.rehearse) ? 'rehearsal' : 'doors'} ${clock(due)}` },
  };
}

/** Minutes after the call at which a round time of the clock is named, with room for it. */
function ticksFrom(call: number, whole: number, minute: number): number[] {
  const step = APART.find(each => each * minute >= CLOCK);
  if (step === undefined) return [];
  const first = (step - ((call / 60_000) % step)) % step;
  const count = Math.max(0, Math.floor((whole - CLOCK / minute - first) / step) + 1);
  return Array.from({ length: count }, (_, i) => first + i * step);
}
