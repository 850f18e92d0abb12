/** The least crew: the fewest people of the house who can do every role of an event between them, and who does what. */
import { assess } from '../../assess.js';
import { inPlan } from '../../edits.js';
import type { Bundle } from '../../documents/index.js';
import { idFrom, inOrder, type SkillName } from '../../foundations/index.js';
import { ALL_OF_IT } from '../../stations/hands/attention.js';
import { peopleOn } from '../../stations/youth.js';
import type { RoleResult, Roles } from '../../stations/hands/result.js';
import { groupLoads, isLive, type LoadReads } from '../../stations/hands/workload.js';
import { loadReads } from './load-reads.js';
import { OptionError, provenLeast, type Search } from '../search.js';
import { fewestPeople, uncovered, type Able, type Cover } from './cover.js';

export interface CrewOptions {
  /** Whoever may be asked; left out: everybody of the house. */
  readonly people?: readonly string[];
}

/** One person of the least crew. */
export interface CrewMember {
  readonly person: string;
  readonly name: string;
  readonly roles: readonly { readonly key: string; readonly label: string }[];
  /** In the fullest item, as far as things are counted, %. */
  readonly peak: number;
}

export interface LeastCrew {
  readonly crew: readonly CrewMember[];
  /** Roles that nobody who may be asked can do. */
  readonly nobody: readonly string[];
  /** Roles for which there are too few of those who can: the fewest that must stay empty. */
  readonly tooFew: readonly string[];
  /** How many it would take if everybody could do everything. */
  readonly anybody: number;
  /** What nothing counts, and is taken as nothing. */
  readonly uncounted: readonly string[];
}

export interface CrewTask {
  readonly bundle: Bundle;
  readonly roles: readonly RoleResult[];
  readonly all: Roles;
  readonly reads: LoadReads;
  readonly people: readonly {
    readonly id: string;
    readonly name: string;
    readonly can: ReadonlySet<SkillName>;
  }[];
}

/** Most roles that the search counts through. */
const MOST_ROLES = 24;

export const leastCrew: Search<CrewOptions, CrewTask, LeastCrew> = {
  name: 'crew',
  about: 'the fewest people who can do every role between them, and who does what',
  *problemOf(bundle, { people: asked }) {
    yield { stage: 'problem', share: 0 };
    const assessment = assess(bundle);
    const { hands } = assessment;
    const people = peopleOn({ ...bundle.plan, people: bundle.hands.people });
    asked?.forEach((id, i) => {
      if (!Object.hasOwn(people, id)) throw new OptionError(`/people/${i}`, 'names nobody of the house');
    });
    const roles = Object.values(hands.roles);
    if (roles.length > MOST_ROLES)
      throw new OptionError('', `counts through at most ${MOST_ROLES} roles; this event has ${roles.length}`);
    const may = asked === undefined ? undefined : new Set(asked);
    const on = new Map(roles.flatMap(({ person, besides }) => (person && !besides ? [[person, 1]] : [])));
    return {
      bundle,
      roles,
      all: hands.roles,
      reads: loadReads(bundle, assessment),
      people: inOrder(people)
        .filter(([id, { young, erased }]) => !young && !erased && (may?.has(id) ?? true))
        .map(([id, { name, skills }]) => ({
          id,
          name,
          can: new Set(skills.flatMap(({ skill, level }) => (level === 'learning' ? [] : [skill]))),
        }))
        // Whoever is on a role already comes first of those who can do the same.
        .sort((a, b) => (on.get(b.id) ?? 0) - (on.get(a.id) ?? 0)),
    };
  },
  *solve(task) {
    const ways = [asItIs(task.roles), callerOperates(task.roles)].filter(way => way !== undefined);
    let best: Planned | undefined;
    let anybody = Infinity;
    for (const way of ways) {
      const { doable, nobody, people } = knownBy(way, task);
      const problemOf = (jobs: Way['jobs'], of: readonly Able[]) => ({
        jobs: jobs.length,
        people: of,
        together: (set: number) => canDo(setOf(jobs, set), way, task),
        least: leastOf(jobs.flat(), task),
      });
      const { cover, left } = yield* fewest(problemOf(doable, people));
      const planned = { cover, jobs: doable, nobody, tooFew: setOf(doable, left).map(({ label }) => label) };
      if (!best || betterThan(planned, best)) best = planned;
      const knows = 2 ** way.jobs.length - 1;
      const everybody = way.jobs.map((_, i) => ({ id: `anybody ${i}`, knows }));
      const all = yield* fewest(problemOf(way.jobs, everybody));
      if (all.left === 0) anybody = Math.min(anybody, all.cover.length);
    }
    return foundOf(task, best, anybody);
  },
};

/** Who does what, and what nobody does. */
interface Planned extends Pick<LeastCrew, 'nobody' | 'tooFew'> {
  readonly cover: Cover;
  readonly jobs: Way['jobs'];
}

const emptyIn = ({ nobody, tooFew }: Planned): number => nobody.length + tooFew.length;

/** Fewer roles that stay empty count before fewer people. */
const betterThan = (a: Planned, b: Planned): boolean =>
  emptyIn(a) === emptyIn(b) ? a.cover.length < b.cover.length : emptyIn(a) < emptyIn(b);

/** Roles that go together whatever happens: each job of the search is one or several of them. */
interface Way {
  readonly jobs: readonly (readonly RoleResult[])[];
  /** Cuts are called aloud. */
  readonly calls: boolean;
}

/** Each role by itself, with every cut called aloud as if to somebody else. */
const asItIs = (roles: readonly RoleResult[]): Way => ({
  jobs: roles.map(role => [role]),
  calls: true,
});

/**
 * Whoever calls works every camera: then nothing is called. Apart from that, taking a role away never makes a load
 * larger, as the search wants it; so this way is looked at by itself.
 */
function callerOperates(roles: readonly RoleResult[]): Way | undefined {
  const caller = roles.find(({ key }) => key === 'caller');
  const operators = roles.filter(({ done }) => done.cameras.length > 0);
  if (!caller || operators.length === 0) return undefined;
  const together = [caller, ...operators];
  return {
    jobs: [together, ...roles.filter(role => !together.includes(role)).map(role => [role])],
    calls: false,
  };
}

const setOf = (jobs: Way['jobs'], set: number): RoleResult[] =>
  jobs.flatMap((roles, i) => ((set & (1 << i)) === 0 ? [] : roles));

/**
 * Whether one person can do some roles: at one place, with no more than all of their attention, and both hands for one
 * thing.
 */
function canDo(roles: readonly RoleResult[], { calls }: Way, { all, reads }: CrewTask): boolean {
  const live = roles.filter(isLive);
  const held = live.filter(({ done }) => done.bothHands).length;
  if (held > 1) return false;
  // As if the cameras were somebody else’s, where cuts are called.
  const others = calls ? Object.values(all) : Object.values(all).filter(each => !roles.includes(each));
  const loads = groupLoads(live, others, reads);
  if (held > 0 && loads.some(({ load }) => load > 0)) return false;
  return loads.every(({ load, atOnePlace }) => atOnePlace && load <= ALL_OF_IT);
}

/** No fewer people than this can do some roles: what all of them take together in the fullest item, and both hands. */
function leastOf(roles: readonly RoleResult[], { reads }: CrewTask): number {
  const live = roles.filter(isLive);
  const sums = new Map<string, number>();
  for (const role of live)
    for (const { id, load } of groupLoads([role], [], reads)) sums.set(id, (sums.get(id) ?? 0) + load);
  // A hair is taken off for what sums of numbers lose.
  const full = Math.max(0, ...sums.values()) / ALL_OF_IT - 1e-9;
  return Math.max(Math.ceil(full), live.filter(({ done }) => done.bothHands).length);
}

function knownBy(way: Way, task: CrewTask): { doable: Way['jobs']; nobody: string[]; people: Able[] } {
  const lacking = uncovered({
    jobs: way.jobs.length,
    people: ableOf(way.jobs, task),
    together: set => canDo(setOf(way.jobs, set), way, task),
    least: 1,
  });
  const doable = way.jobs.filter((_, i) => !lacking.includes(i));
  return {
    doable,
    nobody: lacking.flatMap(i => (way.jobs[i] ?? []).map(({ label }) => label)),
    people: ableOf(doable, task),
  };
}

const ableOf = (jobs: Way['jobs'], { people }: CrewTask): Able[] =>
  people.map(({ id, can }) => ({
    id,
    knows: jobs.reduce(
      (set, roles, i) => (roles.every(({ skill }) => can.has(skill)) ? set | (1 << i) : set),
      0,
    ),
  }));

function* fewest(problem: Parameters<typeof fewestPeople>[0]) {
  const steps = fewestPeople(problem);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    yield {
      stage: 'solving' as const,
      share: value / Math.max(1, problem.people.length),
      value,
      bound: value,
    };
  }
}

function foundOf(task: CrewTask, best: Planned | undefined, anybody: number) {
  const { bundle, all, reads } = task;
  const names = new Map(task.people.map(({ id, name }) => [id, name]));
  const crew = (best?.cover ?? []).map(({ id, does }): CrewMember => {
    const own = setOf(best?.jobs ?? [], does);
    const others = Object.values(all).filter(each => !own.includes(each));
    return {
      person: id,
      name: names.get(id) ?? id,
      roles: own.map(({ key, label }) => ({ key, label })),
      peak: Math.max(0, ...groupLoads(own.filter(isLive), others, reads).map(({ load }) => load)),
    };
  });
  const uncounted = task.roles.flatMap(({ done, label }) => (done.unsaid ? [label] : []));
  const counted = groupLoads(task.roles.filter(isLive), [], reads);
  const answer: LeastCrew = {
    crew,
    nobody: best?.nobody ?? [],
    tooFew: best?.tooFew ?? [],
    anybody: Number.isFinite(anybody) ? anybody : 0,
    uncounted: [...uncounted, ...new Set(counted.flatMap(({ uncounted: why }) => why))],
  };
  const { patch } = inPlan({ assignments: bundle.plan.assignments }).each(crew, (edit, { person, roles }) =>
    edit.each(roles, (each, { key }) =>
      each.put('assignments', all[key]?.assignment ?? idFrom(`role/${key}`), { role: key, person }),
    ),
  );
  return {
    answer,
    objectives: crew.length === 0 ? [] : [provenLeast('people', '', crew.length)],
    offers:
      patch.length === 0
        ? []
        : [
            {
              id: idFrom('least crew'),
              label: `Have ${crew.length === 1 ? 'one person' : `${crew.length} people`} do it`,
              changes: [{ document: 'plan' as const, patch }],
            },
          ],
  };
}
