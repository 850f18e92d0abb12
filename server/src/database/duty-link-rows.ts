/** Personal links and messages: of one house, and by the token that somebody holds. */
import { DUTY_LINK_DAYS, MESSAGE_DAYS } from '@idle-satchel/core/access';
import type { DutyLinkLine, MessageLine } from '@idle-satchel/core/api';
import { AccountRows } from './account-rows.js';
import { utc } from './claim-rows.js';
import { Scope } from './scope.js';

/** A link that somebody holds the token of, or of its calendar. */
export interface HeldDutyLink {
  readonly id: string;
  readonly organisation: string;
  readonly house: string;
  readonly person: string;
  readonly name: string;
  readonly ends: string;
}

const MOST_MESSAGES = 1000;

export class DutyLinkRows extends Scope {
  async createDutyLink(id: string, hash: Buffer, person: string): Promise<void> {
    await this.select(
      `INSERT INTO duty_links (organisation_id, id, hash, person_id, ends_at)
       VALUES ($1, $2, $3, $4, now() + make_interval(days => $5)) RETURNING id`,
      ...[id, hash, person, DUTY_LINK_DAYS],
    );
    await this.select('DELETE FROM duty_links WHERE organisation_id = $1 AND ends_at < now() RETURNING id');
  }
  dutyLinks(): Promise<DutyLinkLine[]> {
    return this.select(
      `SELECT id, person_id AS person, ${utc('made_at')} AS made, ${utc('ends_at')} AS ends,
         calendar_hash IS NOT NULL AS calendar
       FROM duty_links WHERE organisation_id = $1 AND ends_at > now() ORDER BY made_at, id`,
    );
  }
  async endDutyLink(id: string): Promise<number> {
    const rows = await this.select(
      'DELETE FROM duty_links WHERE organisation_id = $1 AND id = $2 RETURNING id',
      id,
    );
    return rows.length;
  }
  /** Keeps what was sent, as long as messages are kept. */
  async keepMessage({ id, person, state, subject, text, why }: Omit<MessageLine, 'at'>): Promise<void> {
    await this.select(
      `INSERT INTO messages (organisation_id, id, person_id, state, subject, text, why)
       VALUES ($1, $2, $3, $4, $5, $6, $7) RETURNING id`,
      ...[id, person, state, subject, text, why ?? null],
    );
    await this.select(
      'DELETE FROM messages WHERE organisation_id = $1 AND at < now() - make_interval(days => $2) RETURNING id',
      MESSAGE_DAYS,
    );
  }
  async messages(): Promise<MessageLine[]> {
    const rows = await this.select<MessageLine & { why: string | null }>(
      `SELECT id, person_id AS person, state, subject, text, why, ${utc('at')} AS at
       FROM messages WHERE organisation_id = $1 ORDER BY at DESC, id LIMIT ${MOST_MESSAGES}`,
    );
    return rows.map(({ why, ...row }) => ({ ...row, ...(why !== null && { why }) }));
  }
}

export const dutyLinksOf = ({ sequelize, organisationId, actor }: Scope): DutyLinkRows =>
  new DutyLinkRows(sequelize, organisationId, null, actor);

/** Whoever was erased holds nothing. */
const HELD = `SELECT l.id, l.organisation_id AS organisation, o.name AS house, l.person_id AS person, p.name,
    ${utc('l.ends_at')} AS ends
  FROM duty_links l JOIN organisations o ON o.id = l.organisation_id
    JOIN people p ON p.organisation_id = l.organisation_id AND p.id = l.person_id
  WHERE l.ends_at > now() AND p.body -> 'erased' IS NULL`;

/** Links by their tokens, whichever house they lead into. */
export class HeldDutyLinks extends AccountRows {
  async byToken(hash: Buffer): Promise<HeldDutyLink | undefined> {
    const [row] = await this.rows<HeldDutyLink>(`${HELD} AND l.hash = $1`, hash);
    return row;
  }
  async byCalendar(hash: Buffer): Promise<HeldDutyLink | undefined> {
    const [row] = await this.rows<HeldDutyLink>(`${HELD} AND l.calendar_hash = $1`, hash);
    return row;
  }
  /** Another token for the calendar of a link, in place of the one before. */
  async saveCalendar({ organisation, id }: HeldDutyLink, hash: Buffer): Promise<void> {
    await this.count(
      'UPDATE duty_links SET calendar_hash = $3 WHERE organisation_id = $1 AND id = $2',
      ...[organisation, id, hash],
    );
  }
}
