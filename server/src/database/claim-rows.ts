/** What events take while they last, kept beside their documents so that nobody has to read all of them. */
import { ServedRows } from './served-rows.js';

/** When an event lasts, UTC, and where. */
export interface EventSpan {
  readonly eventId: string;
  readonly fromAt: string;
  readonly toAt: string;
  readonly venueId: string;
  readonly venueRevision: number;
  /** The occasion that it is part of; null where it stands alone. */
  readonly occasion: string | null;
  /** What the next event of it there uses too stays rigged after this one. */
  readonly stays: boolean;
}

/** What an event takes from the shelf meanwhile. */
export interface ClaimRow extends EventSpan {
  readonly label: string;
  readonly items: readonly string[];
}

/** A column with an instant as text, in UTC. */
export const utc = (column: string): string =>
  `to_char(${column} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
const SPAN = `event_id AS "eventId", ${utc('from_at')} AS "fromAt", ${utc('to_at')} AS "toAt",
  venue_id AS "venueId", venue_revision AS "venueRevision", occasion, stays`;

export const OR_UPDATED = `ON CONFLICT (organisation_id, event_id) DO UPDATE
  SET label = excluded.label, from_at = excluded.from_at, to_at = excluded.to_at, items = excluded.items,
    venue_id = excluded.venue_id, venue_revision = excluded.venue_revision,
    occasion = excluded.occasion, stays = excluded.stays`;

export class ClaimRows extends ServedRows {
  /** When and where every event of the organisation is. */
  spans(): Promise<EventSpan[]> {
    return this.select<EventSpan>(`SELECT ${SPAN} FROM claims WHERE organisation_id = $1`);
  }
  /** What some events take. */
  claims(events: readonly string[]): Promise<ClaimRow[]> {
    return this.select<ClaimRow>(
      `SELECT ${SPAN}, label, items FROM claims WHERE organisation_id = $1 AND event_id = ANY ($2::text[])`,
      events,
    );
  }
  /** Events to come that plan to take a thing, by when they begin. */
  claimsOn(item: string): Promise<ClaimRow[]> {
    return this.select<ClaimRow>(
      `SELECT ${SPAN}, label, items FROM claims
       WHERE organisation_id = $1 AND items @> jsonb_build_array($2::text) AND to_at > now() ORDER BY from_at, event_id`,
      item,
    );
  }
  async saveClaim(claim: ClaimRow): Promise<void> {
    await this.select(
      `INSERT INTO claims (organisation_id, event_id, label, from_at, to_at, venue_id, venue_revision, items,
         occasion, stays)
       VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10) ${OR_UPDATED}`,
      ...[claim.eventId, claim.label, claim.fromAt, claim.toAt, claim.venueId, claim.venueRevision],
      ...[JSON.stringify(claim.items), claim.occasion, claim.stays],
    );
  }
}
