/**
 * The one shape of every search: what it is asked, how far it has come, how it is stopped, what it found and how sure
 * that is, and the edits that it would make. A search parts its work in two: the problem that it makes of a bundle, and
 * the solving of it, so that more can be asked about a problem that is made already.
 */
import type { Bundle } from '../documents/index.js';
import type { DocumentPatch } from '../foundations/index.js';
import { gapOf } from './gap.js';
import type { ProgrammeSolver } from './solver/index.js';

/** What a search is handed from outside, so that the core needs no clock and no solver of its own. */
export interface Means {
  readonly solve: ProgrammeSolver;
  /** A clock that only goes forward, ms. */
  readonly now: () => number;
}

export interface Progress {
  /** Making the problem, or solving it. */
  readonly stage: 'problem' | 'solving';
  /** Of the stage, the share that is done, 0…1. */
  readonly share: number;
  /** Answers that are done; 0 while the best is looked for. */
  readonly done?: number;
  /** The best found so far and what nothing can be better than, as in the first objective. */
  readonly value?: number;
  readonly bound?: number;
}

export type Steps<T> = Generator<Progress, T> | AsyncGenerator<Progress, T>;

/** Something that counts: how much of it the best answer has, and what no answer can be better than. */
export interface Objective {
  readonly label: string;
  readonly unit: string;
  readonly better: 'more' | 'less';
  readonly value: number;
  readonly bound: number;
}

/** An edit that a search would make. */
export interface Offer {
  readonly id: string;
  readonly label: string;
  readonly changes: readonly DocumentPatch[];
}

export interface Found<Answer> {
  readonly answer: Answer;
  /** What counts first before what counts less; empty where nothing was found. */
  readonly objectives: readonly Objective[];
  /** The best first. */
  readonly offers: readonly Offer[];
}

export interface Search<Options, Problem, Answer> {
  readonly name: string;
  /** What it looks for, in words. */
  readonly about: string;
  /** Throws `OptionError` where an option does not fit the bundle. */
  readonly problemOf: (bundle: Bundle, options: Options) => Steps<Problem>;
  readonly solve: (problem: Problem, means: Means) => Steps<Found<Answer>>;
}

/** An option that cannot be followed, as a JSON pointer into the options, and why. */
export class OptionError extends Error {
  constructor(
    readonly path: string,
    readonly reason: string,
  ) {
    super(`${path}: ${reason}`);
  }
}

/** Whether nothing can be better than what was found. */
export const isProven = ({ objectives }: Pick<Found<unknown>, 'objectives'>): boolean =>
  objectives.every(each => gapOf(each) === 0);

/** An objective of an answer that is known to be the best. */
export const provenLeast = (label: string, unit: string, value: number): Objective => ({
  label,
  unit,
  better: 'less',
  value,
  bound: value,
});

/** Says when nobody wants the answer any more, by throwing why; an `AbortSignal` is one. */
export interface Stop {
  throwIfAborted(): void;
}

export type Report = (progress: Progress) => void | Promise<void>;

/**
 * Takes the steps to their end; a report that gives a promise is waited for. Stops with the reason of a signal as soon
 * as that is given.
 */
export async function ended<T>(steps: Steps<T>, report?: Report, stop?: Stop): Promise<T> {
  for (;;) {
    stop?.throwIfAborted();
    const { done, value } = await steps.next();
    if (done) return value;
    await report?.(value);
  }
}

/** Makes the problem and solves it. Rejects with `OptionError`, with the reason of `stop`, or with the solver’s error. */
export async function runSearch<Options, Problem, Answer>(
  search: Search<Options, Problem, Answer>,
  bundle: Bundle,
  options: Options,
  means: Means,
  report?: Report,
  stop?: Stop,
): Promise<Found<Answer>> {
  const problem = await ended(search.problemOf(bundle, options), report, stop);
  return ended(search.solve(problem, means), report, stop);
}
