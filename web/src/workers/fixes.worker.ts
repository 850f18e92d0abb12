import { createFixer, type Bundle, type OfferedFix } from '@idle-satchel/core';
import { expose } from 'comlink';

const fixesFor = createFixer();
let bundle: Bundle | undefined;

/** Searching fixes tries edits one after the other: away from the page's own thread. */
const search = {
  setBundle(next: Bundle): void {
    bundle = next;
  },
  fixesFor(snag: string): OfferedFix[] {
    return bundle ? fixesFor(snag, bundle) : [];
  },
};

export type FixSearch = typeof search;

expose(search);
