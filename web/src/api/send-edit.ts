/** One edit of one document, from a page that keeps no event open. */
import { newId, type Operation } from '@idle-satchel/core';
import type { EditAnswer } from '@idle-satchel/core/api';
import { call } from './client.js';
import { author, browserName } from './signature.js';

/** Applies a patch to a document as it was at a revision. Rejects with `ApiProblem`. */
export const sendEdit = (
  label: string,
  { id, revision }: { readonly id: string; readonly revision: number },
  patch: readonly Operation[],
): Promise<EditAnswer> =>
  call(
    'POST /edits',
    {},
    {
      id: newId(),
      label: label.slice(0, 120),
      author: author(),
      browser: browserName(),
      changes: [{ document: id, base: revision, patch }],
    },
  );
