/** A roster as it is worked on: events with their jobs, and who would be on them that is not written into a plan yet. */
import type { Assignment, Hands, Person, RuleChoices } from '../documents/index.js';
import { minutesBetween, type MapOf } from '../foundations/index.js';
import { careOf } from '../searches/roster/care.js';
import { atEvents, type AtEvent } from '../searches/roster/eligible.js';
import type { Care, Job, RosterAnswer, RosterEvent, RosterProblem } from '../searches/roster/index.js';

/** One event, and of its plan what says who is on what. */
export interface RosterLine {
  readonly id: string;
  readonly revision: number;
  readonly event: RosterEvent;
  readonly assignments?: MapOf<Assignment>;
}

/** A span of events, as it is asked for. */
export interface RosterSpan {
  readonly lines: readonly RosterLine[];
  readonly past: readonly { readonly person: string; readonly count: number }[];
  readonly inMonth: readonly { readonly person: string; readonly count: number; readonly month: string }[];
  readonly crew?: RuleChoices['crew'];
}

export interface RosterFacts {
  readonly lines: readonly RosterLine[];
  readonly people: Hands['people'];
  readonly care: Care;
  readonly past: RosterProblem['past'];
  readonly inMonth: RosterProblem['inMonth'];
  /** What holds of somebody at an event, worked out once: calendars take long. */
  readonly at: (person: string, event: RosterEvent) => AtEvent;
}

/** What is known of a span; events to which people have been called by now (an instant) are only looked at. */
export const factsOf = (
  { lines, past, inMonth, crew }: RosterSpan,
  people: readonly ({ readonly id: string } & Person)[],
  now: string,
): RosterFacts => {
  const care = careOf(crew);
  const known = Object.fromEntries(people.map(({ id, ...person }) => [id, person]));
  return {
    lines: lines.map(line =>
      minutesBetween(now, line.event.from) > 0 ? line : { ...line, event: { ...line.event, fixed: true } },
    ),
    care,
    people: known,
    at: atEvents(known, care),
    past: Object.fromEntries(past.map(({ person, count }) => [person, count])),
    inMonth: Object.fromEntries(inMonth.map(({ person, month, count }) => [`${person} ${month}`, count])),
  };
};

/** What is wished besides what the plans say, by key of the job. */
export interface Draft {
  /** Who is to be on it; null = nobody. */
  readonly who: Readonly<Record<string, string | null>>;
  /** Jobs that stay as they are when a roster is looked for. */
  readonly kept: readonly string[];
}

export const NO_DRAFT: Draft = { who: {}, kept: [] };

/** A job of an event by the roles that it is. */
export const keyOfJob = (event: string, roles: readonly string[]): string => `${event} ${roles.join(' + ')}`;

/** Who would be on a job. */
export function personOn(event: string, { roles, person }: Job, { who }: Draft): string | undefined {
  const wished = who[keyOfJob(event, roles)];
  return wished === undefined ? person : (wished ?? undefined);
}

/** A draft in which somebody, or nobody, is on a job; and that stays so, as it was chosen by hand. */
export function withPerson(draft: Draft, event: string, job: Job, person: string | null): Draft {
  const key = keyOfJob(event, job.roles);
  const { [key]: _before, ...others } = draft.who;
  const isSo = person === (job.person ?? null);
  const kept = draft.kept.filter(each => each !== key);
  return {
    who: isSo ? others : { ...others, [key]: person },
    kept: isSo || person === null ? kept : [...kept, key],
  };
}

/** A draft in which a job stays as it is when a roster is looked for, or no longer does. */
export function withKept({ who, kept }: Draft, key: string): Draft {
  return { who, kept: kept.includes(key) ? kept.filter(each => each !== key) : [...kept, key] };
}

/** A draft without what it wishes for some events. */
export function withoutEvents({ who, kept }: Draft, lines: readonly RosterLine[]): Draft {
  const gone = new Set(lines.flatMap(({ id, event }) => event.jobs.map(({ roles }) => keyOfJob(id, roles))));
  return {
    who: Object.fromEntries(Object.entries(who).filter(([key]) => !gone.has(key))),
    kept: kept.filter(key => !gone.has(key)),
  };
}

/** An event as the draft would have it. */
export function draftedEvent({ event }: RosterLine, draft: Draft): RosterEvent {
  const jobs = event.jobs.map(({ person, accepted, ...job }): Job => {
    const now = personOn(event.id, { ...job, ...(person !== undefined && { person }) }, draft);
    const kept = now !== undefined && draft.kept.includes(keyOfJob(event.id, job.roles));
    return {
      ...job,
      ...(now !== undefined && { person: now }),
      ...(accepted && now === person && { accepted }),
      ...(kept && { kept }),
    };
  });
  return { ...event, jobs };
}

/** What is looked for, from where the draft stands. */
export const problemOf = (facts: RosterFacts, draft: Draft): RosterProblem => ({
  events: facts.lines.map(line => draftedEvent(line, draft)),
  people: facts.people,
  ...{ care: facts.care, past: facts.past, inMonth: facts.inMonth },
});

/** The draft that a roster was found to be; what was kept stays kept. */
export function draftOf(
  { duties, empty }: Pick<RosterAnswer, 'duties' | 'empty'>,
  { lines }: RosterFacts,
  { kept }: Draft,
): Draft {
  const found = new Map<string, string | null>([
    ...duties.map(({ event, roles, person }) => [keyOfJob(event, roles), person] as const),
    ...empty.map(({ event, roles }) => [keyOfJob(event, roles), null] as const),
  ]);
  const who = lines.flatMap(({ id, event }) =>
    event.jobs.flatMap(({ roles, person = null }) => {
      const now = found.get(keyOfJob(id, roles));
      return now === undefined || now === person ? [] : [[keyOfJob(id, roles), now] as const];
    }),
  );
  return { who: Object.fromEntries(who), kept };
}
