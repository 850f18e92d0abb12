/** What counts of a roster, and in which order: holes, changes or learners where they are asked for, fairness, wishes. */
import { inOrder } from '../../foundations/index.js';
import { tied } from '../../stations/ties.js';
import type { Sum, Variable } from '../solver/index.js';
import type { Choice, RosterModel } from './model.js';
import type { RosterProblem } from './problem.js';

export const ROSTER_WAYS = ['fairest', 'fewest changes', 'most learners'] as const;
export type RosterWay = (typeof ROSTER_WAYS)[number];

export interface Stage {
  readonly label: string;
  readonly least: Sum;
  /** What people count, of what the sum comes to. */
  readonly counted: (sum: number) => number;
  readonly better: 'more' | 'less';
}

/** Stages of a way, what counts first before what counts less. */
export function stagesOf(model: RosterModel, problem: RosterProblem, way: RosterWay): Stage[] {
  const loads = loadsOf(model, problem);
  const first = way === 'fewest changes' ? [changes(model)] : way === 'most learners' ? [turns(model)] : [];
  return [holes(model), ...first, largest(model, loads), squares(model, loads), wishes(model, problem)];
}

/** Empty jobs; of as many, rather those without which something still goes out. */
function holes({ holes: all }: RosterModel): Stage {
  const tie = 1 / (1 + all.length);
  return {
    ...{ label: 'holes', better: 'less' },
    // What a vital one counts besides never makes a whole one.
    counted: sum => Math.floor(sum + 1e-6),
    least: all.map(({ job, empty }) => [job.vital ? 1 + tie / 2 : 1, empty]),
  };
}

/** Jobs that somebody else does than so far. */
const changes = (model: RosterModel): Stage => ({
  ...{ label: 'changes', better: 'less' },
  least: stays(model).map(({ on }) => [-1, on]),
  counted: sum => taken(model) + sum,
});

/** Jobs that somebody has so far, and the choices by which they stay theirs. */
const taken = ({ holes: all }: RosterModel): number =>
  all.filter(({ job }) => job.person !== undefined).length;
const stays = ({ choices }: RosterModel): Choice[] =>
  choices.filter(({ event, job, person }) => !event.fixed && job.person === person);

/** Turns of learners. */
const turns = (model: RosterModel): Stage => ({
  ...{ label: 'turns of learners', better: 'more' },
  counted: sum => -sum,
  least: learning(model).map(({ on }) => [-1, on]),
});

const learning = ({ choices }: RosterModel) =>
  choices.filter(choice => choice.learning && !choice.event.fixed);

interface Load {
  readonly person: string;
  readonly past: number;
  readonly duties: Sum;
}

/** Of everybody who can be put on anything: their duties, and those before. */
function loadsOf(model: RosterModel, { past, people }: RosterProblem): Load[] {
  return inOrder(people).flatMap(([person]) => {
    const duties = model.choices.flatMap(({ on, person: who }) => (who === person ? [[1, on] as const] : []));
    return duties.length === 0 ? [] : [{ person, past: past[person] ?? 0, duties }];
  });
}

/** The largest number of duties that anybody has, with those before. */
function largest({ programme }: RosterModel, loads: readonly Load[]): Stage {
  const most = programme.whole(0, 1e6);
  for (const { past, duties } of loads) programme.atMost([...duties, [-1, most] as const], -past);
  return { label: 'largest load', least: [[1, most]], counted: sum => sum, better: 'less' };
}

/** The sum of the squares of all loads: each further duty counts more than the one before it. */
function squares({ programme, choices }: RosterModel, loads: readonly Load[]): Stage {
  const events = new Map(loads.map(({ person }) => [person, new Set<string>()]));
  for (const { person, event } of choices) events.get(person)?.add(event.id);
  const least: [number, Variable][] = [];
  let before = 0;
  for (const { person, past, duties } of loads) {
    const steps = Array.from({ length: events.get(person)?.size ?? 0 }, () => programme.yesNo());
    programme.exactly([...duties, ...steps.map(step => [-1, step] as const)], 0);
    steps.forEach((step, i) => least.push([2 * (past + i) + 1, step]));
    before += past ** 2;
  }
  return {
    ...{ label: 'sum of squares of loads', better: 'less' },
    ...{ least, counted: sum => before + sum },
  };
}

/** What people wish, by the weights of the house. */
function wishes(model: RosterModel, problem: RosterProblem): Stage {
  const { ratherNot, apartFromHousehold, learner, change } = problem.care.wishes;
  const unwilling = model.choices.filter(
    ({ person, event }) => !event.fixed && model.at(person, event).says === 'would rather not',
  );
  return {
    ...{ label: 'wishes not kept, less turns of learners', better: 'less' },
    counted: sum => change * taken(model) + sum,
    least: [
      ...unwilling.map(({ on }) => [ratherNot, on] as const),
      ...apart(model, problem).map(each => [apartFromHousehold, each] as const),
      ...learning(model).map(({ on }) => [-learner, on] as const),
      ...stays(model).map(({ on }) => [-change, on] as const),
    ],
  };
}

/** One of a household without the other at an event to which both could come. */
function apart({ programme, onDuty }: RosterModel, { people, events }: RosterProblem): Variable[] {
  const ids = inOrder(people).map(([id]) => id);
  return ids.flatMap((one, i) =>
    ids.slice(i + 1).flatMap(other => {
      if (!tied(people, one, other, ['one household'])) return [];
      return events.flatMap(event => {
        const [here, there] = [onDuty(one, event), onDuty(other, event)];
        if (event.fixed || here.length === 0 || there.length === 0) return [];
        const alone = programme.number(0, 1);
        const less = (sum: Sum): Sum => sum.map(([factor, each]) => [-factor, each]);
        programme.atMost([...here, ...less(there), [-1, alone]], 0);
        programme.atMost([...there, ...less(here), [-1, alone]], 0);
        return [alone];
      });
    }),
  );
}
