/** Confirming an event: what is on its list is booked for as long as it lasts. */
import type { Booked, Confirmation } from '@idle-satchel/core/api';
import type { Scope } from '../../database/scope.js';
import { invalid } from '../../problem.js';
import { assessedEvent } from '../events/assessed.js';
import { claimOf, neighbours, staysRigged } from '../events/claims.js';
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
  const handed = await handedOn(scope, event, free);
  const timed = items.map(each => ({
    ...each,
    free: handed !== undefined && handed.items.has(each.item) ? handed.until : free,
  }));
  return scope.atomically(async inside => {
    await takeOver(
      inside,
      event,
      items.map(({ item }) => item),
      from,
    );
    const last = timed.reduce((latest, each) => (each.free > latest ? each.free : latest), free);
    return book(
      inside,
      { id: event, event, label: plan.label, author, from, to, free: last, items: timed },
      { zone: plan.zone, dates: rules.dates },
      partly,
    );
  });
}

/**
 * What the next event of the same occasion takes too, and when it does: there is no turnaround between the two, and
 * what stays rigged is nobody else’s meanwhile. Undefined where nothing is handed on before it is free anyway.
 */
async function handedOn(
  scope: Scope,
  event: string,
  free: string,
): Promise<{ readonly items: ReadonlySet<string>; readonly until: string } | undefined> {
  const spans = await scope.spans();
  const own = spans.find(({ eventId }) => eventId === event);
  const [next] = neighbours(event, spans).after;
  if (!own || !next || (next.fromAt >= free && !staysRigged(own, next))) return undefined;
  const { bundle, assessment } = await assessedEvent(scope, next.eventId);
  const taken = takenOf(assessment.pack.lines, bundle.shelf.items);
  return { items: new Set(taken.map(({ item }) => item)), until: next.fromAt };
}

/** What events before it in the same occasion have booked is theirs no longer than until this one begins. */
async function takeOver(inside: Scope, event: string, items: readonly string[], from: string): Promise<void> {
  const { before } = neighbours(event, await inside.spans());
  if (before.length === 0) return;
  await inside.lockItems(items);
  await inside.handOn(
    before.map(({ eventId }) => eventId),
    items,
    from,
  );
}
