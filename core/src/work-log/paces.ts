/** What a house learns of how long its work takes. */
import type { LearnedPaces, Pace } from '../documents/index.js';
import { WORK_SORTS, type WorkSort } from '../foundations/index.js';
import { LEAST_PART, MOST_PART } from '../stations/hands/tasks/durations.js';

/** A piece of work that was done. */
export interface LoggedWork {
  readonly sort: WorkSort;
  /** By the usual figures, min. */
  readonly usual: number;
  /** As it went, min. */
  readonly minutes: number;
}

/** The usual figures weigh as much as so many pieces of one’s own (credibility, Bühlmann 1967). House figure. */
const BELIEVED = 4;
/** From so many pieces on the shortest and the longest seen are all that is known of what may be. House figure. */
const MANY = 20;
/** Beyond these parts of what is usual somebody pressed too late, or not at all: nothing is learned of it. */
const CREDIBLE = { least: 0.1, most: 5 } as const;
/** Mean of a beta-PERT around what is usual. */
const MEAN = (LEAST_PART + 4 + MOST_PART) / 6;

export interface Learned {
  readonly paces: LearnedPaces;
  /** Pieces that are not believed. */
  readonly leftOut: number;
}

export function learnedFrom(log: readonly LoggedWork[]): Learned {
  const parts = new Map<WorkSort, number[]>();
  let leftOut = 0;
  for (const { sort, usual, minutes } of log) {
    // A break takes as long as it is said to.
    if (sort === 'meal') continue;
    const part = usual > 0 ? minutes / usual : Infinity;
    if (part < CREDIBLE.least || part > CREDIBLE.most) leftOut++;
    else parts.set(sort, [...(parts.get(sort) ?? []), part]);
  }
  const paces = WORK_SORTS.flatMap(sort => {
    const own = parts.get(sort);
    return own ? [[sort, paceOf(own)] as const] : [];
  });
  return { paces: Object.fromEntries(paces), leftOut };
}

/** `parts`: of each piece, how much of what is usual it took. */
function paceOf(parts: readonly number[]): Pace {
  const mean = parts.reduce((sum, each) => sum + each, 0) / parts.length;
  const times = kept((parts.length * (mean / MEAN) + BELIEVED) / (parts.length + BELIEVED), 0.1, 10);
  const [least, most] = [Math.min(...parts) / times, Math.max(...parts) / times];
  const isMany = parts.length >= MANY;
  return {
    times,
    least: kept(isMany ? least : Math.min(LEAST_PART, least), 0.05, 1),
    most: kept(isMany ? most : Math.max(MOST_PART, most), 1, 10),
    pieces: parts.length,
  };
}

/** To hundredths, within what the house rules can hold. */
const kept = (value: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, Math.round(value * 100) / 100));
