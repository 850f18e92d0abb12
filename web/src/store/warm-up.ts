/** Compiling the assessment before the first drag needs it at full speed. */
import { applyPatch, createAssessorBy, type Book, type Bundle, type Point } from '@idle-satchel/core';
import { allStations, stationsHere } from './late-stations.js';

const PASSES = 40;
const warmed = new WeakSet<object>();

/**
 * Assesses a bundle with one device nudged, again and again while the page rests, so that the engine has
 * compiled the way a drag takes. Does nothing the second time, or where the browser cannot tell it rests.
 */
export function warmUp(store: { get: () => { bundle: Bundle } }): void {
  if (warmed.has(store) || typeof requestIdleCallback !== 'function') return;
  warmed.add(store);
  const { bundle } = store.get();
  const placed = Object.entries(bundle.plan.devices ?? {}).find(([, { place }]) => place?.at);
  const at = placed?.[1].place?.at;
  if (!placed || !at) return;
  void Promise.all([import('@idle-satchel/core/rules'), allStations()]).then(([{ RULES }]) =>
    rest(bundle, placed[0], at, { stations: stationsHere.get(), rules: RULES }),
  );
}

function rest(bundle: Bundle, device: string, at: Point, book: Book): void {
  const assess = createAssessorBy(() => book);
  let pass = 0;
  const step = (deadline: IdleDeadline): void => {
    do {
      const value = [at[0] + (pass % 5) / 100, at[1]];
      const path = `/devices/${device}/place/at`;
      void assess({ ...bundle, plan: applyPatch(bundle.plan, [{ op: 'replace', path, value }]) }).snags;
    } while (++pass < PASSES && deadline.timeRemaining() > 5);
    if (pass < PASSES) requestIdleCallback(step);
  };
  requestIdleCallback(step);
}
