/** The swap plan that is proven to be least, as far as there is time. */
import { incumbentOf, inTurn, type Limits, type ProgrammeSolver } from '../solver/index.js';
import { annealedSwaps } from './anneal.js';
import { feedingProgramme } from './feeding.js';
import type { SwapProblem, Swaps } from './problem.js';
import { swapProgramme } from './programme.js';
import { asMeant } from './twins.js';

export interface LeastSwaps {
  readonly swaps: Swaps;
  /** A good plan with few changes first, and then few batteries, where there are changes; not the best for certain. */
  readonly calm: Swaps | undefined;
  readonly proven: boolean;
  /** How many batteries there must be at least. */
  readonly fewest: number;
}

/** Longest for what is no more than a wish, s. */
const WISH = 1;

/**
 * Fewest batteries, then fewest changes, then the most left in the emptiest; throws `NoAnswer` where the batteries do
 * not do. Each of the three may take as long as the limits say, and begins with a good plan.
 */
export async function leastSwaps(
  problem: SwapProblem,
  solve: ProgrammeSolver,
  limits: Limits = {},
): Promise<LeastSwaps> {
  const feeding = feedingProgramme(problem);
  const first = annealedSwaps(problem);
  const known = first && { start: feeding.valuesOf(first) };
  const batteries = await solve(feeding.programme, { ...limits, ...known });
  const fed = feeding.swapsOf(incumbentOf(batteries));
  const count = (swaps: Swaps): number => new Set(swaps.flat()).size;
  // With fewer batteries than were found at first, the changes are still to be made few.
  const good =
    first && count(first) <= count(fed) ? first : (annealedSwaps(problem, 'batteries', fed) ?? fed);
  const best = count(good) <= count(fed) ? good : fed;
  const { programme, sums, wish, swapsOf, valuesOf } = swapProgramme(problem, count(best));
  const { values, solved, kept } = await inTurn(programme, sums, solve, { ...limits, start: valuesOf(best) });
  const calm = (solved[0]?.value ?? 0) > 0 ? annealedSwaps(problem, 'changes') : undefined;
  const rows = [...programme.rows, ...kept];
  const wished = await solve({ ...programme, rows, objective: wish }, { seconds: WISH, start: values });
  return {
    swaps: asMeant(problem, swapsOf(wished.incumbent ?? values)),
    calm: calm && asMeant(problem, calm),
    proven: [batteries, ...solved].every(({ status }) => status === 'best'),
    fewest: Math.max(1, Math.ceil(batteries.bound - 1e-6)),
  };
}
