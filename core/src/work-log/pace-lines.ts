/** What was learned of the work, in words. */
import type { LearnedPaces, Pace } from '../documents/index.js';
import { WORK_SORTS } from '../foundations/index.js';
import { WORK_WORDS } from '../stations/hands/tasks/durations.js';

export interface PaceLine {
  readonly sort: string;
  readonly words: string;
  /** As the house reckons now; undefined: as is usual. */
  readonly kept: Pace | undefined;
  /** As its log says. */
  readonly learned: Pace | undefined;
}

/** A line for each sort of work of which anything is kept, or was learned. */
export const paceLines = (kept: LearnedPaces | undefined, learned: LearnedPaces): readonly PaceLine[] =>
  WORK_SORTS.flatMap(sort =>
    kept?.[sort] || learned[sort]
      ? [{ sort, words: WORK_WORDS[sort], kept: kept?.[sort], learned: learned[sort] }]
      : [],
  );
