/** What a draft changes in the plans: as people read it, and as edits. */
import { inPlan } from '../edits.js';
import { inOrder, type Operation } from '../foundations/index.js';
import type { Job } from '../searches/roster/index.js';
import { assignmentFor } from '../stations/hands/assign.js';
import { keyOfJob, personOn, type Draft, type RosterFacts, type RosterLine } from './state.js';

export interface RosterChange {
  readonly key: string;
  readonly event: RosterLine;
  readonly job: Job;
  /** Who was on it so far, and who would be; absent = nobody. */
  readonly from?: string;
  readonly to?: string;
}

export function changesOf({ lines }: Pick<RosterFacts, 'lines'>, draft: Draft): RosterChange[] {
  return lines.flatMap(line =>
    line.event.jobs.flatMap(job => {
      const [from, to] = [job.person, personOn(line.id, job, draft)];
      if (from === to) return [];
      const key = keyOfJob(line.id, job.roles);
      return [
        { key, event: line, job, ...(from !== undefined && { from }), ...(to !== undefined && { to }) },
      ];
    }),
  );
}

/** What a draft does to one plan, at the revision at which it was seen. */
export interface PlanChange {
  readonly document: string;
  readonly base: number;
  readonly patch: readonly Operation[];
}

/** One change for each plan that would be another one. */
export function planChangesOf(facts: Pick<RosterFacts, 'lines'>, draft: Draft): PlanChange[] {
  const changes = changesOf(facts, draft);
  return facts.lines.flatMap(({ id, revision, assignments }) => {
    const own = changes.filter(({ event }) => event.id === id);
    if (own.length === 0) return [];
    const { patch } = inPlan({ assignments }).each(own, (edit, { job, to }) =>
      edit.each(job.roles, (each, role) => {
        if (to !== undefined)
          return each.put('assignments', assignmentFor(assignments, role, to), { role, person: to });
        const gone = inOrder(assignments).filter(
          ([, { role: of, answer }]) => of === role && answer?.how !== 'no',
        );
        return each.each(gone, (on, [record]) => on.drop('assignments', record));
      }),
    );
    return [{ document: id, base: revision, patch }];
  });
}
