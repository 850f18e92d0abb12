/** A form by which somebody comes in, or is told as somebody else from then on. */
import type { Me } from '@idle-satchel/core/api';
import { cameIn } from './came-in.js';
import { useDraft } from './use-draft.js';

export const useEntry = <Draft extends Record<string, string>>(
  first: Draft,
  send: (draft: Draft) => Promise<Me>,
) => useDraft(first, draft => send(draft).then(cameIn));
