/** The one place where rows are read and written: always within one organisation. */
import type { DocumentKind } from '@idle-satchel/core/api';
import { Op, Transaction, type Model, type Sequelize, type WhereOptions } from 'sequelize';
import {
  ChangeRow,
  DocumentRow,
  EditRow,
  ItemRow,
  Organisation,
  PersonRow,
  PictureRow,
  SnapshotRow,
} from './models.js';

export interface PageOf<T> {
  readonly rows: readonly T[];
  /** Where the next page starts, or null at the end. */
  readonly next: string | null;
}

/** Queries of one organisation, optionally inside a transaction. */
export class Scope {
  constructor(
    readonly sequelize: Sequelize,
    readonly organisationId: string,
    private readonly transaction: Transaction | null = null,
  ) {}

  /** Runs `work` in one transaction: all of it or nothing. */
  atomically<T>(work: (scope: Scope) => Promise<T>): Promise<T> {
    return this.sequelize.transaction(
      { isolationLevel: Transaction.ISOLATION_LEVELS.READ_COMMITTED },
      transaction => work(new Scope(this.sequelize, this.organisationId, transaction)),
    );
  }

  private within(where: Record<string | symbol, unknown>): {
    where: WhereOptions;
    transaction: Transaction | null;
  } {
    return { where: { ...where, organisationId: this.organisationId }, transaction: this.transaction };
  }
  private owned<T extends object>(values: T): T & { organisationId: string } {
    return { ...values, organisationId: this.organisationId };
  }

  async createOrganisation(name: string): Promise<void> {
    await Organisation.create({ id: this.organisationId, name }, { transaction: this.transaction });
  }

  document(id: string, kind?: DocumentKind): Promise<DocumentRow | null> {
    return DocumentRow.findOne(this.within(kind ? { id, kind } : { id }));
  }
  /** Locks documents for the rest of the transaction, in a fixed order so that two edits never wait on each other. */
  lockDocuments(ids: readonly string[]): Promise<DocumentRow[]> {
    return DocumentRow.findAll({ ...this.within({ id: [...ids] }), order: [['id', 'ASC']], lock: true });
  }
  allOfKind(kind: DocumentKind): Promise<DocumentRow[]> {
    return DocumentRow.findAll({
      ...this.within({ kind }),
      order: [
        ['sortKey', 'ASC'],
        ['id', 'ASC'],
      ],
    });
  }
  /** One page in order of sort key, then id; `after` is the cursor of the page before. */
  async pageOfKind(
    kind: DocumentKind,
    after: { sortKey: string; id: string } | undefined,
    size: number,
  ): Promise<PageOf<DocumentRow>> {
    const beyond = after && {
      [Op.or]: [
        { sortKey: { [Op.gt]: after.sortKey } },
        { sortKey: after.sortKey, id: { [Op.gt]: after.id } },
      ],
    };
    const rows = await DocumentRow.findAll({
      ...this.within({ kind, ...beyond }),
      order: [
        ['sortKey', 'ASC'],
        ['id', 'ASC'],
      ],
      limit: size + 1,
    });
    const last = rows[size - 1];
    return { rows: rows.slice(0, size), next: rows.length > size && last ? cursorOf(last) : null };
  }
  createDocument(values: {
    id: string;
    kind: DocumentKind;
    revision: number;
    body: object;
    sortKey: string;
  }): Promise<DocumentRow> {
    return DocumentRow.create(this.owned(values), { transaction: this.transaction });
  }
  async updateDocument(
    id: string,
    values: { revision: number; body: object; sortKey: string },
  ): Promise<void> {
    await DocumentRow.update(values, this.within({ id }));
  }

  edit(id: string): Promise<EditRow | null> {
    return EditRow.findOne(this.within({ id }));
  }
  edits(ids: readonly string[]): Promise<EditRow[]> {
    return EditRow.findAll(this.within({ id: [...ids] }));
  }
  createEdit(values: Omit<Fields<EditRow>, 'organisationId'>): Promise<EditRow> {
    return EditRow.create(this.owned(values), { transaction: this.transaction });
  }

  changesSince(documentId: string, revision: number, limit?: number): Promise<ChangeRow[]> {
    return ChangeRow.findAll({
      ...this.within({ documentId, revision: { [Op.gt]: revision } }),
      order: [['revision', 'ASC']],
      ...(limit === undefined ? {} : { limit }),
    });
  }
  changesUpTo(documentId: string, from: number, to: number): Promise<ChangeRow[]> {
    return ChangeRow.findAll({
      ...this.within({ documentId, revision: { [Op.gt]: from, [Op.lte]: to } }),
      order: [['revision', 'ASC']],
    });
  }
  changesBefore(documentId: string, before: number, limit: number): Promise<ChangeRow[]> {
    return ChangeRow.findAll({
      ...this.within({ documentId, revision: { [Op.lt]: before } }),
      order: [['revision', 'DESC']],
      limit,
    });
  }
  createChange(values: Omit<Fields<ChangeRow>, 'organisationId'>): Promise<ChangeRow> {
    return ChangeRow.create(this.owned(values), { transaction: this.transaction });
  }

  snapshotUpTo(documentId: string, revision: number): Promise<SnapshotRow | null> {
    return SnapshotRow.findOne({
      ...this.within({ documentId, revision: { [Op.lte]: revision } }),
      order: [['revision', 'DESC']],
    });
  }
  createSnapshot(values: Omit<Fields<SnapshotRow>, 'organisationId'>): Promise<SnapshotRow> {
    return SnapshotRow.create(this.owned(values), { transaction: this.transaction });
  }

  items(): Promise<ItemRow[]> {
    return ItemRow.findAll({
      ...this.within({}),
      order: [
        ['tape', 'ASC'],
        ['id', 'ASC'],
      ],
    });
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
  async saveItem(id: string, body: ItemRow['body']): Promise<void> {
    await ItemRow.upsert(this.owned({ id, tape: body.tape, body }), { transaction: this.transaction });
  }
  async savePerson(id: string, body: PersonRow['body']): Promise<void> {
    await PersonRow.upsert(this.owned({ id, name: body.name, body }), { transaction: this.transaction });
  }

  /** Keeps a picture under its id; sent again it changes nothing. False when the id is another picture's. */
  async keepPicture(values: Omit<Fields<PictureRow>, 'organisationId'>): Promise<boolean> {
    await PictureRow.bulkCreate([this.owned(values)], {
      ignoreDuplicates: true,
      transaction: this.transaction,
    });
    return (await this.picture(values.id))?.bytes.equals(values.bytes) ?? false;
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

type Fields<Row> = { [Key in Exclude<keyof Row, keyof Model>]: Row[Key] };

/** A cursor is where a row stands in the list, not a number of rows. */
export const cursorOf = (row: { sortKey: string; id: string }): string =>
  Buffer.from(JSON.stringify([row.sortKey, row.id])).toString('base64url');

/** The place a cursor names, or undefined when it is no cursor of ours. */
export function readCursor(cursor: string): { sortKey: string; id: string } | undefined {
  try {
    const parts: unknown = JSON.parse(Buffer.from(cursor, 'base64url').toString());
    if (!Array.isArray(parts) || parts.length !== 2 || !parts.every(part => typeof part === 'string'))
      return undefined;
    const [sortKey, id] = parts as [string, string];
    return /\0/.test(sortKey + id) ? undefined : { sortKey, id };
  } catch {
    return undefined;
  }
}
