/** Changes of the database's shape, in order; each is run once. */
import type { Plan } from '@idle-satchel/core/documents';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { Umzug } from 'umzug';
import { claimOf } from '../features/events/claims.js';
import { ACCOUNT_TABLES, FACTORS, PINS } from './account-tables.js';
import { DUTY_TABLES } from './duty-tables.js';
import { Scope } from './scope.js';

/** The transaction in which every change is made, and noted. */
interface Inside {
  readonly sequelize: Sequelize;
  readonly transaction: Transaction;
  readonly run: (sql: string) => Promise<unknown>;
}

interface Migration {
  readonly name: string;
  readonly up: (inside: Inside) => Promise<unknown>;
}

const MIGRATIONS: readonly Migration[] = [
  {
    name: '0001-documents-and-edits',
    up: ({ run }) =>
      run(`
        CREATE TABLE organisations (id varchar(12) PRIMARY KEY, name text NOT NULL);
        CREATE TABLE documents (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          id varchar(12) NOT NULL,
          kind text NOT NULL CHECK (kind IN ('plan', 'venue', 'rules', 'kinds')),
          revision integer NOT NULL CHECK (revision > 0),
          body jsonb NOT NULL,
          sort_key text NOT NULL,
          PRIMARY KEY (organisation_id, id)
        );
        CREATE INDEX ON documents (organisation_id, kind, sort_key, id);
        CREATE TABLE edits (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          id varchar(64) NOT NULL,
          digest text NOT NULL,
          label text NOT NULL,
          author text NOT NULL,
          undoes varchar(64),
          at timestamptz NOT NULL,
          answer jsonb NOT NULL,
          PRIMARY KEY (organisation_id, id)
        );
        CREATE TABLE changes (
          organisation_id varchar(12) NOT NULL,
          document_id varchar(12) NOT NULL,
          revision integer NOT NULL,
          edit_id varchar(64) NOT NULL,
          patch jsonb NOT NULL,
          inverse jsonb NOT NULL,
          PRIMARY KEY (organisation_id, document_id, revision),
          FOREIGN KEY (organisation_id, document_id) REFERENCES documents,
          FOREIGN KEY (organisation_id, edit_id) REFERENCES edits DEFERRABLE INITIALLY DEFERRED
        );
        CREATE TABLE snapshots (
          organisation_id varchar(12) NOT NULL,
          document_id varchar(12) NOT NULL,
          revision integer NOT NULL,
          body jsonb NOT NULL,
          PRIMARY KEY (organisation_id, document_id, revision),
          FOREIGN KEY (organisation_id, document_id) REFERENCES documents
        );
        CREATE TABLE items (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          id varchar(12) NOT NULL,
          tape text NOT NULL,
          body jsonb NOT NULL,
          PRIMARY KEY (organisation_id, id),
          UNIQUE (organisation_id, tape)
        );
        CREATE TABLE people (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          id varchar(12) NOT NULL,
          name text NOT NULL,
          body jsonb NOT NULL,
          PRIMARY KEY (organisation_id, id)
        );
      `),
  },
  {
    name: '0002-pictures',
    up: ({ run }) =>
      run(`
        CREATE TABLE pictures (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          id varchar(12) NOT NULL,
          type text NOT NULL CHECK (type IN ('image/png', 'image/jpeg')),
          bytes bytea NOT NULL,
          at timestamptz NOT NULL,
          PRIMARY KEY (organisation_id, id)
        );
      `),
  },
  {
    name: '0003-claims-revisions-and-makings',
    up: async inside => {
      await inside.run(`
        ALTER TABLE edits ADD browser varchar(64);
        CREATE INDEX ON changes (organisation_id, edit_id);
        ALTER TABLE items ADD revision integer NOT NULL DEFAULT 1, ADD changed_at jsonb NOT NULL DEFAULT '{}';
        ALTER TABLE people ADD revision integer NOT NULL DEFAULT 1, ADD changed_at jsonb NOT NULL DEFAULT '{}';
        CREATE TABLE makings (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          id varchar(12) NOT NULL,
          digest text NOT NULL,
          answer jsonb NOT NULL,
          PRIMARY KEY (organisation_id, id)
        );
        CREATE TABLE claims (
          organisation_id varchar(12) NOT NULL,
          event_id varchar(12) NOT NULL,
          label text NOT NULL,
          from_at timestamptz NOT NULL,
          to_at timestamptz NOT NULL,
          venue_id varchar(12) NOT NULL,
          venue_revision integer NOT NULL,
          items jsonb NOT NULL,
          occasion text,
          stays boolean NOT NULL DEFAULT false,
          PRIMARY KEY (organisation_id, event_id),
          FOREIGN KEY (organisation_id, event_id) REFERENCES documents
        );
      `);
      await claimForAll(inside);
    },
  },
  {
    name: '0004-files',
    up: ({ run }) =>
      run(`
        CREATE TABLE files (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          id varchar(12) NOT NULL,
          bytes bytea NOT NULL,
          at timestamptz NOT NULL,
          PRIMARY KEY (organisation_id, id)
        );
      `),
  },
  {
    name: '0005-item-changes',
    up: ({ run }) =>
      run(`
        CREATE TABLE item_changes (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          item_id varchar(12) NOT NULL,
          revision integer NOT NULL,
          change_id varchar(12) NOT NULL,
          label text NOT NULL,
          author text NOT NULL,
          undoes varchar(12),
          at timestamptz NOT NULL,
          before jsonb NOT NULL,
          after jsonb NOT NULL,
          PRIMARY KEY (organisation_id, item_id, revision)
        );
        CREATE INDEX ON item_changes (organisation_id, change_id);
        -- Two items may swap their tape codes in one statement.
        ALTER TABLE items DROP CONSTRAINT items_organisation_id_tape_key,
          ADD CONSTRAINT items_tape_once UNIQUE (organisation_id, tape) DEFERRABLE INITIALLY IMMEDIATE;
      `),
  },
  {
    name: '0006-bookings',
    up: ({ run }) =>
      run(`
        CREATE EXTENSION IF NOT EXISTS btree_gist;
        CREATE TABLE bookings (
          organisation_id varchar(12) NOT NULL REFERENCES organisations,
          id varchar(12) NOT NULL,
          event_id varchar(12),
          label text NOT NULL,
          author text NOT NULL,
          from_at timestamptz NOT NULL,
          to_at timestamptz NOT NULL,
          free_at timestamptz NOT NULL CHECK (from_at < to_at AND to_at <= free_at),
          sequence bigserial,
          PRIMARY KEY (organisation_id, id),
          UNIQUE (organisation_id, event_id),
          FOREIGN KEY (organisation_id, event_id) REFERENCES documents
        );
        CREATE TABLE booked_items (
          organisation_id varchar(12) NOT NULL,
          booking_id varchar(12) NOT NULL,
          item_id varchar(12) NOT NULL,
          -- Of a stock line how many; null of a thing that has a tape code of its own.
          count integer CHECK (count > 0),
          span tstzrange NOT NULL CHECK (NOT isempty(span)),
          PRIMARY KEY (organisation_id, booking_id, item_id),
          FOREIGN KEY (organisation_id, booking_id) REFERENCES bookings ON DELETE CASCADE,
          FOREIGN KEY (organisation_id, item_id) REFERENCES items,
          CONSTRAINT had_once EXCLUDE USING gist
            (organisation_id WITH =, item_id WITH =, span WITH &&) WHERE (count IS NULL)
        );
        CREATE INDEX ON booked_items USING gist (organisation_id, item_id, span);
      `),
  },
  {
    name: '0007-occasions',
    // Claims that are made anew on the way here, by the third of these, have them already.
    up: ({ run }) =>
      run(`
        ALTER TABLE claims ADD COLUMN IF NOT EXISTS occasion text,
          ADD COLUMN IF NOT EXISTS stays boolean NOT NULL DEFAULT false;
      `),
  },
  { name: '0008-accounts', up: ({ run }) => run(ACCOUNT_TABLES) },
  { name: '0009-pins', up: ({ run }) => run(PINS) },
  { name: '0010-factors', up: ({ run }) => run(FACTORS) },
  { name: '0011-duty-links', up: ({ run }) => run(DUTY_TABLES) },
];

/** Claims of the events that are there already; one that cannot be read any more claims nothing. */
async function claimForAll({ sequelize, transaction }: Inside): Promise<void> {
  const plans = await sequelize.query<{ organisation: string; id: string; body: Plan }>(
    "SELECT organisation_id AS organisation, id, body FROM documents WHERE kind = 'plan'",
    { type: QueryTypes.SELECT, transaction },
  );
  for (const { organisation, id, body } of plans) {
    let claim: ReturnType<typeof claimOf>;
    try {
      claim = claimOf(body);
    } catch {
      continue;
    }
    await new Scope(sequelize, organisation, transaction).saveClaim({ eventId: id, ...claim });
  }
}

/** Notes what was done where it is done: in the same transaction. */
const notesIn = ({ sequelize, transaction }: Inside) => ({
  logMigration: async ({ name }: { readonly name: string }) => {
    await sequelize.query('INSERT INTO "SequelizeMeta" (name) VALUES ($1)', { bind: [name], transaction });
  },
  unlogMigration: async ({ name }: { readonly name: string }) => {
    await sequelize.query('DELETE FROM "SequelizeMeta" WHERE name = $1', { bind: [name], transaction });
  },
  executed: async () => {
    await sequelize.query('CREATE TABLE IF NOT EXISTS "SequelizeMeta" (name varchar(255) PRIMARY KEY)', {
      transaction,
    });
    const rows = await sequelize.query<{ name: string }>('SELECT name FROM "SequelizeMeta" ORDER BY name', {
      type: QueryTypes.SELECT,
      transaction,
    });
    return rows.map(({ name }) => name);
  },
});

/** One process at a time changes the shape of the database, or fills it for the first time. */
export const alone = (sequelize: Sequelize, transaction: Transaction): Promise<unknown> =>
  sequelize.query('SELECT pg_advisory_xact_lock(74116)', { transaction });

/**
 * Brings the database to the newest shape, all of it or nothing; safe when several processes start at once. Refuses one
 * whose shape is newer than this program knows.
 */
export async function migrate(sequelize: Sequelize): Promise<void> {
  await sequelize.transaction(async transaction => {
    await alone(sequelize, transaction);
    const inside: Inside = { sequelize, transaction, run: sql => sequelize.query(sql, { transaction }) };
    const notes = notesIn(inside);
    const umzug = new Umzug({
      migrations: MIGRATIONS.map(({ name, up }) => ({ name, up: () => up(inside) })),
      storage: notes,
      logger: undefined,
    });
    const known = new Set(MIGRATIONS.map(({ name }) => name));
    const newer = (await notes.executed()).filter(name => !known.has(name));
    if (newer.length > 0) throw new NewerDatabase(newer);
    await umzug.up();
  });
}

/** The database was last used by a newer version of the program. */
export class NewerDatabase extends Error {
  constructor(names: readonly string[]) {
    super(
      `This database was changed by a newer version of Idle Satchel (${names.join(', ')}): start that one, or restore a backup from before`,
    );
  }
}
