/** What events take from the shelf, and which of that is taken at the same time. */
import { idFrom, inOrder } from '@idle-satchel/core';
import type { Claims, Plan } from '@idle-satchel/core/documents';
import type { FullBooking } from '../../database/booking-rows.js';
import type { ClaimRow, EventSpan } from '../../database/claim-rows.js';
import type { Scope } from '../../database/scope.js';

const MINUTE = 60_000;

/** From the first planned minute to the last. */
function spanOf(plan: Plan): { readonly from: number; readonly to: number } {
  const minutes = (live: boolean): number =>
    inOrder(plan.runningOrder)
      .filter(([, item]) => (item.phase === 'live' || item.phase === 'strike') === live)
      .reduce((sum, [, item]) => sum + item.minutes, 0);
  const start = Date.parse(plan.start);
  return { from: start - minutes(false) * MINUTE, to: start + minutes(true) * MINUTE };
}

/** What an event takes while it lasts. */
export function claimOf(plan: Plan): Omit<ClaimRow, 'eventId'> {
  const { from, to } = spanOf(plan);
  return {
    label: plan.label,
    fromAt: new Date(from).toISOString(),
    toAt: new Date(to).toISOString(),
    venueId: plan.venue.id,
    venueRevision: plan.venue.revision,
    // A variant is one way of doing what its parent does, and takes nothing beside that. One battery may be in several
    // places one after another.
    items:
      plan.parent !== undefined
        ? []
        : [
            ...new Set([
              ...inOrder(plan.devices).flatMap(([, { item }]) => item ?? []),
              ...inOrder(plan.links).flatMap(([, { cables }]) => cables ?? []),
              ...inOrder(plan.batteryChanges).map(([, { item }]) => item),
            ]),
          ],
  };
}

/** Whether an edit left alone all that a claim is made of. */
export const claimsTheSame = (before: Plan, after: Plan): boolean =>
  (
    ['label', 'start', 'venue', 'parent', 'runningOrder', 'devices', 'links', 'batteryChanges'] as const
  ).every(field => before[field] === after[field]);

/** Other events that last at the same time as one. */
export function overlapping(event: string, all: readonly EventSpan[]): readonly string[] {
  const own = all.find(({ eventId }) => eventId === event);
  if (!own) return [];
  return all
    .filter(each => each !== own && each.fromAt < own.toAt && each.toAt > own.fromAt)
    .map(({ eventId }) => eventId);
}

/**
 * What others take while an event lasts and its things come back, as an assessment reads it: what overlapping events
 * plan to take, and what is booked; and what the event has booked itself. A variant may take what its parent takes.
 */
export async function claimsFor(
  scope: Scope,
  event: string,
  turnaround = 0,
  parent?: string,
): Promise<Claims> {
  const spans = await scope.spans();
  const own = spans.find(({ eventId }) => eventId === event);
  const until = own && new Date(Date.parse(own.toAt) + turnaround * MINUTE).toISOString();
  const [planned, booked, mine, ofParent] = await Promise.all([
    scope.claims(overlapping(event, spans).filter(id => id !== parent)),
    own && until !== undefined ? scope.bookingsIn(own.fromAt, until) : [],
    scope.bookingOfEvent(event),
    parent === undefined ? undefined : scope.bookingOfEvent(parent),
  ]);
  const others = booked.filter(({ id }) => id !== mine?.id && id !== ofParent?.id);
  return {
    claims: { ...plannedClaims(planned), ...bookedClaims(others) },
    ...(mine && {
      own: {
        ...{ from: mine.from, to: mine.to },
        items: Object.fromEntries(
          mine.items.map(({ item, count }) => [item, { ...(count !== null && { count }) }]),
        ),
      },
    }),
  };
}

const plannedClaims = (rows: readonly ClaimRow[]): Claims['claims'] =>
  Object.fromEntries(
    rows.flatMap(({ eventId, label, fromAt, toAt, items }) =>
      items.map(item => [idFrom(`${eventId}/${item}`), { item, event: label, from: fromAt, to: toAt }]),
    ),
  );

/** Under the ids of what the same event plans to take, so that it is told once. */
const bookedClaims = (bookings: readonly FullBooking[]): Claims['claims'] =>
  Object.fromEntries(
    bookings.flatMap(({ id, label, from, free, items }) =>
      items.map(({ item, count }) => [
        idFrom(`${id}/${item}`),
        { item, event: label, from, to: free, booked: true, ...(count !== null && { count }) },
      ]),
    ),
  );
