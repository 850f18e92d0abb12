/** Applying edits: once per id, all or nothing, merged where nothing collides. */
import { createHash } from 'node:crypto';
import {
  applyPatch,
  collision,
  DOCUMENT_LIMIT,
  invertPatch,
  PatchError,
  refusalBeyond,
  type Operation,
} from '@idle-satchel/core';
import type { DocumentChange, EditAnswer, EditedDocument, EditRequest } from '@idle-satchel/core/api';
import { faultsOf, type Plan } from '@idle-satchel/core/documents';
import { UniqueConstraintError } from 'sequelize';
import type { ChangeRow, DocumentRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { invalid, notFound, Problem } from '../../problem.js';
import { CLASSES, sortKeyOf } from '../documents/service.js';

/** A snapshot is kept at every so many revisions. */
const SNAPSHOT_EVERY = 100;

const digestOf = (request: EditRequest): string =>
  createHash('sha256').update(JSON.stringify(request)).digest('hex');

/** Applies an edit, or gives the first answer again when its id was applied before. */
export async function applyEdit(scope: Scope, request: EditRequest): Promise<EditAnswer> {
  const digest = digestOf(request);
  const ids = request.changes.map(change => change.document);
  try {
    return await scope.atomically(async inside => {
      // Locked first: the same edit sent twice at once must not collide with itself.
      const rows = await inside.lockDocuments(ids);
      return (await answered(inside, request, digest)) ?? apply(inside, request, digest, rows);
    });
  } catch (error) {
    // The same edit arrived twice at once: the other one has been applied, so its answer stands.
    const first = error instanceof UniqueConstraintError ? await answered(scope, request, digest) : undefined;
    if (first) return first;
    throw error;
  }
}

async function answered(scope: Scope, request: EditRequest, digest: string): Promise<EditAnswer | undefined> {
  const first = await scope.edit(request.id);
  if (!first) return undefined;
  if (first.digest !== digest) throw new Problem(409, 'Another edit has this id already');
  return first.answer as EditAnswer;
}

async function apply(
  scope: Scope,
  request: EditRequest,
  digest: string,
  locked: readonly DocumentRow[],
): Promise<EditAnswer> {
  const ids = request.changes.map(change => change.document);
  if (new Set(ids).size !== ids.length) {
    throw invalid([{ path: '/changes', reason: 'must name each document once' }]);
  }
  const rows = new Map(locked.map(row => [row.id, row]));
  await refuseCollisions(scope, request, rows);

  const documents: EditedDocument[] = [];
  for (const [index, change] of request.changes.entries()) {
    const row = rows.get(change.document) as DocumentRow;
    const { patch } = change;
    const { body, inverse } = patched(row, patch, index);
    if (row.kind === 'plan') await refuseLostVenue(scope, row.body as Plan, body as Plan);
    const revision = row.revision + 1;
    await scope.updateDocument(row.id, { revision, body, sortKey: sortKeyOf(row.kind, body) });
    await scope.createChange({ documentId: row.id, revision, editId: request.id, patch, inverse });
    if (revision % SNAPSHOT_EVERY === 0) await scope.createSnapshot({ documentId: row.id, revision, body });
    await scope.notify({ document: row.id, revision });
    documents.push({ document: row.id, revision, inverse });
  }
  const answer: EditAnswer = { edit: request.id, documents };
  const { id, label, author, undoes = null } = request;
  await scope.createEdit({ id, digest, label, author, undoes, at: new Date(), answer });
  return answer;
}

/** 422 when a plan would be pinned to a venue, or a revision of one, that does not exist. */
async function refuseLostVenue(scope: Scope, before: Plan, after: Plan): Promise<void> {
  const { id, revision } = after.venue;
  if (id === before.venue.id && revision === before.venue.revision) return;
  const venue = await scope.document(id, 'venue');
  if (!venue) throw invalid([{ path: '/venue/id', reason: 'is not a venue that exists' }]);
  if (revision > venue.revision) {
    throw invalid([{ path: '/venue/revision', reason: `is beyond revision ${venue.revision}` }]);
  }
}

/** 409 with the current documents when somebody changed, since `base`, what this edit reads or writes. */
async function refuseCollisions(
  scope: Scope,
  request: EditRequest,
  rows: ReadonlyMap<string, DocumentRow>,
): Promise<void> {
  for (const [index, change] of request.changes.entries()) {
    const row = rows.get(change.document);
    if (!row) throw notFound('document');
    if (change.base > row.revision) {
      throw invalid([{ path: `/changes/${index}/base`, reason: `is beyond revision ${row.revision}` }]);
    }
    const path = await collidingPath(scope, change);
    if (path === undefined) continue;
    throw new Problem(409, 'Somebody else changed this in the meantime', `at ${path}`, {
      path,
      documents: [...rows.values()].map(({ id, revision, body }) => ({ document: id, revision, body })),
    });
  }
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

/** The body after a patch and the patch back; 422 when it does not fit or makes a document that is not valid. */
function patched(
  row: DocumentRow,
  patch: readonly Operation[],
  index: number,
): { body: object; inverse: Operation[] } {
  const needs: Readonly<Record<Operation['op'], 'value' | 'from' | undefined>> = {
    add: 'value',
    replace: 'value',
    test: 'value',
    move: 'from',
    copy: 'from',
    remove: undefined,
  };
  patch.forEach((operation, at) => {
    const need = needs[operation.op];
    if (need && !Object.hasOwn(operation, need)) {
      throw invalid([{ path: `/changes/${index}/patch/${at}`, reason: `needs ${need}` }]);
    }
  });
  let body: object;
  let inverse: Operation[];
  try {
    const refusal = refusalBeyond(DOCUMENT_LIMIT);
    // Applied first: what grows beyond the limit on the way is refused before anything walks it.
    body = applyPatch(row.body, patch, refusal);
    inverse = invertPatch(row.body, patch);
    // Taking large parts out and in again makes a small patch whose way back is none.
    const beyond = refusal(inverse);
    if (beyond) throw new PatchError(0, '', `the patch that takes it back ${beyond}`);
  } catch (error) {
    if (!(error instanceof PatchError)) throw error;
    throw invalid([{ path: `/changes/${index}/patch/${error.index}`, reason: error.message }]);
  }
  const faults = faultsOf(CLASSES[row.kind], body);
  if (faults.length > 0) throw invalid(faults);
  return { body, inverse };
}
