/** The one place where rows are read and written: always within one organisation. */
import { Transaction } from 'sequelize';
import { BookingRows } from './booking-rows.js';
import type { Revisable } from '../features/changed-fields.js';
import { FileRow, Organisation, PersonRow, PictureRow } from './models.js';
import type { Fields } from './own-rows.js';

/** Queries of one organisation, optionally inside a transaction. */
export class Scope extends BookingRows {
  /** Runs `work` in one transaction: all of it or nothing. */
  atomically<T>(work: (scope: Scope) => Promise<T>): Promise<T> {
    return this.sequelize.transaction(
      { isolationLevel: Transaction.ISOLATION_LEVELS.READ_COMMITTED },
      transaction => work(new Scope(this.sequelize, this.organisationId, transaction, this.actor)),
    );
  }

  /** Whether the organisation exists. */
  async isThere(): Promise<boolean> {
    return (await Organisation.findByPk(this.organisationId, { transaction: this.transaction })) !== null;
  }
  async createOrganisation(name: string): Promise<void> {
    await Organisation.create({ id: this.organisationId, name }, { transaction: this.transaction });
  }

  people(): Promise<PersonRow[]> {
    return PersonRow.findAll({
      ...this.within({}),
      order: [
        ['name', 'ASC'],
        ['id', 'ASC'],
      ],
    });
  }
  /** A person for the rest of the transaction: nobody else changes them meanwhile. */
  lockPerson(id: string): Promise<PersonRow | null> {
    return PersonRow.findOne({ ...this.within({ id }), lock: true });
  }
  async createPerson(id: string, body: PersonRow['body']): Promise<void> {
    const values = { id, name: body.name, body, revision: 1, changedAt: {} };
    await PersonRow.create(this.owned(values), { transaction: this.transaction });
  }
  /** Keeps what became of a person who is locked. */
  async savePerson(row: PersonRow, { body, ...next }: Revisable<PersonRow['body']>): Promise<void> {
    await row.update({ ...next, body, name: body.name }, { transaction: this.transaction });
  }
  /** Shelf and people as JSON, each record by its id. */
  async writtenViews(): Promise<{ readonly items: string; readonly people: string }> {
    const [row] = await this.select<{ items: string; people: string }>(
      `SELECT (SELECT coalesce(json_object_agg(id, body), '{}')::text FROM items WHERE organisation_id = $1) AS items,
        (SELECT coalesce(json_object_agg(id, body), '{}')::text FROM people WHERE organisation_id = $1) AS people`,
    );
    return row ?? { items: '{}', people: '{}' };
  }
  /** A text that changes with every change of shelf or people. */
  async viewsVersion(): Promise<string> {
    const [row] = await this.select<{ version: string }>(
      `SELECT (SELECT count(*) || '+' || coalesce(sum(revision * (hashtext(id)::bigint + 4294967296)), 0)
          FROM items WHERE organisation_id = $1) || ' '
        || (SELECT count(*) || '+' || coalesce(sum(revision), 0) FROM people WHERE organisation_id = $1) AS version`,
    );
    return row?.version ?? '';
  }

  /** What was made before under an id that a client chose. */
  async making(id: string): Promise<{ readonly digest: string; readonly answer: object } | undefined> {
    const [row] = await this.select<{ digest: string; answer: object }>(
      'SELECT digest, answer FROM makings WHERE organisation_id = $1 AND id = $2',
      id,
    );
    return row;
  }
  async keepMaking(id: string, digest: string, answer: object): Promise<void> {
    await this.select(
      'INSERT INTO makings (organisation_id, id, digest, answer) VALUES ($1, $2, $3, $4)',
      ...[id, digest, JSON.stringify(answer)],
    );
  }

  /** Keeps a picture under its id; sent again it changes nothing. False when the id is another picture's. */
  async keepPicture(values: Omit<Fields<PictureRow>, 'organisationId'>): Promise<boolean> {
    await PictureRow.bulkCreate([this.owned(values)], {
      ignoreDuplicates: true,
      transaction: this.transaction,
    });
    return (await this.picture(values.id))?.bytes.equals(values.bytes) ?? false;
  }
  /** False where another file has this id. */
  async keepFile(values: Omit<Fields<FileRow>, 'organisationId'>): Promise<boolean> {
    await FileRow.bulkCreate([this.owned(values)], {
      ignoreDuplicates: true,
      transaction: this.transaction,
    });
    return (await this.file(values.id))?.bytes.equals(values.bytes) ?? false;
  }
  file(id: string): Promise<FileRow | null> {
    return FileRow.findOne(this.within({ id }));
  }
  picture(id: string): Promise<PictureRow | null> {
    return PictureRow.findOne(this.within({ id }));
  }

  /** Tells every server process, when the transaction commits; at most 8 kB, so ids and revisions only. */
  async notify(message: object): Promise<void> {
    await this.sequelize.query('SELECT pg_notify($1, $2)', {
      bind: ['satchel', JSON.stringify({ organisation: this.organisationId, ...message })],
      transaction: this.transaction,
    });
  }
}
