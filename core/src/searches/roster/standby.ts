/** Who stands by for jobs without which nothing goes out, in case somebody does not come. */
import { levelOf } from '../../stations/hands/levels.js';
import { tied } from '../../stations/ties.js';
import { clashOf } from './between.js';
import { hindranceOf } from './eligible.js';
import type { Asked, Choice, RosterModel } from './model.js';
import type { RosterProblem } from './problem.js';

export interface Standby {
  readonly person: string;
  readonly name: string;
}

type Found = Asked & Standby;

/**
 * For each vital job of each event somebody who could do it and has nothing else then: as many jobs as can be covered
 * (augmenting paths in a bipartite graph), by those with the fewest duties first.
 */
export function standbysOf(
  problem: RosterProblem,
  model: RosterModel,
  chosen: readonly Choice[],
): { readonly found: readonly Found[]; readonly none: readonly Asked[] } {
  const found: Found[] = [];
  const none: Asked[] = [];
  const loads = new Map<string, number>();
  for (const { person } of chosen) loads.set(person, (loads.get(person) ?? 0) + 1);
  for (const event of problem.events.filter(({ fixed }) => !fixed)) {
    const jobs = event.jobs.filter(({ vital }) => vital);
    const able = jobs.map(job =>
      Object.keys(problem.people)
        .filter(person => isFree(person, { event, job }, problem, model, chosen))
        .sort((a, b) => (loads.get(a) ?? 0) - (loads.get(b) ?? 0) || (a < b ? -1 : 1)),
    );
    const matched = matching(able);
    jobs.forEach((job, i) => {
      const person = matched[i];
      if (person === undefined) none.push({ event, job });
      else {
        found.push({ event, job, person, name: problem.people[person]?.name ?? person });
        loads.set(person, (loads.get(person) ?? 0) + 1);
      }
    });
  }
  return { found, none };
}

/** Whether somebody could come and do a job by themselves, beside what they are down for. */
function isFree(
  id: string,
  { event, job }: Asked,
  { people, care }: RosterProblem,
  { at }: RosterModel,
  chosen: readonly Choice[],
): boolean {
  const person = people[id];
  if (!person || person.erased || hindranceOf(person, event, job, at(id, event))) return false;
  if (at(id, event).young || at(id, event).says === 'would rather not') return false;
  if (job.skills.some(skill => levelOf(person, skill) === 'learning')) return false;
  const there = chosen.filter(each => each.event === event);
  if (there.some(({ person: other }) => other === id || tied(people, id, other, ['keep apart'])))
    return false;
  return chosen.every(each => each.person !== id || clashOf(person, each.event, event, care) === undefined);
}

/** For each of some jobs one of those who are able, nobody twice; as many jobs as can be. Kuhn’s algorithm. */
function matching(able: readonly (readonly string[])[]): (string | undefined)[] {
  const jobOf = new Map<string, number>();
  const place = (job: number, tried: Set<string>): boolean =>
    (able[job] ?? []).some(person => {
      if (tried.has(person)) return false;
      tried.add(person);
      const other = jobOf.get(person);
      if (other !== undefined && !place(other, tried)) return false;
      jobOf.set(person, job);
      return true;
    });
  able.forEach((_, job) => place(job, new Set()));
  const matched = new Array<string | undefined>(able.length).fill(undefined);
  for (const [person, job] of jobOf) matched[job] = person;
  return matched;
}
