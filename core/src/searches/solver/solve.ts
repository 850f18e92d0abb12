/** Solving: what a solver is asked, and how sure its answer is. */
import { gapOf } from '../gap.js';
import type { Model, Values } from './programme.js';

/** How far solving has come: the best found, where there is one, and what nothing can be better than. */
export interface Incumbent {
  readonly value: number | undefined;
  readonly bound: number;
}

export interface Limits {
  /** Longest that it may take, s; without end where absent. */
  readonly seconds?: number;
  /** It may end when the best found is proven to be within this share of the best there is; 0 where absent. */
  readonly gap?: number;
  /** An answer that is known already, to begin with; NaN for variables that it does not tell. */
  readonly start?: Values;
  readonly report?: (incumbent: Incumbent) => void;
  /** Asked every now and then; once it is false, solving ends with what it has. */
  readonly wanted?: () => boolean;
}

/**
 * `best`: proven; `found`: an answer, though there may be a better one; `none`: proven that there is none; `endless`: it
 * can be made less without end; `not known`: nothing was found before it had to end.
 */
export type Status = 'best' | 'found' | 'none' | 'endless' | 'not known';

export interface Solved {
  readonly status: Status;
  readonly incumbent: Values | undefined;
  /** What the sum comes to with the incumbent; NaN without one. */
  readonly value: number;
  /** What no answer can be less than. */
  readonly bound: number;
  /** What the sum grows by for each unit of a variable beyond its bound: only of models without whole variables. */
  readonly reduced?: Values;
  /** How far the incumbent may be from the best there is, as a share of that; infinite without one. */
  readonly gap: number;
}

export type ProgrammeSolver = (model: Model, limits?: Limits) => Promise<Solved>;

export const solvedAs = (status: Status, incumbent?: Values, value = NaN, bound = -Infinity): Solved => ({
  status,
  incumbent,
  value,
  bound,
  gap: incumbent && Number.isFinite(bound) ? gapOf({ value, bound }) : Infinity,
});

/** Nothing keeps the rules, or nothing was found that does. */
export class NoAnswer extends Error {
  constructor(readonly status: Status) {
    super(status === 'none' ? 'there is no answer' : `no answer was found: ${status}`);
  }
}

/** The values of the best answer; throws `NoAnswer` without one. */
export function incumbentOf({ incumbent, status }: Solved): Values {
  if (!incumbent) throw new NoAnswer(status);
  return incumbent;
}
