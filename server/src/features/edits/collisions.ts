/** What an edit must not be put over: what somebody changed since, and what is not its own to take back. */
import { collision, sameJson, type Operation } from '@idle-satchel/core';
import type { DocumentChange, EditRequest } from '@idle-satchel/core/api';
import type { ChangeRow, EditRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { invalid, notFound, Problem } from '../../problem.js';
import { asSeen } from '../documents/reading.js';
import type { Newest } from './newest.js';

type Documents = ReadonlyMap<string, Newest>;

/** Revisions, and bytes of patches, that are looked through for what collides. */
const MOST_REVISIONS = 1000;
const MOST_BYTES = 2_000_000;

/** 409 with the current documents when somebody changed, since `base`, what this edit reads or writes. */
export async function refuseCollisions(
  scope: Scope,
  { changes }: EditRequest,
  documents: Documents,
): Promise<void> {
  for (const [index, change] of changes.entries()) {
    const document = documents.get(change.document);
    if (!document) throw notFound('document');
    const { revision } = document;
    if (change.base > revision) {
      throw invalid([{ path: `/changes/${index}/base`, reason: `is beyond revision ${revision}` }]);
    }
    if (change.base === revision) continue;
    if (await isLongAgo(scope, change, revision)) {
      throw collided(scope, 'This was made long ago, and much has changed since', documents, '');
    }
    const path = await collidingPath(scope, change);
    if (path !== undefined) {
      throw collided(scope, 'Somebody else changed this in the meantime', documents, path);
    }
  }
}

const collided = (scope: Scope, title: string, documents: Documents, path: string): Problem =>
  new Problem(409, title, `at ${path || 'the whole document'}`, {
    path,
    documents: [...documents.values()].map(({ id, kind, revision, body }) => ({
      document: id,
      revision,
      body: asSeen(scope, kind, body),
    })),
  });

async function isLongAgo(
  scope: Scope,
  { document, base }: DocumentChange,
  revision: number,
): Promise<boolean> {
  if (revision - base > MOST_REVISIONS) return true;
  return (await scope.amountSince(document, base)).bytes > MOST_BYTES;
}

async function collidingPath(scope: Scope, change: DocumentChange): Promise<string | undefined> {
  const since = await scope.changesSince(change.document, change.base);
  const standing = await withoutTakenBack(scope, since);
  const theirs = standing.flatMap(each => each.patch);
  return collision(change.patch, theirs);
}

/** Changes without the pairs of an edit and the one that took it back: together they changed nothing. */
async function withoutTakenBack(scope: Scope, changes: readonly ChangeRow[]): Promise<readonly ChangeRow[]> {
  const edits = await scope.edits(changes.map(change => change.editId));
  const undoes = new Map(edits.map(edit => [edit.id, edit.undoes]));
  const standing = new Map<string, ChangeRow>();
  for (const change of changes) {
    const original = undoes.get(change.editId);
    if (original && standing.delete(original)) continue;
    standing.set(change.editId, change);
  }
  return [...standing.values()];
}

/**
 * Refuses to take back what is not there, is somebody else’s, or is not what the edit says it takes back: whoever
 * believes that an edit was taken back looks no further. Gives what takes it back, by document, where something is: whoever
 * does not see all of it sends less.
 */
export async function refuseFalseUndo(
  scope: Scope,
  request: EditRequest,
): Promise<ReadonlyMap<string, readonly Operation[]>> {
  const { undoes, changes } = request;
  if (undoes === undefined) return new Map();
  const edit = await scope.edit(undoes);
  if (!edit) throw invalid([{ path: '/undoes', reason: 'is no edit that was made here' }]);
  if (!isOwn(scope, edit, request)) {
    throw new Problem(409, `${edit.author} made this`, 'Whoever made an edit takes it back');
  }
  const inverses = new Map((await scope.changesOf(undoes)).map(row => [row.documentId, row.inverse]));
  const seen = new Map(edit.answer.documents.map(each => [each.document, each.inverse]));
  const faults = changes.flatMap(({ document, patch }, index) =>
    sameJson(patch, inverses.get(document)) || sameJson(patch, seen.get(document))
      ? []
      : [{ path: `/changes/${index}/patch`, reason: 'is not what takes that edit back' }],
  );
  if (faults.length === 0 && changes.length !== inverses.size) {
    faults.push({ path: '/changes', reason: 'must take back all that the edit did' });
  }
  if (faults.length > 0) throw invalid(faults);
  return inverses;
}

/** Whether whoever asks made an edit: by their account, or in a demo by what they sign with or by their browser. */
function isOwn({ actor }: Scope, edit: EditRow, { author, browser }: EditRequest): boolean {
  if (actor.account !== undefined) return edit.accountId === actor.account;
  return edit.author === author || (browser !== undefined && edit.browser === browser);
}
