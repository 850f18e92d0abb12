/** Rows of what is kept of one person, wherever in a house it stands: to be told, and to be erased. */
import type { Eraser } from '@idle-satchel/core/access';
import type { AccountKept, AuditEntry, DocumentKind, NamedAt } from '@idle-satchel/core/api';
import type { Item } from '@idle-satchel/core/documents';
import { utc } from './claim-rows.js';
import { Scope } from './scope.js';

/** A table whose rows tell what was: which columns a row is known by, and which may have names in them. */
interface Past {
  readonly table: string;
  readonly keys: readonly string[];
  readonly json: readonly string[];
  /** Texts, with what each is called where it would stand in a document. */
  readonly texts: Readonly<Record<string, string>>;
}

const PAST: readonly Past[] = [
  { table: 'changes', keys: ['document_id', 'revision'], json: ['patch', 'inverse'], texts: {} },
  { table: 'snapshots', keys: ['document_id', 'revision'], json: ['body'], texts: {} },
  { table: 'edits', keys: ['id'], json: ['answer'], texts: { label: 'label', author: 'author' } },
  {
    table: 'item_changes',
    keys: ['item_id', 'revision'],
    json: ['before', 'after'],
    texts: { label: 'label', author: 'author' },
  },
  { table: 'makings', keys: ['id'], json: ['answer'], texts: {} },
  { table: 'bookings', keys: ['id'], json: [], texts: { label: 'label', author: 'author' } },
  { table: 'claims', keys: ['event_id'], json: [], texts: { label: 'label' } },
  { table: 'invitations', keys: ['id'], json: [], texts: { name: 'who' } },
  { table: 'messages', keys: ['id'], json: [], texts: { subject: 'label', text: 'label', why: 'label' } },
  { table: 'guest_links', keys: ['id'], json: [], texts: { label: 'who' } },
];
const AUDIT: Past = { table: 'audit', keys: ['number'], json: [], texts: { who: 'who', what: 'who' } };

/** What a text must have in it to be looked at: letters that are written one way only; nothing where there are none. */
const filterOf = (words: readonly string[]): string[] =>
  words.map(word => {
    const [longest = ''] = (word.match(/[A-Za-z0-9]+/g) ?? []).sort((a, b) => b.length - a.length);
    return `%${longest}%`;
  });

interface NamedRow {
  readonly id: string;
  readonly what: string;
  readonly body: object;
}

export class PersonRows extends Scope {
  override atomically<T>(work: (rows: PersonRows) => Promise<T>): Promise<T> {
    return this.sequelize.transaction(transaction =>
      work(new PersonRows(this.sequelize, this.organisationId, transaction, this.actor)),
    );
  }

  async accountOfPerson(person: string): Promise<string | undefined> {
    const [row] = await this.select<{ account: string }>(
      'SELECT account_id AS account FROM members WHERE organisation_id = $1 AND person_id = $2',
      person,
    );
    return row?.account;
  }
  async accountKept(account: string): Promise<AccountKept | undefined> {
    const [row] = await this.select<AccountKept>(
      `SELECT a.id, a.name, a.login, m.role, ${utc('m.since')} AS since, m.pin IS NOT NULL AS pin,
         (SELECT count(*) FROM members o WHERE o.account_id = a.id AND o.organisation_id <> $1)::int AS "otherHouses"
       FROM members m JOIN accounts a ON a.id = m.account_id WHERE m.organisation_id = $1 AND a.id = $2`,
      account,
    );
    return row;
  }
  /** Accounts that own the house; nobody else becomes one, or ceases to be, for the rest of the transaction. */
  async lockOwners(): Promise<readonly string[]> {
    const rows = await this.select<{ id: string; role: string }>(
      'SELECT account_id AS id, role FROM members WHERE organisation_id = $1 ORDER BY account_id FOR UPDATE',
    );
    return rows.flatMap(({ id, role }) => (role === 'owner' ? [id] : []));
  }
  /** Events in which somebody is on a role, named at a lift, or signed something by a name. */
  namedAt(person: string | undefined, names: readonly string[]): Promise<NamedAt[]> {
    return this.select(
      `SELECT * FROM (
         SELECT id AS event, body ->> 'label' AS label, body ->> 'start' AS start,
           (SELECT coalesce(jsonb_agg(DISTINCT concat_ws(' ', split_part(a.value ->> 'role', ' ', 1),
              body -> 'devices' -> split_part(a.value ->> 'role', ' ', 2) ->> 'label')), '[]')
            FROM jsonb_each(body -> 'assignments') a WHERE a.value ->> 'person' = $2) AS roles,
           (SELECT count(*) FROM jsonb_path_query(body, '$.**.by') AS q (signed)
            WHERE signed #>> '{}' = ANY ($3::text[]))::int AS signed,
           EXISTS (SELECT FROM jsonb_each(body -> 'devices') d WHERE d.value -> 'liftedBy' ? $2) AS lifts
         FROM documents WHERE organisation_id = $1 AND kind = 'plan'
       ) AS named WHERE roles <> '[]' OR signed > 0 OR lifts ORDER BY start, event`,
      ...[person ?? '', names],
    ).then(rows => (rows as (NamedAt & { lifts: boolean })[]).map(({ lifts: _lifts, ...row }) => row));
  }
  /** How much was made in somebody’s name. */
  async madeBy(
    account: string | undefined,
    names: readonly string[],
  ): Promise<{ readonly edits: number; readonly shelfChanges: number; readonly bookings: number }> {
    const byAccount = 'organisation_id = $1 AND (author = ANY ($3::text[]) OR account_id = $2)';
    const [row] = await this.select<{ edits: number; shelfChanges: number; bookings: number }>(
      `SELECT (SELECT count(*) FROM edits WHERE ${byAccount})::int AS edits,
         (SELECT count(DISTINCT change_id) FROM item_changes WHERE ${byAccount})::int AS "shelfChanges",
         (SELECT count(*) FROM bookings WHERE organisation_id = $1 AND author = ANY ($3::text[]))::int AS bookings`,
      ...[account ?? '', names],
    );
    return row ?? { edits: 0, shelfChanges: 0, bookings: 0 };
  }
  auditOf(account: string): Promise<AuditEntry[]> {
    return this.select(
      `SELECT number::int AS number, ${utc('at')} AS at, who, did, what, address FROM audit
       WHERE organisation_id = $1 AND account_id = $2 ORDER BY number`,
      account,
    );
  }
  /** Names that somebody signed with by their account, before they were called as they are now too. */
  async signedWith(account: string): Promise<string[]> {
    const rows = await this.select<{ author: string }>(
      `SELECT author FROM edits WHERE organisation_id = $1 AND account_id = $2
       UNION SELECT author FROM item_changes WHERE organisation_id = $1 AND account_id = $2`,
      account,
    );
    return rows.map(({ author }) => author);
  }

  /** Documents, things and other people in whose texts one of some words may stand. */
  async withWords(
    words: readonly string[],
  ): Promise<(NamedRow & { readonly sort: 'document' | 'item' | 'person' })[]> {
    return this.select(
      `SELECT 'document' AS sort, id, coalesce(body ->> 'label', body ->> 'name', kind) AS what, body FROM documents
         WHERE organisation_id = $1 AND body::text ILIKE ANY ($2::text[])
       UNION ALL SELECT 'item', id, tape, body FROM items WHERE organisation_id = $1 AND body::text ILIKE ANY ($2::text[])
       UNION ALL SELECT 'person', id, name, body FROM people WHERE organisation_id = $1 AND body::text ILIKE ANY ($2::text[])
       ORDER BY sort, what, id`,
      filterOf(words),
    );
  }
  /** Documents with one of some words in them, or with a person on a role or at a lift; nobody else changes them meanwhile. */
  lockDocuments(
    words: readonly string[],
    person: string | undefined,
  ): Promise<
    { readonly id: string; readonly kind: DocumentKind; readonly revision: number; readonly body: object }[]
  > {
    return this.select(
      `SELECT id, kind, revision, body FROM documents
       WHERE organisation_id = $1 AND (body::text ILIKE ANY ($2::text[]) OR body::text LIKE '%"' || $3 || '"%') ORDER BY id FOR UPDATE`,
      ...[filterOf(words), person ?? null],
    );
  }
  /** Keeps what became of a thing that is locked, without a record of what it was. */
  async rewriteItem(id: string, body: Item, fields: readonly string[]): Promise<void> {
    await this.select(
      `UPDATE items SET body = $3::jsonb, tape = $3::jsonb ->> 'tape', revision = revision + 1,
         changed_at = changed_at || (SELECT coalesce(jsonb_object_agg(field, revision + 1), '{}') FROM unnest($4::text[]) AS field)
       WHERE organisation_id = $1 AND id = $2 RETURNING id`,
      ...[id, JSON.stringify(body), fields],
    );
  }

  /** Takes names out of all that tells what was; gives how many records that changed. */
  async rewritePast(words: readonly string[], eraser: Eraser, ofPeople: Eraser): Promise<number> {
    let changed = 0;
    for (const past of PAST) changed += await this.rewriteTable(past, words, eraser);
    return changed + (await this.rewriteTable(AUDIT, words, ofPeople));
  }
  private async rewriteTable(
    { table, keys, json, texts }: Past,
    words: readonly string[],
    eraser: Eraser,
  ): Promise<number> {
    const columns = [...json, ...Object.keys(texts)];
    const rows = await this.select<Record<string, unknown>>(
      `SELECT ${[...keys, ...columns].join(', ')} FROM ${table} WHERE organisation_id = $1
         AND (${columns.map(column => `${column}::text ILIKE ANY ($2::text[])`).join(' OR ')}) FOR UPDATE`,
      filterOf(words),
    );
    let changed = 0;
    for (const row of rows) {
      const next = columns.map(column => eraser.value(row[column], texts[column] ?? ''));
      if (next.every((value, i) => value === row[columns[i] ?? ''])) continue;
      const set = columns.map(
        (column, i) => `${column} = $${i + 2}${json.includes(column) ? '::jsonb' : ''}`,
      );
      const where = keys.map((key, i) => `${key} = $${columns.length + i + 2}`);
      await this.select(
        `UPDATE ${table} SET ${set.join(', ')} WHERE organisation_id = $1 AND ${where.join(' AND ')} RETURNING 1`,
        ...next.map((value, i) => (json.includes(columns[i] ?? '') ? JSON.stringify(value) : value)),
        ...keys.map(key => row[key]),
      );
      changed++;
    }
    return changed;
  }

  /** What was done stays, but by nobody and from nowhere. */
  async forgetWhoDid(account: string, nobody: string): Promise<void> {
    for (const table of ['edits', 'item_changes'])
      await this.select(
        `UPDATE ${table} SET account_id = NULL, author = $3 WHERE organisation_id = $1 AND account_id = $2 RETURNING 1`,
        ...[account, nobody],
      );
    await this.select(
      `UPDATE audit SET account_id = NULL, who = $3, address = '' WHERE organisation_id = $1 AND account_id = $2 RETURNING 1`,
      ...[account, nobody],
    );
  }
  /** Lets an account in no more; where it comes into no other house it goes altogether. */
  async forgetAccount(account: string): Promise<void> {
    await this.select(
      'DELETE FROM members WHERE organisation_id = $1 AND account_id = $2 RETURNING 1',
      account,
    );
    await this.select(
      `DELETE FROM accounts a WHERE id = $2
         AND NOT EXISTS (SELECT FROM members WHERE account_id = a.id AND organisation_id <> $1) RETURNING 1`,
      account,
    );
  }
  /** How many settings files have one of some names in them. */
  async filesNaming(names: readonly string[]): Promise<number> {
    const [row] = await this.select<{ count: number }>(
      `SELECT count(*)::int AS count FROM files WHERE organisation_id = $1
         AND EXISTS (SELECT FROM unnest($2::text[]) AS name WHERE position(convert_to(name, 'UTF8') IN bytes) > 0)`,
      names,
    );
    return row?.count ?? 0;
  }
  /** Takes the person out of what names them by their id: whoever is invited or signs in as them. */
  async forgetLinks(person: string): Promise<void> {
    for (const table of ['members', 'invitations'])
      await this.select(
        `UPDATE ${table} SET person_id = NULL WHERE organisation_id = $1 AND person_id = $2 RETURNING 1`,
        person,
      );
    for (const table of ['duty_links', 'messages'])
      await this.select(
        `DELETE FROM ${table} WHERE organisation_id = $1 AND person_id = $2 RETURNING id`,
        person,
      );
  }
  /** People who say that they go with somebody, or are kept apart from them. */
  async tiedTo(person: string): Promise<string[]> {
    const rows = await this.select<{ id: string }>(
      `SELECT id FROM people WHERE organisation_id = $1
         AND EXISTS (SELECT FROM jsonb_each(body -> 'ties') AS tie WHERE tie.value ->> 'person' = $2) ORDER BY id`,
      person,
    );
    return rows.map(({ id }) => id);
  }
  async removePerson(person: string): Promise<void> {
    await this.select('DELETE FROM people WHERE organisation_id = $1 AND id = $2 RETURNING 1', person);
  }
}
