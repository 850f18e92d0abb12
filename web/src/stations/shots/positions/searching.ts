/** Beginning and ending a search for positions, and asking about a place. */
import type { Bundle, Point } from '@idle-satchel/core';
import { SearchWorker } from '../../../workers/search.js';
import { change, positions } from './positions.js';

let worker: SearchWorker | undefined;

export function stopSearch(): void {
  worker?.end();
  worker = undefined;
  change({ progress: undefined });
}

/** Looks for positions for a bundle as it is asked; what was found before stays until there is something new. */
export function search(bundle: Bundle): void {
  const options = positions.get()?.options;
  if (!options) return;
  stopSearch();
  const own = new SearchWorker();
  worker = own;
  change({ progress: { stage: 'problem', share: 0 }, failed: undefined, asked: undefined });
  own
    .run('positions', bundle, options, progress => worker === own && change({ progress }))
    .then(
      ({ answer: found }) => worker === own && change({ found, of: bundle, chosen: 0, progress: undefined }),
      (reason: unknown) =>
        worker === own &&
        change({ progress: undefined, failed: reason instanceof Error ? reason.message : String(reason) }),
    );
}

/** Why the best layout has no camera at a place. */
export function askWhyNot(at: Point, level: string | undefined): void {
  const found = positions.get()?.found;
  const own = worker;
  if (!found || !own) return;
  const asked = { at, level, answer: undefined };
  change({ asked });
  own.whyNot(found, at, level).then(
    answer => positions.get()?.asked === asked && change({ asked: { ...asked, answer } }),
    () => positions.get()?.asked === asked && change({ asked: undefined }),
  );
}

export function closePositions(): void {
  stopSearch();
  positions.set(undefined);
}
