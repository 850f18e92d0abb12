/**
 * The newest revisions of documents that were edited last, kept in memory as they were read or written. What is kept is
 * compared with the database each time: another process may have changed it.
 */
import type { DocumentKind } from '@idle-satchel/core/api';
import { memoryOf, putLast } from '../../database/own-memory.js';
import type { Scope } from '../../database/scope.js';

/** A document at its newest revision. */
export interface Newest {
  readonly id: string;
  readonly kind: DocumentKind;
  readonly revision: number;
  readonly version: string;
  readonly body: object;
}

const keptIn = memoryOf(() => new Map<string, Newest>());
const MOST = 40;

const keyOf = (scope: Scope, id: string): string => `${scope.organisationId} ${id}`;

/**
 * Remembers a document; the one that was not asked for longest is forgotten. Nothing is remembered of a transaction
 * that may yet be taken back.
 */
export function remember(scope: Scope, document: Newest): void {
  if (scope.isTentative) return;
  putLast(keptIn(scope), keyOf(scope, document.id), document, MOST);
}

/** Some documents at their newest revision, by id; those that do not exist are missing. */
export async function newestOf(scope: Scope, ids: readonly string[]): Promise<ReadonlyMap<string, Newest>> {
  const kept = keptIn(scope);
  const before = new Map(ids.map(id => [id, kept.get(keyOf(scope, id))]));
  const standing = await scope.standing(ids.map(id => ({ id, version: before.get(id)?.version ?? '' })));
  const found = new Map<string, Newest>();
  for (const { body, ...now } of standing) {
    const known = body === null ? before.get(now.id) : undefined;
    const document = known ?? { ...now, body: JSON.parse(body ?? '{}') as object };
    remember(scope, document);
    found.set(now.id, document);
  }
  return found;
}
