/** The best arrangement there is in a time: first a quick one, then the proof or as near to it as time allows. */
import { boundOf } from './bound.js';
import { Levels, type Swept } from './levels.js';
import { costOf, type ArrangeProblem, type Arranged } from './problem.js';

/** Ways that are held from one unit to the next: by the quick one, and by the one that proves. */
const QUICK = 60;
const HELD = 120_000;

/**
 * Yields the share that is done. Undefined where no arrangement exists, as far as is known.
 */
export function* arranged(
  problem: ArrangeProblem,
  { seconds, now }: { readonly seconds: number; readonly now: () => number },
): Generator<number, Arranged | undefined> {
  const levels = new Levels(problem, boundOf(problem));
  const end = now() + seconds * 1000;
  const late = (): boolean => now() > end;
  let best: Swept['best'];
  let bound = -Infinity;
  for (let held = QUICK; ; held *= 8) {
    const swept: Swept = yield* levels.sweep({ held, below: best?.cost ?? Infinity, late });
    // Nothing below the best of before: that is proven, as far as nothing was lost on the way.
    if (swept.best && swept.best.cost < (best?.cost ?? Infinity)) best = swept.best;
    bound = Math.max(bound, Math.min(swept.bound, best?.cost ?? Infinity));
    const proven = best ? bound >= best.cost - 1e-9 : swept.bound === Infinity;
    if (proven || late() || held >= HELD) break;
  }
  return (
    best && { places: best.places, cost: costOf(problem, best.places), bound: Math.min(bound, best.cost) }
  );
}
