/** The roster of a span of events: who does what, exactly, stage by stage, and why what is empty is empty. */
import { inPlan } from '../../edits.js';
import { idFrom, inOrder, minutesBetween } from '../../foundations/index.js';
import type { Bundle } from '../../documents/index.js';
import { assess } from '../../assess.js';
import { assignmentFor } from '../../stations/hands/assign.js';
import { OptionError, type Found, type Objective, type Offer, type Search } from '../search.js';
import {
  inTurn,
  NoAnswer,
  saidOf,
  valueOf,
  whyNone,
  type ConflictSaid,
  type Solved,
  type Values,
} from '../solver/index.js';
import { careOf } from './care.js';
import { rosterEventOf } from './from-plan.js';
import { rosterModel, type Choice, type RosterModel } from './model.js';
import type { Job, RosterEvent, RosterProblem } from './problem.js';
import { stagesOf, type Stage, type RosterWay } from './stages.js';
import { standbysOf, type Standby } from './standby.js';
import { whyEmpty } from './why-empty.js';

export { careOf } from './care.js';
export { rosterEventOf } from './from-plan.js';
export type { Care, Job, RosterEvent, RosterProblem } from './problem.js';
export { ROSTER_WAYS, type RosterWay } from './stages.js';

export interface Counted {
  readonly person: string;
  readonly count: number;
  /** `2026-12`; of duties in a month. */
  readonly month?: string;
}

export interface RosterOptions {
  /** What the event of the file is called among them. */
  readonly own?: string;
  /** Events besides that of the file. */
  readonly events?: readonly RosterEvent[];
  /** Duties before these events, which fairness remembers. */
  readonly past?: readonly Counted[];
  /** Duties besides in months that these events touch. */
  readonly inMonth?: readonly Required<Counted>[];
  readonly way?: RosterWay;
  /** Longest for all stages together, s; each is given at least a tenth of it. */
  readonly seconds?: number;
}

/** A job of an event by the roles that it is. */
interface At {
  readonly event: string;
  readonly roles: readonly string[];
  readonly label: string;
}

export interface Duty extends At {
  readonly person: string;
  readonly name: string;
  /** They are learning it, beside somebody who leads it. */
  readonly learning: boolean;
  /** Who was put on it before; absent where nobody was. */
  readonly before?: string;
}

export interface EmptyJob extends At {
  /** Rules that keep it empty: none of them could be left out. */
  readonly why: ConflictSaid;
  /** Those of them without which alone it would be filled, with everything else as it is. */
  readonly unblocked: readonly string[];
}

export interface RosterAnswer {
  readonly duties: readonly Duty[];
  readonly empty: readonly EmptyJob[];
  /** Of everybody who could be put on anything: duties before, and now. */
  readonly loads: readonly {
    readonly person: string;
    readonly name: string;
    readonly past: number;
    readonly now: number;
  }[];
  readonly standby: readonly (At & Standby)[];
  /** Vital jobs for which nobody can stand by. */
  readonly noStandby: readonly At[];
  /** Jobs that are somebody’s already, though something is against it. */
  readonly against: readonly (At & { readonly why: string })[];
  /** Why there is no roster at all: what is fixed or accepted cannot hold together. */
  readonly conflict?: ConflictSaid;
}

/** The event of the file, as far as its plan is changed. */
interface OwnEvent {
  readonly id: string;
  readonly assignments: Bundle['plan']['assignments'];
}

export interface RosterTask {
  /** Absent where the roster is made of no file. */
  readonly own?: OwnEvent;
  readonly problem: RosterProblem;
  readonly way: RosterWay;
  readonly seconds: number;
}

/** The event of the file, where it has no other id. */
const OWN = 'thisevent';
/** Longest for all stages, s. */
const LONGEST = 60;

export const roster: Search<RosterOptions, RosterTask, RosterAnswer> = {
  name: 'roster',
  about:
    'who does what at one event or several: fewest holes, then fair shares, then wishes; and why what is empty is',
  *problemOf(bundle, options) {
    yield { stage: 'problem', share: 0 };
    return taskOf(bundle, options);
  },
  async *solve({ problem, way, seconds, own }, { solve, now }) {
    const model = rosterModel(problem);
    const stages = stagesOf(model, problem, way);
    const begun = now();
    let done: { readonly values: Values; readonly solved: readonly Solved[] };
    try {
      yield { stage: 'solving', share: 0.1 };
      done = await inTurn(
        model.programme,
        stages.map(({ least }) => least),
        solve,
        () => ({ seconds: Math.max(seconds / 10, seconds - (now() - begun) / 1000) }),
      );
    } catch (error) {
      if (!(error instanceof NoAnswer) || error.status !== 'none') throw error;
      const conflict = saidOf(await whyNone({ ...model.programme, objective: [] }, solve, now, seconds));
      return { answer: { ...NOTHING, against: againstOf(model), conflict }, objectives: [], offers: [] };
    }
    const empty: EmptyJob[] = [];
    const holes = model.holes.filter(({ empty: each }) => valueOf(done.values, [[1, each]]) > 0.5);
    for (const [i, { event, job }] of holes.entries()) {
      yield { stage: 'solving', share: 0.5 + (0.5 * i) / holes.length };
      const filled = model.holes.filter(each => !holes.includes(each));
      const { conflict, unblocked } = await whyEmpty(problem, { event, job }, filled, solve, now, seconds);
      empty.push({ ...at(event, job), why: saidOf(conflict), unblocked });
    }
    return found(problem, model, stages, done, empty, own);
  },
};

const NOTHING: RosterAnswer = {
  ...{ duties: [], empty: [], loads: [], standby: [], noStandby: [], against: [] },
};

const at = ({ id }: RosterEvent, { roles, label }: Job): At => ({ event: id, roles, label });

const againstOf = ({ against }: RosterModel): RosterAnswer['against'] =>
  against.map(({ event, job, why }) => ({ ...at(event, job), why }));

/** Throws where there is nothing to fill, or an event is there twice or ends before it begins. */
function checkEvents(events: readonly RosterEvent[], pathOf: (i: number) => string): void {
  if (events.length === 0)
    throw new OptionError('/events', 'are none, and this event has no time that is known');
  events.forEach(({ id, label, from, to }, i) => {
    if (events.findIndex(other => other.id === id) < i)
      throw new OptionError(pathOf(i), `is there twice: ${id}`);
    if (minutesBetween(from, to) < 0) throw new OptionError(pathOf(i), `${label} ends before it begins`);
  });
}

function taskOf(bundle: Bundle, options: RosterOptions): RosterTask {
  const { people } = bundle.hands;
  const own = rosterEventOf(options.own ?? OWN, bundle, assess(bundle));
  const events = [own, ...(options.events ?? [])].filter(event => event !== undefined);
  const at = (i: number): string => `/events/${own === undefined ? i : i - 1}`;
  checkEvents(events, at);
  const known = (list: readonly Counted[], path: string): readonly Counted[] => {
    list.forEach(({ person }, i) => {
      if (!Object.hasOwn(people, person))
        throw new OptionError(`${path}/${i}/person`, 'names nobody of the house');
    });
    return list;
  };
  return {
    own: { id: options.own ?? OWN, assignments: bundle.plan.assignments },
    problem: {
      ...{ events, people, care: careOf(bundle.plan.rules?.crew ?? bundle.rules.crew) },
      past: Object.fromEntries(
        known(options.past ?? [], '/past').map(({ person, count }) => [person, count]),
      ),
      inMonth: Object.fromEntries(
        known(options.inMonth ?? [], '/inMonth').map(({ person, month, count }) => [
          `${person} ${month}`,
          count,
        ]),
      ),
    },
    way: options.way ?? 'fairest',
    seconds: options.seconds ?? LONGEST,
  };
}

function found(
  problem: RosterProblem,
  model: RosterModel,
  stages: readonly Stage[],
  { values, solved }: { readonly values: Values; readonly solved: readonly Solved[] },
  empty: readonly EmptyJob[],
  ownEvent: OwnEvent | undefined,
): Found<RosterAnswer> {
  const { people, past } = problem;
  const name = (id: string): string => people[id]?.name ?? id;
  const chosen = model.choices.filter(({ on }) => valueOf(values, [[1, on]]) > 0.5);
  const standby = standbysOf(problem, model, chosen);
  return {
    answer: {
      duties: chosen
        .filter(({ event }) => !event.fixed)
        .map(({ event, job, person, learning }) => ({
          ...at(event, job),
          ...{ person, name: name(person), learning },
          ...(job.person !== undefined && { before: job.person }),
        })),
      empty,
      loads: inOrder(people).flatMap(([person]) =>
        model.choices.some(each => each.person === person)
          ? [
              {
                ...{ person, name: name(person), past: past[person] ?? 0 },
                now: chosen.filter(each => each.person === person).length,
              },
            ]
          : [],
      ),
      standby: standby.found.map(({ event, job, ...who }) => ({ ...at(event, job), ...who })),
      noStandby: standby.none.map(({ event, job }) => at(event, job)),
      against: againstOf(model),
    },
    objectives: stages.map((stage, i) => objectiveOf(stage, solved[i])),
    offers: offersOf(problem, chosen, ownEvent),
  };
}

/** The edit of the event of the file; others are changed by whoever has their plans. */
function offersOf(problem: RosterProblem, chosen: readonly Choice[], own: OwnEvent | undefined): Offer[] {
  if (!own) return [];
  const { assignments } = own;
  const { patch } = inPlan({ assignments }).each(
    chosen.filter(({ event, job, person }) => event.id === own.id && job.person !== person),
    (edit, { job, person }) =>
      edit.each(job.roles, (each, role) =>
        each.put('assignments', assignmentFor(assignments, role, person), { role, person }),
      ),
  );
  if (patch.length === 0) return [];
  const label = `Put these people on ${problem.events[0]?.label ?? 'it'}`;
  return [{ id: idFrom('roster'), label, changes: [{ document: 'plan', patch }] }];
}

/** What the solver leaves of a number that is whole, or has few places. */
const rounded = (value: number): number => Math.round(value * 1e6) / 1e6 + 0;

function objectiveOf({ label, counted, better }: Stage, solved: Solved | undefined): Objective {
  const { value = NaN, bound = -Infinity } = solved ?? {};
  const least = solved?.status === 'best' ? value : Math.min(value, bound);
  return { label, unit: '', better, value: rounded(counted(value)), bound: rounded(counted(least)) };
}
