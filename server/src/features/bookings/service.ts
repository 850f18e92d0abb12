/** Booking things of the shelf: nobody has what somebody else has at that time. */
import { isReady, keptBackFrom, showDayAndClock } from '@idle-satchel/core';
import type { Booked, BookingLine, ItemCalendar, NewBooking, NotBooked } from '@idle-satchel/core/api';
import type { Fault, Item, Rules } from '@idle-satchel/core/documents';
import type { BookedRow, BookingRow, FullBooking, Holding } from '../../database/booking-rows.js';
import type { KnownItem } from '../../database/item-rows.js';
import type { Scope } from '../../database/scope.js';
import { invalid, notFound, Problem } from '../../problem.js';
import { only } from '../events/service.js';

const MINUTE = 60_000;
/** Things that are named in place of one that cannot be had. */
const MOST_INSTEAD = 5;

export const lineOf = ({ items, ...booking }: FullBooking): BookingLine => ({
  ...booking,
  items: items.map(({ item, count }) => ({ item, ...(count !== null && { count }) })),
});

/** When things may be had again that are used until `to`. */
export const freeAfter = (to: string, minutes = 0): string =>
  new Date(Date.parse(to) + minutes * MINUTE).toISOString();

/** A booking that is wished for. */
export interface Wanted extends BookingRow {
  readonly items: readonly {
    readonly item: string;
    readonly count?: number | undefined;
    /** When it may be had again, where that is another time than that of the whole. */
    readonly free?: string | undefined;
  }[];
}

/** On whose clocks, and how, times are told. */
type Telling = Parameters<typeof showDayAndClock>[1];

/**
 * Books all that can be had, inside a transaction. What cannot be had is told with what may stand in for it; unless
 * `partly`, then nothing is booked (409).
 */
export async function book(inside: Scope, wanted: Wanted, telling: Telling, partly = false): Promise<Booked> {
  const { items, ...booking } = wanted;
  const ids = items.map(({ item }) => item);
  // Whoever cannot have it anyway is told at once, and does not wait for those who book just now.
  if (!partly) {
    const early = await sorted(inside, wanted, await inside.someItems(ids), telling);
    if (early.left.length > 0) throw await cannotBeHad(inside, wanted, early);
  }
  // Locked, so that what is found now is so until it is kept.
  const found = await sorted(inside, wanted, await inside.lockItems(ids), telling);
  if (found.left.length > 0 && !partly) throw await cannotBeHad(inside, wanted, found);
  await inside.keepBooking(booking, found.booked);
  await inside.notify({ shelf: true, events: true });
  return { ...lineOf({ ...booking, items: found.booked }), left: await withInstead(inside, wanted, found) };
}

/** What of a wish can be had, and why the rest cannot. */
interface Sorted {
  readonly rows: ReadonlyMap<string, Item>;
  readonly booked: readonly BookedRow[];
  readonly left: readonly { readonly item: string; readonly reason: string }[];
}

async function sorted(
  inside: Scope,
  { items, ...booking }: Wanted,
  known: readonly KnownItem[],
  telling: Telling,
): Promise<Sorted> {
  const rows = new Map(known.map(({ id, body }) => [id, body]));
  const ids = items.map(({ item }) => item);
  const had = byItem(await inside.holdings(ids, booking.from, booking.free, booking.id));
  const left: { item: string; reason: string }[] = [];
  const booked: BookedRow[] = [];
  for (const { item, count, free = booking.free } of items) {
    const body = rows.get(item);
    const held = (had.get(item) ?? []).filter(({ from }) => from < free);
    const reason = body ? refusal(body, count, held, booking, telling) : 'is not on the shelf';
    if (reason !== undefined) left.push({ item, reason });
    else booked.push({ item, count: body?.count === undefined ? null : (count ?? body.count), free });
  }
  return { rows, booked, left };
}

async function cannotBeHad(inside: Scope, wanted: Wanted, found: Sorted): Promise<Problem> {
  const told = await withInstead(inside, wanted, found);
  return new Problem(409, 'Not all of this can be had at that time', undefined, {
    faults: told.map(({ item, reason }): Fault => ({
      path: `/items/${wanted.items.findIndex(each => each.item === item)}`,
      reason: `${found.rows.get(item)?.tape ?? item} ${reason}`,
    })),
    left: told,
  });
}

const byItem = (holdings: readonly Holding[]): ReadonlyMap<string, readonly Holding[]> => {
  const map = new Map<string, Holding[]>();
  for (const each of holdings) map.set(each.item, [...(map.get(each.item) ?? []), each]);
  return map;
};

/** Why a thing, or so many of a stock line, cannot be had; undefined where it can. */
function refusal(
  item: Item,
  wanted: number | undefined,
  held: readonly Holding[],
  { from }: BookingRow,
  telling: Telling,
): string | undefined {
  const back = keptBackFrom(item, from.slice(0, 10));
  if (back !== undefined) return back;
  const [first] = held;
  const by = first && `“${first.label}” from ${showDayAndClock(first.from, telling)}`;
  if (item.count === undefined) return by && `is booked for ${by}`;
  const free = item.count - mostAtOnce(held, item.count);
  const count = wanted ?? item.count;
  if (count <= free) return undefined;
  return by ? `has ${free} left of ${item.count}, since it is booked for ${by}` : `has ${item.count} only`;
}

/** How many of a stock line are booked at once at most; who names no number has all of it. */
function mostAtOnce(held: readonly Holding[], all: number): number {
  const steps = held.flatMap(({ count, from, free }) => [
    [Date.parse(from), count ?? all] as const,
    [Date.parse(free), -(count ?? all)] as const,
  ]);
  // Half-open: what ends at an instant is back before what begins then.
  steps.sort(([a, more], [b, other]) => a - b || more - other);
  let [now, most] = [0, 0];
  for (const [, step] of steps) most = Math.max(most, (now += step));
  return most;
}

/** For each thing that cannot be had, those of its kind that are ready and free then. */
async function withInstead(
  inside: Scope,
  { items, from, free, id }: Wanted,
  { rows, left }: Sorted,
): Promise<NotBooked[]> {
  if (left.length === 0) return [];
  const wanted = new Set(items.map(({ item }) => item));
  const kinds = new Set(left.flatMap(({ item }) => rows.get(item)?.kind ?? []));
  const alike = (await inside.itemsOfKinds([...kinds])).filter(
    each => !wanted.has(each.id) && isReady(each.body),
  );
  const ids = alike.map(each => each.id);
  const taken = new Set((await inside.holdings(ids, from, free, id)).map(({ item }) => item));
  return left.map(each => ({
    ...each,
    instead: alike
      .filter(({ id: other, body }) => body.kind === rows.get(each.item)?.kind && !taken.has(other))
      .slice(0, MOST_INSTEAD)
      .map(({ id: other }) => other),
  }));
}

/** Books things for something that is no event. */
export async function bookFor(inside: Scope, id: string, wish: NewBooking): Promise<BookingLine> {
  const { label, from, to, turnaround, zone = 'UTC', author = 'Somebody', items } = wish;
  if (Date.parse(to) <= Date.parse(from)) throw invalid([{ path: '/to', reason: 'must be after /from' }]);
  if (items.length === 0) throw invalid([{ path: '/items', reason: 'must name something' }]);
  const ids = items.map(({ item }) => item);
  if (new Set(ids).size !== ids.length)
    throw invalid([{ path: '/items', reason: 'must name each item once' }]);
  const rules = (await only(inside, 'rules')).body as Rules;
  const free = freeAfter(to, turnaround ?? rules.turnaround);
  const wanted = { id, event: null, label, author, from, to, free, items };
  const { left: _, ...line } = await book(inside, wanted, { zone, dates: rules.dates });
  return line;
}

/** When a thing is booked, and for which events that are not confirmed it is planned. */
export async function calendarOf(scope: Scope, item: string): Promise<ItemCalendar> {
  const [bookings, planned] = await Promise.all([scope.bookingsOfItem(item), scope.claimsOn(item)]);
  const confirmed = new Set(bookings.map(({ event }) => event));
  return {
    // Of a thing that is handed on within an occasion another time than of the rest of its booking.
    bookings: bookings.map(each =>
      lineOf({ ...each, free: each.items.find(of => of.item === item)?.free ?? each.free }),
    ),
    planned: planned
      .filter(({ eventId }) => !confirmed.has(eventId))
      .map(({ eventId, label, fromAt, toAt }) => ({ event: eventId, label, from: fromAt, to: toAt })),
  };
}

/** Ends a booking; 404 where there is none. */
export async function release(inside: Scope, id: string): Promise<{ id: string }> {
  if (!(await inside.releaseBooking(id))) throw notFound('booking');
  await inside.notify({ shelf: true, events: true });
  return { id };
}

/** The things of a list as a booking takes them: each once, of stock lines as many as all lines want. */
export function takenOf(
  lines: Readonly<Record<string, { readonly item: string | undefined; readonly count: number }>>,
  items: Readonly<Record<string, Item>>,
): readonly { readonly item: string; readonly count?: number }[] {
  const counts = new Map<string, number>();
  for (const { item, count } of Object.values(lines))
    if (item !== undefined) counts.set(item, (counts.get(item) ?? 0) + count);
  return [...counts].map(([item, count]) => ({
    item,
    ...(items[item]?.count !== undefined && { count: Math.min(count, items[item].count) }),
  }));
}
