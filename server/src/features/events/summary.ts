/** What stands open in an event: one line of the list of events. */
import { bundleOf, createAssessor, type Severity } from '@idle-satchel/core';
import type { EventSummary } from '@idle-satchel/core/api';
import type { DocumentRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { bundleAround } from './service.js';

/** Kept between requests to spare work; a restart only makes the next list slower. */
const assessors = new Map<string, ReturnType<typeof createAssessor>>();
const MOST_ASSESSORS = 50;

function assessorFor(id: string): ReturnType<typeof createAssessor> {
  const assessor = assessors.get(id) ?? createAssessor();
  assessors.delete(id);
  assessors.set(id, assessor);
  const oldest = assessors.keys().next().value;
  if (assessors.size > MOST_ASSESSORS && oldest !== undefined) assessors.delete(oldest);
  return assessor;
}

/** One line of the list of events. */
export async function summaryOf(scope: Scope, plan: DocumentRow): Promise<EventSummary> {
  const bundle = bundleOf(await bundleAround(scope, plan));
  const { snags } = assessorFor(plan.id)(bundle);
  const count = (severity: Severity): number => snags.filter(snag => snag.severity === severity).length;
  return {
    id: plan.id,
    label: bundle.plan.label,
    start: bundle.plan.start,
    zone: bundle.plan.zone,
    venue: bundle.venue.name,
    snags: { stop: count('stop'), risk: count('risk'), note: count('note') },
    worst: snags[0]?.title ?? null,
  };
}
