/** Applying edits: once per id, all or nothing, merged where nothing collides. */
import { createHash } from 'node:crypto';
import { setImmediate as others } from 'node:timers/promises';
import type { EditAnswer, EditRequest } from '@idle-satchel/core/api';
import type { Plan } from '@idle-satchel/core/documents';
import type { NextRevision } from '../../database/edit-rows.js';
import { isTaken } from '../../database/own-rows.js';
import type { Scope } from '../../database/scope.js';
import { busy, invalid, Problem } from '../../problem.js';
import { sortKeyOf } from '../documents/service.js';
import { claimOf, claimsTheSame } from '../events/claims.js';
import { refuseCollisions, refuseFalseUndo } from './collisions.js';
import { inTurn } from './in-turn.js';
import { newestOf, remember, type Newest } from './newest.js';
import { fittedPatch, inverseAsSeen, refuseForbidden, refuseForeignSignature } from './allowed.js';
import { patched, refuseFaults } from './patched.js';

/** A snapshot is kept at every so many revisions. */
const SNAPSHOT_EVERY = 100;

/** How often an edit is worked out anew because another process was first. */
const TRIES = 25;

/** What tells an edit from others: what it does, not who sends it, nor on top of what, which may be newer by then. */
const digestOf = ({ id, label, changes, undoes }: EditRequest): string =>
  createHash('sha256')
    .update(JSON.stringify([id, label, undoes, changes.map(({ document, patch }) => [document, patch])]))
    .digest('hex');

/** Applies an edit, or gives the first answer again when its id was applied before. */
export function applyEdit(
  scope: Scope,
  request: EditRequest,
  /** It brings back what was there once, the signatures of others too. */
  restoring = false,
): Promise<EditAnswer> {
  const digest = digestOf(request);
  const ids = request.changes.map(change => change.document);
  if (new Set(ids).size !== ids.length) {
    throw invalid([{ path: '/changes', reason: 'must name each document once' }]);
  }
  return inTurn(
    [...ids, request.id].map(id => `${scope.organisationId} ${id}`),
    () => applied(scope, request, digest, restoring),
  );
}

/**
 * Everything is read and worked out before anything is locked; where a document was changed meanwhile, it is worked out
 * anew over what it is then.
 */
async function applied(
  scope: Scope,
  request: EditRequest,
  digest: string,
  restoring: boolean,
): Promise<EditAnswer> {
  for (let tries = 0; tries < TRIES; tries++) {
    const [first, documents] = await Promise.all([
      scope.answerTo(request.id),
      newestOf(
        scope,
        request.changes.map(({ document }) => document),
      ),
    ]);
    if (first && first.digest !== digest) throw new Problem(409, 'Another edit has this id already');
    if (first) return first.answer;
    try {
      const answer = await tried(scope, request, digest, documents, restoring);
      if (answer) return answer;
    } catch (error) {
      // The same edit arrived at another process at once: that one applies it, so its answer stands.
      if (!isTaken(error)) throw error;
    }
  }
  throw busy('Too many are changing this at once');
}

/** Undefined where a document was changed while it was worked out. */
async function tried(
  scope: Scope,
  request: EditRequest,
  digest: string,
  documents: ReadonlyMap<string, Newest>,
  restoring: boolean,
): Promise<EditAnswer | undefined> {
  const { id, label, browser = null, undoes = null, changes } = request;
  const author = scope.actor.name ?? request.author;
  const inverses = await refuseFalseUndo(scope, request);
  await refuseCollisions(scope, request, documents);
  const next: NextRevision[] = [];
  for (const [index, { document, patch: sent }] of changes.entries()) {
    const before = documents.get(document) as Newest;
    const back = inverses.get(document);
    const patch = back ?? fittedPatch(scope, before, sent, index);
    // Of a large document each of these takes a while, and so does writing it: others come in between.
    const { body, inverse } = patched(before, patch, index);
    await others();
    // Taking back what one was allowed to do is allowed, to the letter.
    if (!back) await refuseForbidden(scope, before, patch, body);
    if (!back && !restoring) refuseForeignSignature(scope, before, body);
    refuseFaults(before, body);
    await others();
    if (before.kind === 'plan') await refuseLostVenue(scope, before.body as Plan, body as Plan, documents);
    next.push({
      id: document,
      kind: before.kind,
      over: before.revision,
      body,
      sortKey: sortKeyOf(before.kind, body),
      patch,
      inverse,
      snapshot: (before.revision + 1) % SNAPSHOT_EVERY === 0,
      ...(before.kind === 'plan' && newClaim(before.body as Plan, body as Plan)),
    });
  }
  const answer: EditAnswer = {
    edit: id,
    documents: next.map(({ id: document, kind, over, inverse }) => ({
      document,
      revision: over + 1,
      inverse: inverseAsSeen(scope, kind, inverse),
    })),
  };
  const edit = { id, digest, label, author, browser, undoes, answer };
  const version = await scope.keepEdit(edit, next);
  if (version === undefined) return undefined;
  for (const { id: document, kind, over, body } of next) {
    remember(scope, { id: document, kind, revision: over + 1, version, body });
  }
  return answer;
}

const newClaim = (before: Plan, after: Plan): Pick<NextRevision, 'claim'> | undefined =>
  claimsTheSame(before, after) ? undefined : { claim: claimOf(after) };

/**
 * 422 when a plan would be pinned to a venue, or a revision of one, that does not exist; `edited` are the documents that
 * get a revision more with the same edit.
 */
async function refuseLostVenue(
  scope: Scope,
  before: Plan,
  after: Plan,
  edited: ReadonlyMap<string, Newest>,
): Promise<void> {
  const { id, revision } = after.venue;
  if (id === before.venue.id && revision === before.venue.revision) return;
  const own = edited.get(id);
  const venue = own ? { kind: own.kind, revision: own.revision + 1 } : await scope.revisionOf(id);
  if (venue?.kind !== 'venue') throw invalid([{ path: '/venue/id', reason: 'is not a venue that exists' }]);
  if (revision > venue.revision) {
    throw invalid([{ path: '/venue/revision', reason: `is beyond revision ${venue.revision}` }]);
  }
}
