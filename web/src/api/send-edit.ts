/** Edits from a page that keeps no event open. */
import { newId, type Operation } from '@idle-satchel/core';
import type { EditAnswer } from '@idle-satchel/core/api';
import { call } from './client.js';
import { author, browserName } from './signature.js';

/** What is done to a document as it was at a revision. */
export interface Change {
  readonly document: string;
  readonly base: number;
  readonly patch: readonly Operation[];
}

/** Applies changes of documents, all or none; `undoes` names the edit that they take back. Rejects with `ApiProblem`. */
export const sendChanges = (
  label: string,
  changes: readonly Change[],
  undoes?: string,
): Promise<EditAnswer> =>
  call(
    'POST /edits',
    {},
    {
      id: newId(),
      label: label.slice(0, 120),
      author: author(),
      browser: browserName(),
      ...(undoes !== undefined && { undoes }),
      changes,
    },
  );

/** Documents that one edit changes at most. */
const AT_ONCE = 20;

/** Applies changes of any number of documents, in as many edits as that takes; gives what was done. Rejects as above. */
export async function sendAll(label: string, changes: readonly Change[]): Promise<EditAnswer[]> {
  const done: EditAnswer[] = [];
  for (let i = 0; i < changes.length; i += AT_ONCE)
    done.push(await sendChanges(label, changes.slice(i, i + AT_ONCE)));
  return done;
}

/** Applies a patch to one document. Rejects with `ApiProblem`. */
export const sendEdit = (
  label: string,
  { id: document, revision: base }: { readonly id: string; readonly revision: number },
  patch: readonly Operation[],
): Promise<EditAnswer> => sendChanges(label, [{ document, base, patch }]);
