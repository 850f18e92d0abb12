/** Keeping an edit: everything that it makes, in one statement. */
import type { DocumentKind } from '@idle-satchel/core/api';
import type { Operation } from '@idle-satchel/core';
import { OR_UPDATED, type ClaimRow } from './claim-rows.js';
import { DocumentRows } from './document-rows.js';
import type { EditRow } from './models.js';
import type { Fields } from './own-rows.js';

/** What an edit makes of one document. */
export interface NextRevision {
  readonly id: string;
  readonly kind: DocumentKind;
  /** The newest revision when it was worked out. */
  readonly over: number;
  readonly body: object;
  readonly sortKey: string;
  readonly patch: readonly Operation[];
  readonly inverse: readonly Operation[];
  readonly snapshot: boolean;
  /** What the event takes from now on; absent where that stays. */
  readonly claim?: Omit<ClaimRow, 'eventId'>;
}

export class EditRows extends DocumentRows {
  /**
   * Keeps an edit with all that it makes of documents, at once and only where each is still at the revision that it was
   * worked out over; gives their version then. Undefined where one is not, and nothing was kept. Throws for an edit whose id
   * is taken.
   */
  async keepEdit(
    {
      id,
      digest,
      label,
      author,
      browser,
      undoes,
      answer,
    }: Omit<Fields<EditRow>, 'organisationId' | 'at' | 'accountId'>,
    next: readonly NextRevision[],
  ): Promise<string | undefined> {
    const claims = next.flatMap(({ id: event, claim }) => (claim ? [{ event, ...claim }] : []));
    const [kept] = await this.select<{ version: string | null }>(
      KEEP_EDIT,
      ...[id, digest, label, author, browser, undoes, JSON.stringify(answer)],
      next.map(each => each.id),
      next.map(each => each.over),
      next.map(each => JSON.stringify(each.body)),
      next.map(each => each.sortKey),
      next.map(each => JSON.stringify(each.patch)),
      next.map(each => JSON.stringify(each.inverse)),
      next.map(each => each.snapshot),
      ...[claims.map(({ event }) => event), claims.map(each => each.label)],
      ...[claims.map(({ fromAt }) => fromAt), claims.map(({ toAt }) => toAt)],
      ...[claims.map(({ venueId }) => venueId), claims.map(({ venueRevision }) => venueRevision)],
      claims.map(({ items }) => JSON.stringify(items)),
      ...[claims.map(({ occasion }) => occasion), claims.map(({ stays }) => stays)],
      this.actor.account ?? null,
    );
    return kept?.version ?? undefined;
  }
}

/**
 * One statement, so that the documents are locked no longer than it takes. A document that was changed meanwhile is
 * found out when its row is locked; then nothing is written. Rows are locked in order of id: two edits never wait for
 * each other.
 */
const KEEP_EDIT = `
WITH wanted AS (
  SELECT * FROM unnest($9::text[], $10::int[], $11::text[], $12::text[], $13::text[], $14::text[], $15::bool[])
    AS w (id, over, body, sort_key, patch, inverse, snapshot)
), held AS (
  SELECT d.id FROM documents d JOIN wanted w ON w.id = d.id AND w.over = d.revision
  WHERE d.organisation_id = $1 ORDER BY d.id FOR UPDATE OF d
), kept AS (
  SELECT * FROM wanted WHERE (SELECT count(*) FROM held) = (SELECT count(*) FROM wanted)
), documented AS (
  UPDATE documents d SET revision = k.over + 1, body = k.body::jsonb, sort_key = k.sort_key
  FROM kept k WHERE d.organisation_id = $1 AND d.id = k.id RETURNING d.id, d.revision, d.xmin::text AS version
), changed AS (
  INSERT INTO changes (organisation_id, document_id, revision, edit_id, patch, inverse)
  SELECT $1, id, over + 1, $2, patch::jsonb, inverse::jsonb FROM kept
), snapped AS (
  INSERT INTO snapshots (organisation_id, document_id, revision, body)
  SELECT $1, id, over + 1, body::jsonb FROM kept WHERE snapshot
), edited AS (
  INSERT INTO edits (organisation_id, id, digest, label, author, browser, undoes, at, answer, account_id)
  SELECT $1, $2, $3, $4, $5, $6, $7, now(), $8::jsonb, $25 WHERE EXISTS (SELECT FROM kept)
), claimed AS (
  INSERT INTO claims (organisation_id, event_id, label, from_at, to_at, venue_id, venue_revision, items,
    occasion, stays)
  SELECT $1, event, label, from_at::timestamptz, to_at::timestamptz, venue_id, venue_revision, items::jsonb, occasion,
    stays
  FROM unnest($16::text[], $17::text[], $18::text[], $19::text[], $20::text[], $21::int[], $22::text[],
      $23::text[], $24::bool[])
    AS c (event, label, from_at, to_at, venue_id, venue_revision, items, occasion, stays)
  WHERE EXISTS (SELECT FROM kept) ${OR_UPDATED}
)
SELECT max(version) AS version, count(pg_notify('satchel',
  json_build_object('organisation', $1, 'document', id, 'revision', revision)::text)) AS told
FROM documented`;
