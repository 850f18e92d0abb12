/** Confirming an event: what is on its list is booked for as long as it lasts. */
import type { Booked, Confirmation } from '@idle-satchel/core/api';
import type { Scope } from '../../database/scope.js';
import { invalid } from '../../problem.js';
import { assessedEvent } from '../events/assessed.js';
import { claimOf } from '../events/claims.js';
import { book, freeAfter, takenOf } from './service.js';

/** Books all that is on the list of an event, in place of what it had booked before. */
export async function confirm(
  scope: Scope,
  event: string,
  { author = 'Somebody', partly }: Confirmation,
): Promise<Booked> {
  const { bundle, assessment } = await assessedEvent(scope, event);
  const { plan, shelf } = bundle;
  const { rules } = assessment;
  if (plan.parent !== undefined)
    throw invalid([{ path: '/parent', reason: 'is a variant: make it the plan before it is booked' }]);
  const { fromAt: from, toAt: to } = claimOf(plan);
  if (from === to)
    throw invalid([{ path: '/runningOrder', reason: 'has no minutes: say how long it lasts' }]);
  const items = takenOf(assessment.pack.lines, shelf.items);
  const free = freeAfter(to, rules.turnaround);
  return scope.atomically(inside =>
    book(
      inside,
      { id: event, event, label: plan.label, author, from, to, free, items },
      { zone: plan.zone, dates: rules.dates },
      partly,
    ),
  );
}
