/** A roster as a grid: everybody by every event, with what they do there, what they say of it, and what is against it. */
import { dayIn, inOrder } from '../foundations/index.js';
import type { Job, RosterEvent } from '../searches/roster/index.js';
import { clashOf } from '../searches/roster/between.js';
import { hindranceOf, learningFor, type AtEvent } from '../searches/roster/eligible.js';
import { CLASH_WORDS } from '../searches/roster/model.js';
import { levelOf } from '../stations/hands/levels.js';
import { tied } from '../stations/ties.js';
import { keyOfJob, personOn, type Draft, type RosterFacts, type RosterLine } from './state.js';

/** One person, and what they say of each event: what no draft changes. */
export interface RosterRow {
  readonly person: string;
  readonly name: string;
  readonly past: number;
  /** By event, in the order of the lines. */
  readonly at: readonly AtEvent[];
}

/** Those who can do anything that is asked for, or are on it, by name. */
export function rowsOf({ lines, people, past, at }: RosterFacts): RosterRow[] {
  const asked = new Set(lines.flatMap(({ event }) => event.jobs.flatMap(({ skills }) => skills)));
  const on = new Set(lines.flatMap(({ event }) => event.jobs.map(({ person }) => person)));
  return inOrder(people)
    .filter(
      ([id, { erased, skills }]) => on.has(id) || (!erased && skills.some(({ skill }) => asked.has(skill))),
    )
    .map(([id, person]) => ({
      ...{ person: id, name: person.name, past: past[id] ?? 0 },
      at: lines.map(({ event }) => at(id, event)),
    }))
    .sort((a, b) => a.name.localeCompare(b.name) || (a.person < b.person ? -1 : 1));
}

/** A job in the cell of whoever is on it. */
export interface CellJob {
  readonly key: string;
  readonly job: Job;
  /** It is theirs only in the draft. */
  readonly fresh: boolean;
  readonly kept: boolean;
  readonly learning: boolean;
}

export interface RosterCell {
  readonly jobs: readonly CellJob[];
  /** Jobs that are theirs in the plan, and would not be. */
  readonly gone: readonly Job[];
  /** What is against their being there, in sentences. */
  readonly against: readonly string[];
}

/** The cells of one person, by event in the order of the lines. */
export function cellsOf(person: string, facts: RosterFacts, draft: Draft): RosterCell[] {
  const own = facts.lines.map(line => jobsOf(person, line, facts, draft));
  const there = facts.lines.filter((_, i) => (own[i]?.length ?? 0) > 0);
  const months = facts.people[person]?.most === undefined ? [] : there.map(({ event }) => monthOf(event));
  return facts.lines.map((line, i) => ({
    jobs: own[i] ?? [],
    gone: line.event.jobs.filter(job => job.person === person && personOn(line.id, job, draft) !== person),
    against: againstOf(person, line, own[i] ?? [], { there, months }, facts, draft),
  }));
}

function jobsOf(person: string, { id, event }: RosterLine, { people }: RosterFacts, draft: Draft): CellJob[] {
  const known = people[person];
  return event.jobs
    .filter(job => personOn(id, job, draft) === person)
    .map(job => {
      const key = keyOfJob(id, job.roles);
      return {
        ...{ key, job, fresh: job.person !== person },
        kept: draft.kept.includes(key),
        learning: known !== undefined && learningFor(known, job).length > 0,
      };
    });
}

/** Who is at an event, as the draft has it. */
const presentAt = ({ id, event }: RosterLine, draft: Draft): string[] =>
  event.jobs.flatMap(job => personOn(id, job, draft) ?? []);

/** Events at which somebody would be on duty, and the month of each where it counts how many they are. */
interface Duties {
  readonly there: readonly RosterLine[];
  readonly months: readonly string[];
}

function againstOf(
  id: string,
  line: RosterLine,
  jobs: readonly CellJob[],
  { there, months }: Duties,
  { people, care, inMonth, at }: RosterFacts,
  draft: Draft,
): string[] {
  const person = people[id];
  const { event } = line;
  if (jobs.length === 0 || !person) return [];
  const beside = presentAt(line, draft).filter(other => other !== id);
  const found = jobs.flatMap(({ job }) => hindranceOf(person, event, job, at(id, event))?.words ?? []);
  const alone = jobs
    .flatMap(({ job }) => learningFor(person, job))
    .filter(skill => !beside.some(other => people[other] && levelOf(people[other], skill) === 'can lead'))
    .map(skill => `${person.name} is learning ${skill}, and nobody there can lead it`);
  const clashes = there
    .filter(other => other.id !== line.id)
    .flatMap(other => {
      const clash = clashOf(person, event, other.event, care);
      return clash === undefined ? [] : [CLASH_WORDS[clash](person.name, event.label, other.event.label)];
    });
  const apart = beside
    .filter(other => tied(people, id, other, ['keep apart']))
    .map(other => `${person.name} and ${people[other]?.name ?? other} are kept apart`);
  const without = inOrder(people)
    .filter(([other]) => !beside.includes(other) && tied(people, id, other, ['come together']))
    .map(([, { name }]) => `${person.name} and ${name} come together`);
  return [...new Set([...found, ...alone, ...clashes, ...overMonth(), ...apart, ...without])];

  function overMonth(): string[] {
    if (person?.most === undefined) return [];
    const month = months[there.indexOf(line)] ?? '';
    const count = (inMonth[`${id} ${month}`] ?? 0) + months.filter(each => each === month).length;
    return count > person.most
      ? [`${person.name} does at most ${person.most} in ${month}, and this makes ${count}`]
      : [];
  }
}

const monthOf = ({ zone, from }: RosterEvent): string => dayIn(zone, from).slice(0, 7);

/** A job of an event, and who would be on it. */
export interface OpenJob {
  readonly key: string;
  readonly line: RosterLine;
  readonly job: Job;
}

/** Jobs that nobody would be on. */
export const openJobs = ({ lines }: Pick<RosterFacts, 'lines'>, draft: Draft): OpenJob[] =>
  lines
    .filter(({ event }) => !event.fixed)
    .flatMap(line =>
      line.event.jobs
        .filter(job => personOn(line.id, job, draft) === undefined)
        .map(job => ({ key: keyOfJob(line.id, job.roles), line, job })),
    );

/** Jobs of an event that somebody has learnt, or learns, and is not on. */
export function offeredTo(
  person: string,
  { id, event }: RosterLine,
  facts: RosterFacts,
  draft: Draft,
): Job[] {
  const known = facts.people[person];
  if (!known || event.fixed) return [];
  return event.jobs.filter(
    job =>
      personOn(id, job, draft) !== person && job.skills.every(skill => levelOf(known, skill) !== undefined),
  );
}
