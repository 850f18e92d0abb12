/** Changes of the database's shape, in order; each is run once. */
import type { QueryInterface } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import type { Sequelize } from 'sequelize';

interface Migration {
  readonly name: string;
  readonly up: (context: { context: QueryInterface }) => Promise<unknown>;
}

const MIGRATIONS: readonly Migration[] = [
  {
    name: '0001-documents-and-edits',
    up: ({ context }) =>
      context.sequelize.query(`
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
    up: ({ context }) =>
      context.sequelize.query(`
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
];

/** Brings the database to the newest shape; safe when several processes start at once. */
export async function migrate(sequelize: Sequelize): Promise<void> {
  await sequelize.transaction(async transaction => {
    await sequelize.query('SELECT pg_advisory_xact_lock(74116)', { transaction });
    const umzug = new Umzug({
      migrations: MIGRATIONS.map(({ name, up }) => ({ name, up })),
      context: sequelize.getQueryInterface(),
      storage: new SequelizeStorage({ sequelize }),
      logger: undefined,
    });
    await umzug.up();
  });
}
