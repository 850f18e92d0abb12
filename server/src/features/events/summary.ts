/** What stands open in an event: one line of the list of events. */
import type { Severity } from '@idle-satchel/core';
import type { EventSummary } from '@idle-satchel/core/api';
import type { Scope } from '../../database/scope.js';
import { assessedEvent } from './assessed.js';

/** One line of the list of events. Throws what `assessedEvent` does. */
export async function summaryOf(scope: Scope, event: string): Promise<EventSummary> {
  const { bundle, assessment } = await assessedEvent(scope, event);
  const { snags } = assessment;
  const count = (severity: Severity): number => snags.filter(snag => snag.severity === severity).length;
  return {
    id: event,
    label: bundle.plan.label,
    start: bundle.plan.start,
    zone: bundle.plan.zone,
    venue: bundle.venue.name,
    snags: { stop: count('stop'), risk: count('risk'), note: count('note') },
    worst: snags[0]?.title ?? null,
  };
}
