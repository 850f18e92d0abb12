/** Documents at any revision, their changes and their history. */
import { applyPatch } from '@idle-satchel/core';
import type { DocumentChanges, DocumentKind, DocumentNow, HistoryPage } from '@idle-satchel/core/api';
import { Kinds, Plan, Rules, Venue, type DocumentClass } from '@idle-satchel/core/documents';
import type { DocumentRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { notFound } from '../../problem.js';

export const CLASSES: Readonly<Record<DocumentKind, DocumentClass>> = {
  plan: Plan,
  venue: Venue,
  rules: Rules,
  kinds: Kinds,
};

/** By what a document is ordered in lists. */
export function sortKeyOf(kind: DocumentKind, body: object): string {
  if (kind === 'plan') return (body as Plan).start;
  if (kind === 'venue') return (body as Venue).name.toLowerCase();
  return kind;
}

/** The body of a document at a revision: the nearest snapshot before it, and the changes since. */
export async function bodyAt(scope: Scope, row: DocumentRow, revision: number): Promise<object> {
  if (revision === row.revision) return row.body;
  const snapshot = await scope.snapshotUpTo(row.id, revision);
  if (!snapshot || revision > row.revision) throw notFound('revision');
  const changes = await scope.changesUpTo(row.id, snapshot.revision, revision);
  return changes.reduce<object>((body, change) => applyPatch(body, change.patch), snapshot.body);
}

/** Saves a new document at revision 1 with its first snapshot. */
export async function createDocument(
  scope: Scope,
  id: string,
  kind: DocumentKind,
  body: object,
): Promise<DocumentRow> {
  const row = await scope.createDocument({ id, kind, revision: 1, body, sortKey: sortKeyOf(kind, body) });
  await scope.createSnapshot({ documentId: id, revision: 1, body });
  return row;
}

const MOST_CHANGES = 500;

/** What happened to a document after a revision; the whole body instead when that is too much. */
export async function changesAfter(scope: Scope, id: string, since: number): Promise<DocumentChanges> {
  const row = await scope.document(id);
  if (!row) throw notFound('document');
  const changes = await scope.changesSince(id, since, MOST_CHANGES + 1);
  if (changes.length > MOST_CHANGES || since > row.revision) {
    return { document: id, revision: row.revision, body: row.body as DocumentNow['body'] };
  }
  const edits = await editsOf(scope, changes);
  return {
    document: id,
    revision: changes.at(-1)?.revision ?? since,
    changes: changes.map(({ revision, editId, patch }) => {
      const { label = '', author = '' } = edits.get(editId) ?? {};
      return { revision, edit: editId, label, author, patch };
    }),
  };
}

/** The edits that changes belong to, by their ids. */
const editsOf = async (scope: Scope, changes: readonly { readonly editId: string }[]) =>
  new Map((await scope.edits(changes.map(({ editId }) => editId))).map(edit => [edit.id, edit]));

const HISTORY_PAGE = 50;

/** Who changed a document when, newest first; `before` is the cursor. */
export async function historyOf(scope: Scope, id: string, before: number): Promise<HistoryPage> {
  if (!(await scope.document(id))) throw notFound('document');
  const changes = await scope.changesBefore(id, before, HISTORY_PAGE);
  const edits = await editsOf(scope, changes);
  return {
    entries: changes.map(({ revision, editId }) => {
      const edit = edits.get(editId);
      return {
        revision,
        edit: editId,
        label: edit?.label ?? '',
        author: edit?.author ?? '',
        at: (edit?.at ?? new Date(0)).toISOString(),
        undoes: edit?.undoes ?? null,
      };
    }),
    next: changes.length === HISTORY_PAGE ? String(changes.at(-1)?.revision ?? 1) : null,
  };
}
