/** The schedule that somebody accepted, with the durations that the design has now. */
import type { CrewSchedule, ScheduledWork } from '../../../documents/index.js';
import { given, inOrder, numberOf, taken, type MapOf, type Term } from '../../../foundations/index.js';
import { AFTER, BEFORE, type OfSchedule } from './figures.js';
import type { ScheduledTask, ScheduleResult, Tasks } from './result.js';
import { beginsOf, isCritical, slackOf, waitsOf } from './sequence.js';

export interface ScheduleReads {
  readonly tasks: Tasks;
  readonly schedule: CrewSchedule | undefined;
  /** Who is on any role. */
  readonly onDuty: readonly string[];
}

/** Of the work before the rehearsal. */
export const scheduleOf = ({ tasks, schedule, onDuty }: ScheduleReads): ScheduleResult | undefined =>
  schedule && placedBy(BEFORE, tasks, { work: schedule.work, spare: schedule.spare }, onDuty);

/** Of the work after the end, where it is part of what was accepted. */
export const struckOf = ({
  tasks,
  schedule: { strike, strikeSpare = 0 } = { work: {}, spare: 0, share: 0 },
  onDuty,
}: ScheduleReads): ScheduleResult | undefined =>
  strike && placedBy(AFTER, tasks, { work: strike, spare: strikeSpare }, onDuty);

/** What was accepted of one part of the work. */
interface Accepted {
  readonly work: MapOf<ScheduledWork>;
  readonly spare: number;
}

function placedBy(
  figures: OfSchedule,
  tasks: Tasks,
  accepted: Accepted,
  onDuty: readonly string[],
): ScheduleResult {
  const here = new Set(onDuty);
  const doing = new Map(
    inOrder(accepted.work).map(([, { task, people, notBefore }]) => [
      task,
      {
        people: tasks[task]?.everybody
          ? onDuty
          : // Of whom one is not there any more, that nobody does: it is left out until it is looked for anew.
            people.every(each => here.has(each))
            ? people
            : [],
        notBefore,
      },
    ]),
  );
  const keys = behind(
    [...doing.keys()].filter(key => tasks[key] && (doing.get(key)?.people.length ?? 0) > 0),
    tasks,
  );
  const place = new Map(keys.map((key, i) => [key, i]));
  const pieces = keys.map(key => ({
    after: (tasks[key]?.after ?? []).flatMap(each => place.get(each) ?? []),
    people: doing.get(key)?.people ?? [],
    ladder: tasks[key]?.ladder ?? false,
    notBefore: doing.get(key)?.notBefore ?? 0,
  }));
  const waits = waitsOf(pieces);
  const minutes = keys.map(key => numberOf(tasks[key]?.usual) ?? 0);
  const begins = beginsOf(
    waits,
    pieces.map(({ notBefore }) => notBefore),
    minutes,
  );
  const slack = slackOf(waits, begins, minutes);
  const own = Object.fromEntries(
    keys.flatMap((key, i): [string, ScheduledTask][] => {
      const task = tasks[key];
      if (!task) return [];
      const begin = figures.begins.found([key], begins[i] ?? 0);
      return [
        [
          key,
          {
            people: pieces[i]?.people ?? [],
            begins: begin,
            ends: figures.ends.calc([key], [taken('begins', begin), taken('usual', task.usual)]),
            critical: isCritical(slack[i] ?? 0),
            fixed: doing.get(key)?.notBefore !== undefined,
          },
        ],
      ];
    }),
  );
  return resultOfSchedule(figures, tasks, own, accepted);
}

function resultOfSchedule(
  { takes: takesFigure, ready, left: leftFigure, spare: spareAt }: OfSchedule,
  tasks: Tasks,
  own: Readonly<Record<string, ScheduledTask>>,
  { spare }: Accepted,
): ScheduleResult {
  const left = Object.keys(tasks).filter(key => !own[key]);
  const all = Object.values(own).map(({ ends }): Term => taken('ends', ends));
  const takes =
    all.length > 0
      ? takesFigure.calc([], all)
      : takesFigure.unknown([], 'nothing of the work is in the schedule');
  return {
    tasks: own,
    takes,
    ready:
      left.length > 0
        ? ready.unknown([], 'the schedule leaves out some of the work')
        : ready.calc([], [taken('takes', takes), given('spare', spare, 'min', 'plan', spareAt)]),
    left: leftFigure.found([], left.length),
  };
}

/** Keys in an order in which each stands behind what is done before it, as near to the given order as that goes. */
function behind(keys: readonly string[], tasks: Tasks): string[] {
  const wanted = new Set(keys);
  const placed = new Set<string>();
  const put = (key: string): void => {
    if (placed.has(key)) return;
    for (const each of tasks[key]?.after ?? []) if (wanted.has(each)) put(each);
    placed.add(key);
  };
  keys.forEach(put);
  return [...placed];
}
