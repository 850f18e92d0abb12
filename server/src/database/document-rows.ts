/** Documents, and what edits did to them. Bodies that are only passed on stay text. */
import type { DocumentKind, EditAnswer } from '@idle-satchel/core/api';
import { Op } from 'sequelize';
import { ChangeRow, DocumentRow, EditRow, SnapshotRow } from './models.js';
import { ClaimRows } from './claim-rows.js';
import type { Fields } from './own-rows.js';

export interface PageOf<T> {
  readonly rows: readonly T[];
  /** Where the next page starts, or null at the end. */
  readonly next: string | null;
}

/** A document whose body is JSON as the database wrote it. */
export interface WrittenDocument {
  readonly id: string;
  readonly kind: DocumentKind;
  readonly revision: number;
  readonly body: string;
}

interface Pin {
  readonly id: string;
  readonly revision: number;
}

/** A plan as text, with what of it is needed to find what belongs to it. */
interface WrittenPlan extends WrittenDocument {
  readonly pin: Pin;
  readonly turnaround: number | null;
  readonly parent: string | null;
}

/** Which revision of a document is the newest. */
export interface Standing {
  readonly id: string;
  readonly kind: DocumentKind;
  readonly revision: number;
  /** Changes whenever the row does, by whatever hand, a restored backup too. */
  readonly version: string;
  /** Null where it is the version that is known already. */
  readonly body: string | null;
}

/** A change as the API answers it, its patch as the database wrote it. */
export interface WrittenChange {
  readonly revision: number;
  readonly editId: string;
  readonly label: string;
  readonly author: string;
  readonly patch: string;
}

export class DocumentRows extends ClaimRows {
  document(id: string, kind?: DocumentKind): Promise<DocumentRow | null> {
    return DocumentRow.findOne(this.within(kind ? { id, kind } : { id }));
  }
  /** A document as text; undefined where there is none. */
  async written(id: string, kind?: DocumentKind): Promise<WrittenDocument | undefined> {
    const [row] = await this.select<WrittenDocument>(
      `SELECT id, kind, revision, body::text AS body FROM documents
       WHERE organisation_id = $1 AND id = $2 AND kind = coalesce($3, kind)`,
      id,
      kind ?? null,
    );
    return row;
  }
  writtenOfKind(kind: DocumentKind): Promise<WrittenDocument[]> {
    return this.select<WrittenDocument>(
      `SELECT id, kind, revision, body::text AS body FROM documents
       WHERE organisation_id = $1 AND kind = $2 ORDER BY sort_key, id`,
      kind,
    );
  }
  /** The documents that every event of the organisation shares. */
  houseDocuments(): Promise<{ readonly id: string; readonly kind: DocumentKind }[]> {
    return this.select(
      "SELECT id, kind FROM documents WHERE organisation_id = $1 AND kind IN ('rules', 'kinds')",
    );
  }
  /** An event as text, with the venue and its revision that it is planned on: both of one moment. */
  async writtenPlan(id: string): Promise<WrittenPlan | undefined> {
    const [row] = await this.select<WrittenPlan & { pin: Pin | null }>(
      `SELECT id, kind, revision, body::text AS body, body -> 'venue' AS pin,
         body -> 'rules' -> 'turnaround' AS turnaround, body ->> 'parent' AS parent FROM documents
       WHERE organisation_id = $1 AND id = $2 AND kind = 'plan'`,
      id,
    );
    return row && { ...row, pin: row.pin ?? { id: '', revision: 0 } };
  }
  /** Events that begin after an instant and are no variants, the next ones first. */
  async comingEvents(after: string, most: number): Promise<readonly string[]> {
    const rows = await this.select<{ readonly id: string }>(
      `SELECT id FROM documents WHERE organisation_id = $1 AND kind = 'plan' AND body -> 'parent' IS NULL
         AND sort_key > $2 ORDER BY sort_key, id LIMIT $3`,
      after,
      most,
    );
    return rows.map(({ id }) => id);
  }
  /** Variants of an event. */
  async variantsOf(parent: string): Promise<readonly string[]> {
    const rows = await this.select<{ readonly id: string }>(
      `SELECT id FROM documents WHERE organisation_id = $1 AND kind = 'plan' AND body ->> 'parent' = $2
       ORDER BY id`,
      parent,
    );
    return rows.map(({ id }) => id);
  }
  /** Some documents as they stand; the bodies of those of which another version is known. */
  standing(known: readonly { readonly id: string; readonly version: string }[]): Promise<Standing[]> {
    return this.select<Standing>(
      `SELECT id, kind, revision, d.xmin::text AS version,
         CASE WHEN d.xmin::text <> known THEN body::text END AS body
       FROM documents d JOIN unnest($2::text[], $3::text[]) AS wanted (id, known) USING (id)
       WHERE organisation_id = $1`,
      known.map(({ id }) => id),
      known.map(({ version }) => version),
    );
  }
  /** The kind and the newest revision of a document; undefined where there is none. */
  async revisionOf(id: string): Promise<Pick<Standing, 'kind' | 'revision'> | undefined> {
    const [row] = await this.select<Pick<Standing, 'kind' | 'revision'>>(
      'SELECT kind, revision FROM documents WHERE organisation_id = $1 AND id = $2',
      id,
    );
    return row;
  }
  /** Versions of all documents of the organisation. */
  versions(): Promise<Omit<Standing, 'body'>[]> {
    return this.select(
      'SELECT id, kind, revision, xmin::text AS version FROM documents WHERE organisation_id = $1',
    );
  }
  /** What events are called and when they begin, even of those that can no longer be read. */
  names(
    events: readonly string[],
  ): Promise<
    { readonly id: string; readonly label: unknown; readonly start: unknown; readonly zone: unknown }[]
  > {
    return this.select(
      `SELECT id, body ->> 'label' AS label, body ->> 'start' AS start, body ->> 'zone' AS zone
       FROM documents WHERE organisation_id = $1 AND id = ANY ($2::text[])`,
      events,
    );
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
  /** One page of ids in order of sort key, then id; `after` is the cursor of the page before. */
  async pageOfKind(
    kind: DocumentKind,
    after: { sortKey: string; id: string } | undefined,
    size: number,
    /** Only these, where they are said. */
    among?: ReadonlySet<string>,
  ): Promise<PageOf<string>> {
    const rows = await this.select<{ id: string; sortKey: string }>(
      `SELECT id, sort_key AS "sortKey" FROM documents
       WHERE organisation_id = $1 AND kind = $2 AND body -> 'parent' IS NULL AND ($3::text IS NULL OR (sort_key, id) > ($3, $4))
         AND ($6::text[] IS NULL OR id = ANY ($6))
       ORDER BY sort_key, id LIMIT $5`,
      kind,
      after?.sortKey ?? null,
      after?.id ?? '',
      size + 1,
      among ? [...among] : null,
    );
    const last = rows[size - 1];
    return {
      rows: rows.slice(0, size).map(({ id }) => id),
      next: rows.length > size && last ? cursorOf(last) : null,
    };
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

  edit(id: string): Promise<EditRow | null> {
    return EditRow.findOne(this.within({ id }));
  }
  /** What was answered to an edit that was applied, and how its request is told from others. */
  async answerTo(
    edit: string,
  ): Promise<{ readonly digest: string; readonly answer: EditAnswer } | undefined> {
    const [row] = await this.select<{ digest: string; answer: EditAnswer }>(
      'SELECT digest, answer FROM edits WHERE organisation_id = $1 AND id = $2',
      edit,
    );
    return row;
  }
  edits(ids: readonly string[]): Promise<EditRow[]> {
    return EditRow.findAll(this.within({ id: [...ids] }));
  }

  changesSince(documentId: string, revision: number): Promise<ChangeRow[]> {
    return ChangeRow.findAll({
      ...this.within({ documentId, revision: { [Op.gt]: revision } }),
      order: [['revision', 'ASC']],
    });
  }
  /** How much changed after a revision: changes, and bytes of their patches. */
  async amountSince(documentId: string, revision: number): Promise<{ changes: number; bytes: number }> {
    const [row] = await this.select<{ changes: number; bytes: number }>(
      `SELECT count(*)::int AS changes, coalesce(sum(pg_column_size(patch)), 0)::int AS bytes FROM changes
       WHERE organisation_id = $1 AND document_id = $2 AND revision > $3`,
      documentId,
      revision,
    );
    return row ?? { changes: 0, bytes: 0 };
  }
  /** Changes after a revision, as they are passed on. */
  writtenChanges(documentId: string, revision: number): Promise<WrittenChange[]> {
    return this.select<WrittenChange>(
      `SELECT revision, edit_id AS "editId", label, author, patch::text AS patch
       FROM changes JOIN edits ON edits.organisation_id = changes.organisation_id AND edits.id = edit_id
       WHERE changes.organisation_id = $1 AND document_id = $2 AND revision > $3 ORDER BY revision`,
      documentId,
      revision,
    );
  }
  /** What an edit did to documents. */
  changesOf(editId: string): Promise<ChangeRow[]> {
    return ChangeRow.findAll(this.within({ editId }));
  }
  changesUpTo(documentId: string, from: number, to: number): Promise<ChangeRow[]> {
    return ChangeRow.findAll({
      ...this.within({ documentId, revision: { [Op.gt]: from, [Op.lte]: to } }),
      order: [['revision', 'ASC']],
    });
  }
  /** Who changed a document before a revision, the newest first. */
  changesBefore(
    documentId: string,
    before: number,
    limit: number,
  ): Promise<{ readonly revision: number; readonly editId: string }[]> {
    return ChangeRow.findAll({
      ...this.within({ documentId, revision: { [Op.lt]: before } }),
      attributes: ['revision', 'editId'],
      order: [['revision', 'DESC']],
      limit,
    });
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
}

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
