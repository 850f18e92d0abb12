/** Invitations, links for guests, members and the audit trail of one organisation. */
import { AUDIT_DAYS, type MemberRole } from '@idle-satchel/core/access';
import type { AuditEntry, GuestLink, Invitation, Member } from '@idle-satchel/core/api';
import { AccountRows } from './account-rows.js';
import { utc } from './claim-rows.js';
import type { OwnRows } from './own-rows.js';
import type { Sequelize, Transaction } from 'sequelize';

/** An invitation that somebody holds the token of. */
export interface HeldInvitation extends Pick<Invitation, 'id' | 'role' | 'person' | 'name' | 'ends'> {
  readonly organisation: string;
  readonly organisationName: string;
}

interface NewLink {
  readonly id: string;
  readonly hash: Buffer;
  readonly ends: Date;
}

/** What was done, for the audit trail. */
export interface Deed {
  readonly account: string | null;
  readonly who: string;
  readonly did: string;
  readonly what: string;
  readonly address: string;
}

const INVITATION = `id, role, person_id AS person, name, ${utc('made_at')} AS made, ${utc('ends_at')} AS ends`;

export class LinkRows extends AccountRows {
  constructor(
    sequelize: Sequelize,
    readonly organisation: string,
    transaction: Transaction | null = null,
  ) {
    super(sequelize, transaction);
  }

  override atomically<T>(work: (rows: LinkRows) => Promise<T>): Promise<T> {
    return this.sequelize.transaction(transaction =>
      work(new LinkRows(this.sequelize, this.organisation, transaction)),
    );
  }

  async members(): Promise<Member[]> {
    const rows = await this.rows<Member>(
      `SELECT a.id, a.name, a.login, m.role, m.person_id AS person, ${utc('m.since')} AS since,
         (SELECT ${utc('max(s.seen_at)')} FROM sessions s
          WHERE s.organisation_id = $1 AND s.account_id = a.id) AS seen
       FROM members m JOIN accounts a ON a.id = m.account_id WHERE m.organisation_id = $1
       ORDER BY a.name, a.id`,
      this.organisation,
    );
    return rows.map(withoutNulls(['person']));
  }
  /** The members for the rest of the transaction: their roles stay as they are meanwhile. */
  async lockMembers(): Promise<ReadonlyMap<string, MemberRole>> {
    const rows = await this.rows<{ id: string; role: MemberRole }>(
      'SELECT account_id AS id, role FROM members WHERE organisation_id = $1 ORDER BY account_id FOR UPDATE',
      this.organisation,
    );
    return new Map(rows.map(({ id, role }) => [id, role]));
  }
  /** Those who have a PIN, by name. */
  withPin(): Promise<{ readonly id: string; readonly name: string }[]> {
    return this.rows(
      `SELECT a.id, a.name FROM members m JOIN accounts a ON a.id = m.account_id
       WHERE m.organisation_id = $1 AND m.pin IS NOT NULL ORDER BY a.name, a.id`,
      this.organisation,
    );
  }
  async pinOf(account: string): Promise<string | undefined> {
    const [row] = await this.rows<{ pin: string | null }>(
      'SELECT pin FROM members WHERE organisation_id = $1 AND account_id = $2',
      ...[this.organisation, account],
    );
    return row?.pin ?? undefined;
  }
  async savePin(account: string, pin: string): Promise<void> {
    await this.count(
      'UPDATE members SET pin = $3 WHERE organisation_id = $1 AND account_id = $2',
      ...[this.organisation, account, pin],
    );
  }
  removeMember(account: string): Promise<number> {
    return this.count(
      'DELETE FROM members WHERE organisation_id = $1 AND account_id = $2',
      ...[this.organisation, account],
    );
  }

  async invitations(): Promise<Invitation[]> {
    const rows = await this.rows<Invitation>(
      `SELECT ${INVITATION} FROM invitations WHERE organisation_id = $1 AND ends_at > now() ORDER BY made_at, id`,
      this.organisation,
    );
    return rows.map(withoutNulls(['person']));
  }
  async createInvitation(
    { id, hash, ends }: NewLink,
    { role, person, name }: Pick<Invitation, 'role' | 'person' | 'name'>,
  ): Promise<void> {
    await this.count(
      `INSERT INTO invitations (organisation_id, id, hash, role, person_id, name, ends_at)
       VALUES ($1, $2, $3, $4, $5, $6, $7)`,
      ...[this.organisation, id, hash, role, person ?? null, name, ends],
    );
  }
  endInvitation(id: string): Promise<number> {
    return this.count(
      'DELETE FROM invitations WHERE organisation_id = $1 AND id = $2',
      ...[this.organisation, id],
    );
  }

  guestLinks(): Promise<GuestLink[]> {
    return this.rows(
      `SELECT g.id, g.event_id AS event, g.label, ${utc('g.made_at')} AS made, ${utc('g.ends_at')} AS ends,
         coalesce(d.body ->> 'label', '') AS "eventLabel"
       FROM guest_links g LEFT JOIN documents d ON d.organisation_id = g.organisation_id AND d.id = g.event_id
       WHERE g.organisation_id = $1 AND g.ends_at > now() ORDER BY g.made_at, g.id`,
      this.organisation,
    );
  }
  async createGuestLink(
    { id, hash, ends }: NewLink,
    { event, label }: Pick<GuestLink, 'event' | 'label'>,
  ): Promise<void> {
    await this.count(
      `INSERT INTO guest_links (organisation_id, id, hash, event_id, label, ends_at)
       VALUES ($1, $2, $3, $4, $5, $6)`,
      ...[this.organisation, id, hash, event, label, ends],
    );
  }
  endGuestLink(id: string): Promise<number> {
    return this.count(
      'DELETE FROM guest_links WHERE organisation_id = $1 AND id = $2',
      ...[this.organisation, id],
    );
  }

  async note({ account, who, did, what, address }: Deed): Promise<void> {
    await this.count(
      'INSERT INTO audit (organisation_id, account_id, who, did, what, address) VALUES ($1, $2, $3, $4, $5, $6)',
      ...[this.organisation, account, who.slice(0, 80), did, what.slice(0, 200), address],
    );
    await this.count(
      'DELETE FROM audit WHERE organisation_id = $1 AND at < now() - make_interval(days => $2)',
      ...[this.organisation, AUDIT_DAYS],
    );
  }
  audit(before: number, most: number): Promise<AuditEntry[]> {
    return this.rows(
      `SELECT number::int AS number, ${utc('at')} AS at, who, did, what, address FROM audit
       WHERE organisation_id = $1 AND number < $2 ORDER BY number DESC LIMIT $3`,
      ...[this.organisation, before, most],
    );
  }
}

/** The links and members of the organisation that somebody works in. */
export const linksOf = ({ sequelize, organisationId }: OwnRows): LinkRows =>
  new LinkRows(sequelize, organisationId);

/** Links that somebody holds the token of, whichever organisation they lead into. */
export class HeldLinks extends AccountRows {
  async invitation(hash: Buffer): Promise<HeldInvitation | undefined> {
    const [row] = await this.rows<HeldInvitation>(
      `SELECT i.id, i.role, i.person_id AS person, i.name, ${utc('i.ends_at')} AS ends,
         i.organisation_id AS organisation, o.name AS "organisationName"
       FROM invitations i JOIN organisations o ON o.id = i.organisation_id
       WHERE i.hash = $1 AND i.ends_at > now()`,
      hash,
    );
    return row && withoutNulls<HeldInvitation>(['person'])(row);
  }
  async guestLink(
    hash: Buffer,
  ): Promise<{ readonly id: string; readonly organisation: string; readonly ends: Date } | undefined> {
    const [row] = await this.rows<{ id: string; organisation: string; ends: Date }>(
      `SELECT id, organisation_id AS organisation, ends_at AS ends FROM guest_links
       WHERE hash = $1 AND ends_at > now()`,
      hash,
    );
    return row;
  }
}

/** A row without those of its fields that are null: absent means that they are not there. */
const withoutNulls =
  <Row extends object>(fields: readonly (keyof Row)[]) =>
  (row: Row): Row => {
    const plain = { ...row };
    for (const field of fields) if (plain[field] === null) delete plain[field];
    return plain;
  };
