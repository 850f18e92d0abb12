/** Tables. Every row but an organisation belongs to one; see `scope.ts` for the one place that queries them. */
import type { DocumentKind, EditAnswer } from '@idle-satchel/core/api';
import type { Operation } from '@idle-satchel/core';
import type { Item, Person } from '@idle-satchel/core/documents';
import { DataTypes, Model, type Sequelize } from 'sequelize';

export class Organisation extends Model {
  declare id: string;
  declare name: string;
}

/** A document at its newest revision. `sortKey` orders lists: the start of an event, the name of a venue. */
export class DocumentRow extends Model {
  declare organisationId: string;
  declare id: string;
  declare kind: DocumentKind;
  declare revision: number;
  declare body: object;
  declare sortKey: string;
}

/** An edit as it was accepted, with the answer that was given; kept for good. */
export class EditRow extends Model {
  declare organisationId: string;
  declare id: string;
  declare digest: string;
  declare label: string;
  declare author: string;
  /** The browser that it was made in. */
  declare browser: string | null;
  declare undoes: string | null;
  declare at: Date;
  declare answer: EditAnswer;
  /** The account of whoever made it; null before there were accounts, and in a demo. */
  declare accountId: string | null;
}

/** What an edit did to one document. */
export class ChangeRow extends Model {
  declare organisationId: string;
  declare documentId: string;
  declare revision: number;
  declare editId: string;
  declare patch: readonly Operation[];
  declare inverse: readonly Operation[];
}

/** The body of a document at a revision, every so many edits. */
export class SnapshotRow extends Model {
  declare organisationId: string;
  declare documentId: string;
  declare revision: number;
  declare body: object;
}

export class ItemRow extends Model {
  declare organisationId: string;
  declare id: string;
  declare tape: string;
  declare body: Item;
  declare revision: number;
  /** At which revision each field was changed last. */
  declare changedAt: Readonly<Record<string, number>>;
}

export class PersonRow extends Model {
  declare organisationId: string;
  declare id: string;
  declare name: string;
  declare body: Person;
  declare revision: number;
  declare changedAt: Readonly<Record<string, number>>;
}

/** A picture beside a venue; never changed once it is kept. */
export class PictureRow extends Model {
  declare organisationId: string;
  declare id: string;
  declare type: string;
  declare bytes: Buffer;
  declare at: Date;
}

/** A file of any kind that is kept beside the documents. */
export class FileRow extends Model {
  declare organisationId: string;
  declare id: string;
  declare bytes: Buffer;
  declare at: Date;
}

// Sequelize writes into the definitions it is given: each column needs its own.
const key = () => ({ type: DataTypes.STRING(12), allowNull: false, primaryKey: true });
const count = () => ({ type: DataTypes.INTEGER, allowNull: false });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const json = () => ({ type: DataTypes.JSONB, allowNull: false });

/** Binds the models to a connection. */
export function initModels(sequelize: Sequelize): void {
  const table = (tableName: string) => ({ sequelize, tableName, underscored: true, timestamps: false });
  Organisation.init({ id: key(), name: text() }, table('organisations'));
  DocumentRow.init(
    { organisationId: key(), id: key(), kind: text(), revision: count(), body: json(), sortKey: text() },
    table('documents'),
  );
  EditRow.init(
    {
      organisationId: key(),
      id: { type: DataTypes.STRING(64), allowNull: false, primaryKey: true },
      digest: text(),
      label: text(),
      author: text(),
      browser: DataTypes.STRING(64),
      undoes: DataTypes.STRING(64),
      at: { type: DataTypes.DATE, allowNull: false },
      answer: json(),
      accountId: DataTypes.STRING(12),
    },
    table('edits'),
  );
  ChangeRow.init(
    {
      organisationId: key(),
      documentId: key(),
      revision: { ...count(), primaryKey: true },
      editId: { type: DataTypes.STRING(64), allowNull: false },
      patch: json(),
      inverse: json(),
    },
    table('changes'),
  );
  SnapshotRow.init(
    { organisationId: key(), documentId: key(), revision: { ...count(), primaryKey: true }, body: json() },
    table('snapshots'),
  );
  const changed = () => ({ body: json(), revision: count(), changedAt: json() });
  ItemRow.init({ organisationId: key(), id: key(), tape: text(), ...changed() }, table('items'));
  PersonRow.init({ organisationId: key(), id: key(), name: text(), ...changed() }, table('people'));
  PictureRow.init(
    {
      organisationId: key(),
      id: key(),
      type: text(),
      bytes: { type: DataTypes.BLOB, allowNull: false },
      at: { type: DataTypes.DATE, allowNull: false },
    },
    table('pictures'),
  );
  FileRow.init(
    {
      organisationId: key(),
      id: key(),
      bytes: { type: DataTypes.BLOB, allowNull: false },
      at: { type: DataTypes.DATE, allowNull: false },
    },
    table('files'),
  );
}
