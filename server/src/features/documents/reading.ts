/** Documents as whoever asks sees them, and whether they see them at all. */
import {
  hiddenFrom,
  patchWithoutHidden,
  seenBy,
  seesAll,
  seesEvent,
  seesEveryEvent,
  SOMEBODY,
} from '@idle-satchel/core/access';
import type { Operation } from '@idle-satchel/core';
import type { DocumentKind } from '@idle-satchel/core/api';
import type { Plan } from '@idle-satchel/core/documents';
import type { Scope } from '../../database/scope.js';
import { notFound } from '../../problem.js';

/** Whether whoever asks gets documents of a kind as they are. */
const asTheyAre = ({ viewer: { role } }: Scope, kind: DocumentKind): boolean =>
  seesEveryEvent(role) && seesAll(role, kind);

/**
 * Whether a document, if there is such a one, is for whoever asks: of plans those of their events, of venues those of their events, and what
 * all events of the house share.
 */
export async function mayReadDocument(scope: Scope, id: string): Promise<boolean> {
  const { viewer } = scope;
  if (seesEveryEvent(viewer.role)) return true;
  const row = await scope.document(id);
  if (!row) return false;
  if (row.kind === 'plan') return seesEvent(viewer, id, row.body as Plan);
  if (row.kind === 'venue') return scope.servesAt(id);
  return true;
}

/** 404 for a document that is not for whoever asks. */
export async function refuseUnread(scope: Scope, id: string): Promise<void> {
  if (!(await mayReadDocument(scope, id))) throw notFound('document');
}

/** The body of a document, as JSON, as whoever asks sees it. */
export function writtenAsSeen(scope: Scope, kind: DocumentKind, body: string): string {
  if (asTheyAre(scope, kind)) return body;
  return JSON.stringify(asSeen(scope, kind, JSON.parse(body) as object));
}

export const asSeen = (scope: Scope, kind: DocumentKind, body: object): object =>
  asTheyAre(scope, kind) ? body : seenBy(scope.viewer.role, kind, body as never);

/** A patch as whoever asks sees it; undefined where it cannot be told without what they do not see. */
export const patchAsSeen = (
  scope: Scope,
  kind: DocumentKind,
  patch: readonly Operation[],
): readonly Operation[] | undefined =>
  asTheyAre(scope, kind)
    ? patch
    : scope.viewer.role === 'guest'
      ? // Who signed what is not for guests, wherever it stands in what was put there.
        undefined
      : patchWithoutHidden(patch, hiddenFrom(scope.viewer.role, kind));

/** The same of a patch that is JSON. */
export function writtenPatchAsSeen(scope: Scope, kind: DocumentKind, patch: string): string | undefined {
  if (asTheyAre(scope, kind)) return patch;
  return JSON.stringify(patchAsSeen(scope, kind, JSON.parse(patch) as Operation[]));
}

/** Who made something, for those whom names are for. */
export const authorAsSeen = ({ viewer }: Scope, author: string): string =>
  viewer.role === 'guest' ? SOMEBODY : author;
