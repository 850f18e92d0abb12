/** Ready in time: the shortest schedule of the work before the rehearsal, and how often it is done by doors. */
import { assess } from '../../assess.js';
import {
  inOrder,
  minutesBetween,
  numberOf,
  USUAL_CARE,
  type Figure,
  type SkillName,
} from '../../foundations/index.js';
import type { Tasks } from '../../stations/hands/tasks/result.js';
import { peopleOn } from '../../stations/youth.js';
import { lehmer } from '../annealing.js';
import type { Schedule, Workshop } from '../schedule/work.js';
import type { Progress, Search } from '../search.js';
import { daysOf, endsOf, inTheirOrder, minutesFor, shareWithin, takesOf, type Days } from './chance.js';
import { aroundUsual, drawn } from './durations.js';
import { offerOf } from './offer.js';
import { shortestOf } from './shortest.js';
import { settled, type Settled } from './settled.js';
import { triedOut, type Added, type Shortened } from './what-if.js';
import { seatsOf, workersOf, workshopOf, type Worker } from './workshop.js';

export interface ReadyOptions {
  /** At most so long looking for the shortest schedule. */
  readonly seconds?: number;
  readonly draws?: number;
  readonly seed?: number;
  /** Days of a hundred on which everything is to be ready by doors; left out: as the house wants it. */
  readonly share?: number;
}

/** One piece of work in the schedule. */
export interface ScheduledPiece {
  readonly key: string;
  readonly label: string;
  /** Minutes after the call, or after the end for what is struck. */
  readonly begins: number;
  readonly minutes: number;
  readonly people: readonly { readonly id: string; readonly name: string }[];
}

/** How often everything is ready, %, with people called so many minutes before the start. */
export interface ChanceOfCall {
  readonly before: number;
  readonly doors: number;
  readonly live: number;
}

export interface Strike {
  /** In the order in which they begin, minutes after the end. */
  readonly work: readonly ScheduledPiece[];
  /** Minutes when all goes as usual, and fewer than which no order takes. */
  readonly takes: number;
  readonly bound: number;
  /** Minutes within which it is done on the wanted share of days, how many of them are spare, and what is planned for it. */
  readonly within: number;
  readonly spare: number;
  readonly planned: number;
}

export interface ReadyInTime {
  /** In the order in which they begin; empty where nobody is on a role, or nothing is to be done. */
  readonly work: readonly ScheduledPiece[];
  /** Minutes that nobody uses, by person. */
  readonly idle: readonly { readonly id: string; readonly name: string; readonly minutes: number }[];
  /** Minutes before the start at which people come so that it is ready by doors as often as `share` says, %. */
  readonly share: number;
  readonly before: number;
  /** As people are called now; undefined where that is not known. */
  readonly now: ChanceOfCall | undefined;
  /** For calls every five minutes. */
  readonly calls: readonly ChanceOfCall[];
  readonly shorten: readonly Shortened[];
  readonly add: readonly Added[];
  /** Striking to the last door; undefined where there is nothing to strike. */
  readonly strike: Strike | undefined;
  /** What is taken for something else than it is, or not counted. */
  readonly unknown: readonly string[];
}

export interface ReadyTask {
  readonly tasks: Tasks;
  readonly strike: Tasks;
  readonly strikePlanned: number;
  readonly workers: readonly Worker[];
  readonly others: readonly Worker[];
  readonly fixed: ReadonlyMap<string, number>;
  /** Minutes of the rehearsal and from doors to the start, and from the call to the start as they are now. */
  readonly rehearse: number;
  readonly wait: number;
  readonly called: number | undefined;
  readonly share: number;
  readonly unknown: readonly string[];
  readonly options: Required<Pick<ReadyOptions, 'seconds' | 'draws' | 'seed'>>;
}

/** What delays one thing delays others by as much as this, 0…1: house figure. */
const TOGETHER = 0.3;
const CALLS_EACH = 5;

export const readyInTime: Search<ReadyOptions, ReadyTask, ReadyInTime> = {
  name: 'schedule',
  about: 'the shortest schedule before the rehearsal, how often it is ready by doors, and the call for that',
  *problemOf(bundle, { seconds = 10, draws = 10_000, seed = 1, share }) {
    yield { stage: 'problem', share: 0 };
    const { hands, brief, pack } = assess(bundle);
    const people = peopleOn({ ...bundle.plan, people: bundle.hands.people });
    const here = new Set(Object.values(hands.roles).flatMap(({ person }) => person ?? []));
    const away = (id: string): boolean => hands.says[id] === 'is away';
    const others = inOrder(people).flatMap(([id, { erased }]) =>
      here.has(id) || erased || away(id) ? [] : [id],
    );
    const workers = workersOf(people, here);
    const { start } = brief;
    const { call } = hands;
    const isKnown = typeof start.value === 'string' && typeof call.value === 'string';
    return {
      ...{
        workers,
        tasks: hands.tasks,
        strike: hands.strike,
        others: workersOf(people, new Set(others)),
      },
      fixed: new Map(
        [bundle.plan.schedule?.work, bundle.plan.schedule?.strike].flatMap(work =>
          Object.values(work ?? {}).flatMap(({ task, notBefore }) =>
            notBefore === undefined ? [] : [[task, notBefore] as const],
          ),
        ),
      ),
      ...{ rehearse: numberOf(brief.phases.rehearse) ?? 0, wait: numberOf(brief.phases.wait) ?? 0 },
      strikePlanned: numberOf(brief.phases.strike) ?? 0,
      called: isKnown ? minutesBetween(String(call.value), String(start.value)) : undefined,
      // An event that says anything of its crew says all of it.
      share: share ?? (bundle.plan.rules?.crew ?? bundle.rules.crew)?.ready ?? USUAL_CARE.ready,
      unknown: unknownOf(hands.tasks, workers, pack.carried.work),
      options: { seconds, draws, seed },
    };
  },
  *solve(task, { now }) {
    const { tasks, workers, fixed, options, share } = task;
    if (workers.length === 0 || Object.keys(tasks).length === 0)
      return { answer: nothing(task), objectives: [], offers: [] };
    const shop = workshopOf(tasks, workers, fixed);
    const shortest = yield* shortestOf(shop, options, now);
    const { schedule, bound } = shortest;
    const { order, minutes, days, ends, takes } = drawnDays(tasks, shop, schedule, options);
    const base = minutesFor(ends, share / 100);
    const tried = yield* triedOut({ order, minutes, days, base, share: share / 100 }, task);
    const keys = Object.keys(tasks);
    const answer: ReadyInTime = {
      work: order.order.map(i => pieceOf(keys[i] ?? '', i, schedule, shop, task)),
      idle: idleOf(schedule, shop, workers),
      ...{ share, before: base + task.rehearse + task.wait, ...tried, unknown: task.unknown },
      strike: yield* struck(task, now),
      now: task.called === undefined ? undefined : chanceOf(ends, task.called, task),
      calls: callsOf(ends, task),
    };
    return {
      answer,
      objectives: [
        { label: 'until everything is ready', unit: 'min', better: 'less', value: schedule.ends, bound },
      ],
      offers: [offerOf(answer, base - takes, task)],
    };
  },
};

/** A schedule on many days: each piece with minutes drawn for it, in the order of the schedule. */
function drawnDays(
  tasks: Tasks,
  shop: Workshop,
  schedule: Schedule,
  { draws, seed }: ReadyTask['options'],
): Readonly<{
  order: Settled;
  minutes: Float64Array;
  days: Days;
  ends: Float64Array;
  /** As the plan reckons it: each piece as long as it usually is. */
  takes: number;
}> {
  const order = settled(shop, schedule);
  const usual = Object.values(tasks).map(each => numberOf(each.usual) ?? 0);
  const times = Object.values(tasks).map((each, i) => aroundUsual(usual[i] ?? 0, each));
  const minutes = drawn(times, { draws, together: TOGETHER, random: lehmer(seed) });
  const days = daysOf(order.pieces, inTheirOrder(minutes, order.order));
  const takes = takesOf(
    order.pieces,
    order.order.map(i => usual[i] ?? 0),
  );
  return { order, minutes, days, ends: endsOf(days), takes };
}

/** Striking by the same people, until everything is out. */
function* struck(
  { strike, workers, options, share, fixed, strikePlanned: planned }: ReadyTask,
  now: () => number,
): Generator<Progress, Strike | undefined> {
  if (Object.keys(strike).length === 0) return undefined;
  const shop = workshopOf(strike, workers, fixed);
  const { schedule, bound } = yield* shortestOf(shop, { ...options, seconds: options.seconds / 4 }, now);
  const { order, ends, takes } = drawnDays(strike, shop, schedule, options);
  const keys = Object.keys(strike);
  const work = order.order.map(i => pieceOf(keys[i] ?? '', i, schedule, shop, { tasks: strike, workers }));
  const within = minutesFor(ends, share / 100);
  return { work, takes: schedule.ends, bound, within, spare: within - takes, planned };
}

function pieceOf(
  key: string,
  i: number,
  { begins, who }: Schedule,
  { work }: Workshop,
  { tasks, workers }: Pick<ReadyTask, 'tasks' | 'workers'>,
): ScheduledPiece {
  return {
    ...{ key, label: tasks[key]?.label ?? key, begins: begins[i] ?? 0, minutes: work[i]?.minutes ?? 0 },
    people: (who[i] ?? []).flatMap(each => {
      const worker = workers[each];
      return worker ? [{ id: worker.id, name: worker.name }] : [];
    }),
  };
}

const idleOf = (
  { who, ends }: Schedule,
  { work }: Workshop,
  workers: readonly Worker[],
): ReadyInTime['idle'] =>
  workers.map(({ id, name }, person) => ({
    ...{ id, name },
    minutes:
      ends - who.reduce((sum, own, i) => (own.includes(person) ? sum + (work[i]?.minutes ?? 0) : sum), 0),
  }));

/** Ready by doors: the rehearsal is over as well; by the start: it has eaten up the wait. */
function chanceOf(
  ends: Float64Array,
  before: number,
  { rehearse, wait }: Pick<ReadyTask, 'rehearse' | 'wait'>,
): ChanceOfCall {
  const percent = (minutes: number): number => 100 * shareWithin(ends, minutes);
  return { before, doors: percent(before - rehearse - wait), live: percent(before - rehearse) };
}

/** From the latest call that is ever enough for the start to the earliest that is always enough for doors. */
function callsOf(ends: Float64Array, task: ReadyTask): ChanceOfCall[] {
  const step = (minutes: number): number => Math.ceil(minutes / CALLS_EACH) * CALLS_EACH;
  const from = step(minutesFor(ends, 0) + task.rehearse) - CALLS_EACH;
  const to = step(minutesFor(ends, 1) + task.rehearse + task.wait);
  return Array.from({ length: (to - from) / CALLS_EACH + 1 }, (_, i) =>
    chanceOf(ends, from + i * CALLS_EACH, task),
  );
}

function unknownOf(tasks: Tasks, workers: readonly Worker[], carrying: Figure): string[] {
  const all = Object.entries(tasks).map(([key, each]) => ({ key, ...each, ...seatsOf(each, workers) }));
  const skills = new Map<SkillName, string[]>();
  for (const { unknown, label } of all)
    if (unknown !== undefined) skills.set(unknown, [...(skills.get(unknown) ?? []), label]);
  return [
    ...(carrying.why === undefined ? [] : [`carrying in is not counted: ${carrying.why}`]),
    ...[...skills].map(([skill, labels]) => `nobody who is there can do ${skill}: ${labels.join(', ')}`),
    ...all.flatMap(({ short, label, adults }) =>
      short
        ? [`${label}: ${adults ? 'somebody over 18 does it' : 'it takes two'}, and there are too few`]
        : [],
    ),
  ];
}

const nothing = ({ share, unknown, rehearse, wait }: ReadyTask): ReadyInTime => ({
  ...{ work: [], idle: [], share, before: rehearse + wait, now: undefined, calls: [] },
  ...{ shorten: [], add: [], strike: undefined, unknown },
});
