/** Work of the day as it goes: what is under way, what can begin, what still waits, and how long things took. */
import type { Assessment } from '../assess.js';
import type { Bundle, LearnedPaces, WorkDone } from '../documents/index.js';
import {
  idFrom,
  inOrder,
  minutesBetween,
  numberOf,
  showClock,
  type Figure,
  type Reading,
} from '../foundations/index.js';
import type { ScheduleResult, Task, Tasks } from '../stations/hands/tasks/result.js';

export const WORK_STATES = ['under way', 'can begin', 'waits', 'done'] as const;
export type WorkState = (typeof WORK_STATES)[number];

export interface WorkLine {
  readonly key: string;
  /** Of its record in the log. */
  readonly id: string;
  readonly label: string;
  readonly state: WorkState;
  /** Who does it by the schedule, and from when to when, where that is known. */
  readonly who: string;
  readonly planned: string | undefined;
  /** What is done before it and is not done yet. */
  readonly waitsFor: readonly string[];
  /** When it was begun, and from when to when it went with its minutes, in words. */
  readonly went: string | undefined;
  /** What is logged of it once it begins, without when. */
  readonly begins: Omit<WorkDone, 'begun' | 'done'>;
}

export interface WorkUnderWay {
  readonly before: readonly WorkLine[];
  readonly after: readonly WorkLine[];
}

/** Both before the rehearsal and after the end, in the order that was accepted; else as the design asks for it. */
export function workUnderWay(
  bundle: Bundle,
  { hands, brief, rules }: Pick<Assessment, 'hands' | 'brief' | 'rules'>,
  reading: Reading,
): WorkUnderWay {
  const of = (tasks: Tasks, schedule: ScheduleResult | undefined, from: Figure): WorkLine[] =>
    linesOf(bundle, { tasks, schedule, from, paces: rules.paces }, reading);
  return {
    before: of(hands.tasks, hands.schedule, hands.call),
    after: of(hands.strike, hands.struck, brief.end),
  };
}

interface Part {
  readonly tasks: Tasks;
  readonly schedule: ScheduleResult | undefined;
  /** The instant that the schedule counts from. */
  readonly from: Figure;
  readonly paces: LearnedPaces | undefined;
}

function linesOf(
  { plan, hands: { people } }: Bundle,
  { tasks, schedule, from, paces }: Part,
  reading: Reading,
): WorkLine[] {
  const log = new Map(inOrder(plan.workLog).map(([id, each]) => [each.task, { id, ...each }]));
  const isDone = (key: string): boolean => log.get(key)?.done !== undefined;
  const begins = (key: string): number => numberOf(schedule?.tasks[key]?.begins) ?? Infinity;
  return Object.entries(tasks)
    .map(([key, task]): WorkLine => {
      const logged = log.get(key);
      const own = schedule?.tasks[key];
      const waits = task.after.filter(each => tasks[each] && !isDone(each));
      return {
        key,
        id: logged?.id ?? idFrom(`worklog/${key}`),
        label: task.label,
        state: stateOf(logged, waits.length),
        who: (own?.people ?? []).map(id => people[id]?.name ?? 'somebody').join(', '),
        planned: own && plannedWords(own, from, reading),
        waitsFor: waits.map(each => tasks[each]?.label ?? each),
        went: logged && wentWords(logged, reading),
        begins: { task: key, sort: task.sort, usual: plainMinutes(task, paces) },
      };
    })
    .sort((a, b) => begins(a.key) - begins(b.key) || 0);
}

function stateOf(logged: WorkDone | undefined, waits: number): WorkState {
  if (logged) return logged.done === undefined ? 'under way' : 'done';
  return waits > 0 ? 'waits' : 'can begin';
}

/** What the house has learned is taken out again: it is learned from how much of what is usual things take. */
const plainMinutes = ({ usual, sort }: Task, paces: LearnedPaces | undefined): number =>
  Math.round((100 * (numberOf(usual) ?? 0)) / (paces?.[sort]?.times ?? 1)) / 100;

function plannedWords(
  { begins, ends }: ScheduleResult['tasks'][string],
  from: Figure,
  reading: Reading,
): string | undefined {
  if (typeof from.value !== 'string') return undefined;
  const since = Date.parse(from.value);
  const clock = (minutes: Figure): string =>
    showClock(new Date(since + (numberOf(minutes) ?? 0) * 60_000).toISOString(), reading);
  return `${clock(begins)}–${clock(ends)}`;
}

function wentWords({ begun, done }: WorkDone, reading: Reading): string {
  if (done === undefined) return `since ${showClock(begun, reading)}`;
  const minutes = Math.round(minutesBetween(begun, done));
  return `${showClock(begun, reading)}–${showClock(done, reading)}, ${minutes} min`;
}
