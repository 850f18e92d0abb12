/** Documents at any revision, their changes and their history. */
import { applyPatch } from '@idle-satchel/core';
import type { DocumentKind, HistoryPage } from '@idle-satchel/core/api';
import { Kinds, Plan, Rules, Venue, type DocumentClass } from '@idle-satchel/core/documents';
import type { DocumentRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { notFound } from '../../problem.js';
import { claimOf } from '../events/claims.js';
import { authorAsSeen, refuseUnread, writtenAsSeen, writtenPatchAsSeen } from './reading.js';

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
export async function bodyAt(scope: Scope, id: string, revision: number): Promise<object> {
  const snapshot = await scope.snapshotUpTo(id, revision);
  if (!snapshot) throw notFound('revision');
  const changes = await scope.changesUpTo(id, snapshot.revision, revision);
  if ((changes.at(-1)?.revision ?? snapshot.revision) !== revision) throw notFound('revision');
  return changes.reduce<object>((body, change) => applyPatch(body, change.patch), snapshot.body);
}

/** Saves a new document at revision 1 with its first snapshot, and what it claims. */
export async function createDocument(
  scope: Scope,
  id: string,
  kind: DocumentKind,
  body: object,
): Promise<DocumentRow> {
  const row = await scope.createDocument({ id, kind, revision: 1, body, sortKey: sortKeyOf(kind, body) });
  await scope.createSnapshot({ documentId: id, revision: 1, body });
  if (kind === 'plan') await scope.saveClaim({ eventId: id, ...claimOf(body as Plan) });
  return row;
}

/** More changes, or longer ones, are told by the whole body. */
const MOST_CHANGES = 500;
const MOST_BYTES = 2_000_000;

/** What happened to a document after a revision; the whole body instead when that is too much. As JSON. */
export async function changesAfter(scope: Scope, id: string, since: number): Promise<string> {
  const now = await scope.revisionOf(id);
  if (!now) throw notFound('document');
  await refuseUnread(scope, id);
  const { changes: count, bytes } = await scope.amountSince(id, since);
  // The first revision came of no edit: who knows none is told what there is.
  const whole = async (): Promise<string> => {
    const row = await scope.written(id);
    if (!row) throw notFound('document');
    return `{"document":"${id}","revision":${row.revision},"body":${writtenAsSeen(scope, row.kind, row.body)}}`;
  };
  if (since < 1 || since > now.revision || count > MOST_CHANGES || bytes > MOST_BYTES) return whole();
  const changes = await scope.writtenChanges(id, since);
  const seen = changes.map(({ patch }) => writtenPatchAsSeen(scope, now.kind, patch));
  if (seen.includes(undefined)) return whole();
  const each = changes.map(
    ({ revision, editId, label, author }, i) =>
      `{"revision":${revision},"edit":${JSON.stringify(editId)},"label":${JSON.stringify(label)},` +
      `"author":${JSON.stringify(authorAsSeen(scope, author))},"patch":${seen[i]}}`,
  );
  const revision = changes.at(-1)?.revision ?? since;
  return `{"document":"${id}","revision":${revision},"changes":[${each.join()}]}`;
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
