/** What a patch makes of a document: refused where it does not fit, or makes something that is not valid. */
import {
  applyPatch,
  DOCUMENT_LIMIT,
  invertPatch,
  PatchError,
  refusalBeyond,
  type Operation,
  type SizeMemory,
} from '@idle-satchel/core';
import { faultsSince } from '@idle-satchel/core/documents';
import { invalid } from '../../problem.js';
import { CLASSES } from '../documents/service.js';
import type { Newest } from './newest.js';

const NEEDS: Readonly<Record<Operation['op'], 'value' | 'from' | undefined>> = {
  add: 'value',
  replace: 'value',
  test: 'value',
  move: 'from',
  copy: 'from',
  remove: undefined,
};

/** Sizes of what stands in documents that were edited before. */
const sizes: SizeMemory = new WeakMap();

/** The body after a patch, not yet looked at, and the patch back. `index` is that of the change, for the paths of faults. */
export function patched(
  { body: before }: Newest,
  patch: readonly Operation[],
  index: number,
): { readonly body: object; readonly inverse: readonly Operation[] } {
  patch.forEach((operation, at) => {
    const need = NEEDS[operation.op];
    if (need && !Object.hasOwn(operation, need)) {
      throw invalid([{ path: `/changes/${index}/patch/${at}`, reason: `needs ${need}` }]);
    }
  });
  let body: object;
  let inverse: Operation[];
  try {
    const refusal = refusalBeyond(DOCUMENT_LIMIT, sizes);
    // Applied first: what grows beyond the limit on the way is refused before anything walks it.
    body = applyPatch(before, patch, refusal);
    inverse = invertPatch(before, patch);
    // Taking large parts out and in again makes a small patch whose way back is none.
    const beyond = refusal(inverse);
    if (beyond) throw new PatchError(0, '', `the patch that takes it back ${beyond}`);
  } catch (error) {
    if (!(error instanceof PatchError)) throw error;
    throw invalid([{ path: `/changes/${index}/patch/${error.index}`, reason: error.message }]);
  }
  return { body, inverse };
}

/** Refuses what a patch made of a document where it is not valid. */
export function refuseFaults({ kind, body: before }: Newest, body: object): void {
  const faults = faultsSince(CLASSES[kind], before, body);
  if (faults.length > 0) throw invalid(faults);
}
