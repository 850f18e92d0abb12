/** What events take from the shelf, and which of that is taken at the same time. */
import { idFrom, inOrder } from '@idle-satchel/core';
import type { Claims, Plan, RunningItem } from '@idle-satchel/core/documents';
import type { FullBooking } from '../../database/booking-rows.js';
import type { ClaimRow, EventSpan } from '../../database/claim-rows.js';
import type { Scope } from '../../database/scope.js';
import { newestOf } from '../edits/newest.js';

const MINUTE = 60_000;

interface PlannedSpan {
  /** From the first planned minute to the last, and the end of what is live, all in ms. */
  readonly from: number;
  readonly to: number;
  readonly end: number;
}

function spanOf({ start, runningOrder }: Pick<Plan, 'start' | 'runningOrder'>): PlannedSpan {
  const items = inOrder(runningOrder);
  const after = (minutes: number): number => Date.parse(start) + minutes * MINUTE;
  const minutesOf = (counts: (phase: RunningItem['phase']) => boolean): number =>
    items.reduce((sum, [, { phase, minutes }]) => sum + (counts(phase) ? minutes : 0), 0);
  const live = minutesOf(phase => phase === 'live');
  return {
    from: after(-minutesOf(phase => phase !== 'live' && phase !== 'strike')),
    to: after(live + minutesOf(phase => phase === 'strike')),
    end: after(live),
  };
}

/** What an event takes while it lasts. */
export function claimOf(plan: Plan): Omit<ClaimRow, 'eventId'> {
  const { from, to } = spanOf(plan);
  return {
    label: plan.label,
    fromAt: instant(from),
    toAt: instant(to),
    venueId: plan.venue.id,
    venueRevision: plan.venue.revision,
    // Of a variant its parent is what the occasion knows.
    occasion: plan.parent === undefined ? (plan.occasion?.label ?? null) : null,
    stays: plan.occasion?.stays === true,
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
    [
      'label',
      'start',
      'venue',
      'parent',
      'runningOrder',
      'devices',
      'links',
      'batteryChanges',
      'occasion',
    ] as const
  ).every(field => before[field] === after[field]);

/** Other events that last at the same time as one. */
export function overlapping(event: string, all: readonly EventSpan[]): readonly string[] {
  const own = all.find(({ eventId }) => eventId === event);
  if (!own) return [];
  return all
    .filter(each => each !== own && each.fromAt < own.toAt && each.toAt > own.fromAt)
    .map(({ eventId }) => eventId);
}

/** The events of the same occasion that end before one begins, and that begin after it ends, the nearest first. */
export function neighbours(
  event: string,
  all: readonly EventSpan[],
): { readonly before: readonly EventSpan[]; readonly after: readonly EventSpan[] } {
  const own = all.find(({ eventId }) => eventId === event);
  if (!own || own.occasion === null) return { before: [], after: [] };
  const others = all.filter(each => each !== own && each.occasion === own.occasion);
  return {
    before: others
      .filter(({ toAt }) => toAt <= own.fromAt)
      .sort((a, b) => b.toAt.localeCompare(a.toAt) || a.eventId.localeCompare(b.eventId)),
    after: others
      .filter(({ fromAt }) => fromAt >= own.toAt)
      .sort((a, b) => a.fromAt.localeCompare(b.fromAt) || a.eventId.localeCompare(b.eventId)),
  };
}

/** Whether what two events both use stays rigged between the first and the second. */
export const staysRigged = (first: EventSpan, second: EventSpan): boolean =>
  first.stays && first.venueId === second.venueId;

/**
 * What others take while an event lasts and its things come back, as an assessment reads it: what overlapping events
 * plan to take, and what is booked; what the event has booked itself; and what events of the same occasion hand on to
 * it and take over from it, which is no claim of theirs. A variant may take what its parent takes.
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
  const near = neighbours(event, spans);
  const [last, next] = [near.before[0], near.after[0]];
  const meanwhile = overlapping(event, spans).filter(id => id !== parent);
  const [planned, duties, booked, mine, ofParent, handing] = await Promise.all([
    scope.claims(meanwhile),
    dutiesMeanwhile(scope, meanwhile, own?.venueId),
    own && until !== undefined ? scope.bookingsIn(own.fromAt, until) : [],
    scope.bookingOfEvent(event),
    parent === undefined ? undefined : scope.bookingOfEvent(parent),
    last || next ? scope.claims([event, ...[last, next].flatMap(each => each?.eventId ?? [])]) : [],
  ]);
  const ofOccasion = new Set([...near.before, ...near.after].map(({ eventId }) => eventId));
  const others = booked.filter(
    ({ id, event: of }) => id !== mine?.id && id !== ofParent?.id && !ofOccasion.has(of ?? ''),
  );
  const bookedBefore = last && (await scope.bookingOfEvent(last.eventId));
  const bookedAfter = next && (await scope.bookingOfEvent(next.eventId));
  const ownItems = itemsOf(event, handing, mine);
  const before =
    own && last && handedOn(last.eventId, handing, [itemsOf(last.eventId, handing, bookedBefore), ownItems]);
  const after =
    own && next && handedOn(next.eventId, handing, [ownItems, itemsOf(next.eventId, handing, bookedAfter)]);
  return {
    claims: { ...plannedClaims(planned), ...bookedClaims(others, own?.fromAt, until) },
    ...(Object.keys(duties).length > 0 && { duties }),
    ...(mine && {
      own: {
        ...{ from: mine.from, to: mine.to },
        items: Object.fromEntries(
          mine.items.map(({ item, count }) => [item, { ...(count !== null && { count }) }]),
        ),
      },
    }),
    ...(before && { before: { ...before, ...(own && last && staysRigged(last, own) && { rigged: true }) } }),
    ...(after && { after: { ...after, ...(own && next && staysRigged(own, next) && { rigged: true }) } }),
  };
}

/** Who is on a role of some events and did not say no; ways of doing one are none by themselves. */
async function dutiesMeanwhile(
  scope: Scope,
  events: readonly string[],
  venue: string | undefined,
): Promise<NonNullable<Claims['duties']>> {
  // Most events overlap with none, and nothing has to be read.
  if (events.length === 0) return {};
  const plans = [...(await newestOf(scope, events))].flatMap(([id, { kind, body }]) =>
    kind === 'plan' ? [[id, body as Plan] as const] : [],
  );
  return Object.fromEntries(
    plans.flatMap(([id, plan]) => {
      if (plan.parent !== undefined) return [];
      const { from, to, end } = spanOf(plan);
      const people = inOrder(plan.assignments).flatMap(([, { person, answer }]) =>
        answer?.how === 'no' ? [] : [person],
      );
      const times = { from: instant(from), to: instant(to), begin: plan.start, end: instant(end) };
      return [...new Set(people)].map(person => [
        idFrom(`${id}/${person}`),
        { person, event: plan.label, ...times, ...(plan.venue.id === venue && { here: true }) },
      ]);
    }),
  );
}

const instant = (ms: number): string => new Date(ms).toISOString();

/** What an event takes: as it is planned, and as it has booked. */
const itemsOf = (
  event: string,
  rows: readonly ClaimRow[],
  booking: FullBooking | undefined,
): ReadonlySet<string> =>
  new Set([
    ...(rows.find(({ eventId }) => eventId === event)?.items ?? []),
    ...(booking?.items ?? []).map(({ item }) => item),
  ]);

/** What two events both take, by the name of the one that is not asked about; undefined where that is nothing. */
function handedOn(
  other: string,
  rows: readonly ClaimRow[],
  [first, second]: readonly [ReadonlySet<string>, ReadonlySet<string>],
): Claims['before'] {
  const items = [...first].filter(item => second.has(item)).sort();
  const event = rows.find(({ eventId }) => eventId === other)?.label ?? '';
  return items.length === 0 ? undefined : { event, items };
}

const plannedClaims = (rows: readonly ClaimRow[]): Claims['claims'] =>
  Object.fromEntries(
    rows.flatMap(({ eventId, label, fromAt, toAt, items }) =>
      items.map(item => [idFrom(`${eventId}/${item}`), { item, event: label, from: fromAt, to: toAt }]),
    ),
  );

/** Under the ids of what the same event plans to take, so that it is told once; each thing until it is free again. */
const bookedClaims = (bookings: readonly FullBooking[], from = '', until = ''): Claims['claims'] =>
  Object.fromEntries(
    bookings.flatMap(({ id, label, from: begins, items }) =>
      items
        .filter(({ free }) => begins < until && free > from)
        .map(({ item, count, free }) => [
          idFrom(`${id}/${item}`),
          { item, event: label, from: begins, to: free, booked: true, ...(count !== null && { count }) },
        ]),
    ),
  );
