/** Rows of accounts and sessions: the one place that reads them before it is known who asks, and for which organisation. */
import { SESSION_DAYS, type MemberRole, type Role } from '@idle-satchel/core/access';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { utc } from './claim-rows.js';

export interface AccountRow {
  readonly id: string;
  readonly login: string;
  readonly name: string;
  /** Its hash, with how it was made. */
  readonly password: string;
}

/** A session with who it is of, and what they are in its organisation now. */
export interface SessionRow {
  readonly id: string;
  readonly organisation: string;
  readonly account: string | null;
  readonly name: string;
  readonly login: string | null;
  readonly role: Role;
  readonly person: string | null;
  readonly event: string | null;
  /** The account that the device is signed in with, whoever has it in hand; null for guests. */
  readonly signedIn: string | null;
  /** Who that is, where somebody has the device in hand by a PIN. */
  readonly lentBy: string | null;
  /** Whole minutes since it was seen last. */
  readonly idle: number;
}

/** What a new session is of. */
export type SessionOf =
  | { readonly organisation: string; readonly account: string }
  | { readonly organisation: string; readonly link: string };

export interface SessionSeen {
  readonly id: string;
  readonly device: string;
  readonly address: string;
  readonly begun: string;
  readonly seen: string;
}

export class AccountRows {
  constructor(
    protected readonly sequelize: Sequelize,
    protected readonly transaction: Transaction | null = null,
  ) {}

  atomically<T>(work: (rows: AccountRows) => Promise<T>): Promise<T> {
    return this.sequelize.transaction(transaction => work(new AccountRows(this.sequelize, transaction)));
  }

  protected rows<Row extends object>(sql: string, ...bind: unknown[]): Promise<Row[]> {
    const { transaction } = this;
    return this.sequelize.query<Row>(sql, { bind, type: QueryTypes.SELECT, transaction, raw: true });
  }
  /** How many rows a statement changed. */
  protected async count(sql: string, ...bind: unknown[]): Promise<number> {
    const [row] = await this.rows<{ count: number }>(
      `WITH done AS (${sql} RETURNING 1) SELECT count(*)::int AS count FROM done`,
      ...bind,
    );
    return row?.count ?? 0;
  }

  async account(login: string): Promise<AccountRow | undefined> {
    const [row] = await this.rows<AccountRow>(
      'SELECT id, login, name, password FROM accounts WHERE login = lower($1)',
      login,
    );
    return row;
  }
  async accountById(id: string): Promise<AccountRow | undefined> {
    const [row] = await this.rows<AccountRow>(
      'SELECT id, login, name, password FROM accounts WHERE id = $1',
      id,
    );
    return row;
  }
  /** Throws where the sign-in name is taken. */
  async createAccount({ id, login, name, password }: AccountRow): Promise<void> {
    await this.count(
      'INSERT INTO accounts (id, login, name, password) VALUES ($1, lower($2), $3, $4)',
      ...[id, login, name, password],
    );
  }
  async savePassword(id: string, password: string): Promise<void> {
    await this.count('UPDATE accounts SET password = $2 WHERE id = $1', id, password);
  }

  /** Organisations that an account comes into, by id. */
  async organisationsOf(account: string): Promise<readonly { readonly id: string; readonly name: string }[]> {
    return this.rows(
      `SELECT o.id, o.name FROM members m JOIN organisations o ON o.id = m.organisation_id
       WHERE m.account_id = $1 ORDER BY o.id`,
      account,
    );
  }
  /** Lets an account into an organisation, or changes what it is there. */
  async saveMember(
    organisation: string,
    account: string,
    { role, person }: { readonly role: MemberRole; readonly person?: string | undefined },
  ): Promise<void> {
    await this.count(
      `INSERT INTO members (organisation_id, account_id, role, person_id) VALUES ($1, $2, $3, $4)
       ON CONFLICT (organisation_id, account_id)
         DO UPDATE SET role = excluded.role, person_id = coalesce(excluded.person_id, members.person_id)`,
      ...[organisation, account, role, person ?? null],
    );
  }
  /** Organisations in which nobody is an owner. */
  unowned(): Promise<{ readonly id: string; readonly name: string }[]> {
    return this.rows(
      `SELECT id, name FROM organisations o
       WHERE NOT EXISTS (SELECT FROM members m WHERE m.organisation_id = o.id AND m.role = 'owner') ORDER BY id`,
    );
  }
  async hasOwner(): Promise<boolean> {
    const [row] = await this.rows<{ owned: boolean }>(
      "SELECT EXISTS (SELECT FROM members WHERE role = 'owner') AS owned",
    );
    return row?.owned === true;
  }

  async createSession(
    { organisation, ...of }: SessionOf,
    by: { readonly id: string; readonly hash: Buffer; readonly device: string; readonly address: string },
    ends: Date,
  ): Promise<void> {
    await this.count(
      'DELETE FROM sessions WHERE ends_at < now() OR seen_at < now() - make_interval(days => $1)',
      SESSION_DAYS.idle,
    );
    await this.count(
      `INSERT INTO sessions (id, hash, organisation_id, account_id, link_id, device, address, ends_at)
       VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
      ...[by.id, by.hash, organisation],
      ...['account' in of ? of.account : null, 'link' in of ? of.link : null],
      ...[by.device, by.address, ends],
    );
  }
  /** The session that a token belongs to, while it lasts. */
  session(hash: Buffer): Promise<SessionRow | undefined> {
    return this.sessionWhere('hash', hash);
  }
  sessionById(id: string): Promise<SessionRow | undefined> {
    return this.sessionWhere('id', id);
  }
  private async sessionWhere(column: 'hash' | 'id', value: unknown): Promise<SessionRow | undefined> {
    const [row] = await this.rows<SessionRow>(
      // Whoever has the device in hand by a PIN is no more than a hand, whatever they are with their password.
      `SELECT s.id, s.organisation_id AS organisation, a.id AS account, a.login, s.account_id AS "signedIn",
         CASE WHEN s.acting_id IS NOT NULL THEN own.name END AS "lentBy",
         coalesce(a.name, g.label) AS name, m.person_id AS person,
         CASE WHEN s.link_id IS NOT NULL THEN 'guest' WHEN s.acting_id IS NOT NULL THEN 'hand' ELSE m.role END AS role,
         g.event_id AS event, floor(extract(epoch FROM now() - s.seen_at) / 60)::int AS idle
       FROM sessions s
         LEFT JOIN accounts a ON a.id = coalesce(s.acting_id, s.account_id)
         LEFT JOIN accounts own ON own.id = s.account_id
         LEFT JOIN members m ON m.organisation_id = s.organisation_id AND m.account_id = a.id
         LEFT JOIN guest_links g ON g.organisation_id = s.organisation_id AND g.id = s.link_id
       WHERE s.${column} = $1 AND s.ends_at > now() AND s.seen_at > now() - make_interval(days => $2)
         AND (g.ends_at IS NULL OR g.ends_at > now())`,
      ...[value, SESSION_DAYS.idle],
    );
    return row;
  }
  async touchSession(id: string): Promise<void> {
    await this.count('UPDATE sessions SET seen_at = now() WHERE id = $1', id);
  }
  /** Hands a device to somebody by their PIN; to nobody: whoever signed in has it again. */
  async handOver(id: string, acting: string | null): Promise<void> {
    await this.count('UPDATE sessions SET acting_id = $2, wrong_pins = 0 WHERE id = $1', id, acting);
  }
  /** Notes a PIN that did not fit; gives how many in a row there were. */
  async wrongPin(id: string): Promise<number> {
    const [row] = await this.rows<{ wrong: number }>(
      'UPDATE sessions SET wrong_pins = wrong_pins + 1 WHERE id = $1 RETURNING wrong_pins AS wrong',
      id,
    );
    return row?.wrong ?? 0;
  }
  async moveSession(id: string, organisation: string): Promise<void> {
    await this.count('UPDATE sessions SET organisation_id = $2 WHERE id = $1', ...[id, organisation]);
  }
  sessionsOf(account: string): Promise<SessionSeen[]> {
    return this.rows(
      `SELECT id, device, address, ${utc('begun_at')} AS begun, ${utc('seen_at')} AS seen FROM sessions
       WHERE account_id = $1 AND ends_at > now() AND seen_at > now() - make_interval(days => $2)
       ORDER BY seen_at DESC, id`,
      ...[account, SESSION_DAYS.idle],
    );
  }
  endSession(id: string): Promise<number> {
    return this.count('DELETE FROM sessions WHERE id = $1', id);
  }
  /** Ends sessions of an account: one, or all but one, or all, in one organisation or anywhere. */
  endSessionsOf(
    account: string,
    which: { readonly only?: string; readonly except?: string; readonly organisation?: string } = {},
  ): Promise<number> {
    return this.count(
      `DELETE FROM sessions WHERE account_id = $1 AND ($2::text IS NULL OR id = $2)
         AND ($3::text IS NULL OR id <> $3) AND ($4::text IS NULL OR organisation_id = $4)`,
      ...[account, which.only ?? null, which.except ?? null, which.organisation ?? null],
    );
  }

  /** Tries of the last minutes that did not succeed: of a name from a place, and of a place whoever was tried. */
  async failures(pair: Buffer, address: Buffer, minutes: number): Promise<{ pair: number; address: number }> {
    const [row] = await this.rows<{ pair: number; address: number }>(
      `SELECT (SELECT count(*) FROM failed_tries WHERE pair = $1 AND at > now() - make_interval(mins => $3))::int AS pair,
        (SELECT count(*) FROM failed_tries WHERE address = $2 AND at > now() - make_interval(mins => $3))::int AS address`,
      ...[pair, address, minutes],
    );
    return row ?? { pair: 0, address: 0 };
  }
  async noteTry(pair: Buffer, address: Buffer): Promise<void> {
    await this.count('INSERT INTO failed_tries (pair, address) VALUES ($1, $2)', pair, address);
    await this.count("DELETE FROM failed_tries WHERE at < now() - interval '1 day'");
  }
  async forgetTries(pair: Buffer): Promise<void> {
    await this.count('DELETE FROM failed_tries WHERE pair = $1', pair);
  }

  /** Whether somebody signed in to an account in a browser before, by the secret that it was given then. */
  async knowsBrowser(hash: Buffer, account: string): Promise<boolean> {
    const found = await this.rows(
      'SELECT 1 FROM known_browsers WHERE hash = $1 AND account_id = $2 AND ends_at > now()',
      ...[hash, account],
    );
    return found.length > 0;
  }
  async keepBrowser(hash: Buffer, account: string, ends: Date): Promise<void> {
    await this.count(
      `INSERT INTO known_browsers (hash, account_id, ends_at) VALUES ($1, $2, $3)
       ON CONFLICT (hash, account_id) DO UPDATE SET ends_at = excluded.ends_at`,
      ...[hash, account, ends],
    );
  }

  async keepFirstCode(hash: Buffer, ends: Date): Promise<void> {
    await this.count('DELETE FROM first_codes WHERE ends_at < now()');
    await this.count('INSERT INTO first_codes (hash, ends_at) VALUES ($1, $2)', hash, ends);
  }
  async knowsFirstCode(hash: Buffer): Promise<boolean> {
    return (
      (await this.rows('SELECT 1 FROM first_codes WHERE hash = $1 AND ends_at > now()', hash)).length > 0
    );
  }
  async forgetFirstCodes(): Promise<void> {
    await this.count('DELETE FROM first_codes');
  }

  /** Tells every server process of an organisation that something about its sessions changed. */
  async tell(organisation: string): Promise<void> {
    await this.rows('SELECT pg_notify($1, $2)', 'satchel', JSON.stringify({ organisation, accounts: true }));
  }
}
