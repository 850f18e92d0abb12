/** Who has which things of the shelf for which time. */
import { utc } from './claim-rows.js';
import { ItemRows } from './item-rows.js';

/** A thing that is booked; `count` of a stock line, null of what is named. */
export interface BookedRow {
  readonly item: string;
  readonly count: number | null;
  /** When it may be had again. */
  readonly free: string;
}

/** A booking; half-open in time, and all of its things are free again at `free`. */
export interface BookingRow {
  readonly id: string;
  readonly event: string | null;
  readonly label: string;
  readonly author: string;
  readonly from: string;
  readonly to: string;
  readonly free: string;
}

/** A booking with what it has. */
export interface FullBooking extends BookingRow {
  readonly items: readonly BookedRow[];
}

/** A thing that another booking has at a time. */
export interface Holding extends BookedRow {
  readonly booking: string;
  readonly label: string;
  readonly from: string;
}

const BOOKING = `b.id, b.event_id AS event, b.label, b.author, ${utc('b.from_at')} AS "from",
  ${utc('b.to_at')} AS "to", ${utc('b.free_at')} AS free`;
const ITEMS = `(SELECT coalesce(json_agg(json_build_object('item', i.item_id, 'count', i.count,
    'free', ${utc('upper(i.span)')}) ORDER BY i.item_id), '[]')
  FROM booked_items i WHERE i.organisation_id = b.organisation_id AND i.booking_id = b.id) AS items`;

export class BookingRows extends ItemRows {
  /** Those that touch a time, by when they begin. */
  bookingsIn(from: string, to: string): Promise<FullBooking[]> {
    return this.select<FullBooking>(
      `SELECT ${BOOKING}, ${ITEMS} FROM bookings b
       WHERE b.organisation_id = $1 AND b.from_at < $3 AND b.free_at > $2 ORDER BY b.from_at, b.id`,
      ...[from, to],
    );
  }
  bookingsOfItem(item: string): Promise<FullBooking[]> {
    return this.select<FullBooking>(
      `SELECT ${BOOKING}, ${ITEMS} FROM bookings b WHERE b.organisation_id = $1 AND EXISTS (
         SELECT FROM booked_items i WHERE i.organisation_id = $1 AND i.booking_id = b.id AND i.item_id = $2)
       ORDER BY b.from_at, b.id`,
      item,
    );
  }
  async bookingOfEvent(event: string): Promise<FullBooking | undefined> {
    const [row] = await this.select<FullBooking>(
      `SELECT ${BOOKING}, ${ITEMS} FROM bookings b WHERE b.organisation_id = $1 AND b.event_id = $2`,
      event,
    );
    return row;
  }
  /** What others than one booking have of some things at a time. */
  holdings(items: readonly string[], from: string, free: string, but: string): Promise<Holding[]> {
    return this.select<Holding>(
      `SELECT i.item_id AS item, i.count, b.id AS booking, b.label, ${utc('b.from_at')} AS "from",
         ${utc('upper(i.span)')} AS free
       FROM booked_items i JOIN bookings b ON b.organisation_id = i.organisation_id AND b.id = i.booking_id
       WHERE i.organisation_id = $1 AND i.item_id = ANY ($2::text[])
         AND i.span && tstzrange($3, $4) AND i.booking_id <> $5 ORDER BY b.from_at, b.id`,
      ...[items, from, free, but],
    );
  }
  /** Things with a booking that is not over yet. */
  async bookedFromNow(items: readonly string[]): Promise<Holding[]> {
    return this.select<Holding>(
      `SELECT i.item_id AS item, i.count, b.id AS booking, b.label, ${utc('b.from_at')} AS "from",
         ${utc('upper(i.span)')} AS free
       FROM booked_items i JOIN bookings b ON b.organisation_id = i.organisation_id AND b.id = i.booking_id
       WHERE i.organisation_id = $1 AND i.item_id = ANY ($2::text[]) AND b.to_at > now()
       ORDER BY b.from_at, b.id`,
      items,
    );
  }
  /** Keeps a booking in place of what the same id had booked before. Throws where somebody has one of its things then. */
  async keepBooking(booking: BookingRow, items: readonly BookedRow[]): Promise<void> {
    const { id, event, label, author, from, to, free } = booking;
    await this.releaseBooking(id);
    await this.select(
      `INSERT INTO bookings (organisation_id, id, event_id, label, author, from_at, to_at, free_at)
       VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
      ...[id, event, label, this.actor.name ?? author, from, to, free],
    );
    await this.select(
      `INSERT INTO booked_items (organisation_id, booking_id, item_id, count, span)
       SELECT $1, $2, item, count, tstzrange($3, free)
       FROM jsonb_to_recordset($4::jsonb) AS n (item text, count int, free timestamptz) ORDER BY item`,
      ...[id, from, JSON.stringify(items)],
    );
  }
  /** What some events have booked and are done with before an instant is free from then on. */
  async handOn(events: readonly string[], items: readonly string[], from: string): Promise<void> {
    await this.select(
      `UPDATE booked_items i SET span = tstzrange(lower(i.span), $4) FROM bookings b
       WHERE i.organisation_id = $1 AND b.organisation_id = $1 AND b.id = i.booking_id AND b.event_id = ANY ($2::text[])
         AND b.to_at <= $4 AND i.item_id = ANY ($3::text[]) AND upper(i.span) > $4`,
      ...[events, items, from],
    );
  }
  /** Whether there was such a booking. */
  async releaseBooking(id: string): Promise<boolean> {
    const rows = await this.select<{ id: string }>(
      'DELETE FROM bookings WHERE organisation_id = $1 AND id = $2 RETURNING id',
      id,
    );
    return rows.length > 0;
  }
  /** A text that changes with every booking. */
  async bookingsVersion(): Promise<string> {
    const [row] = await this.select<{ version: string }>(
      `SELECT count(*) || '+' || coalesce(max(sequence), 0) AS version FROM bookings WHERE organisation_id = $1`,
    );
    return row?.version ?? '';
  }
}
