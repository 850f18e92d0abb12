/** The fewest people who do everything between them: an exact cover of jobs by sets that one person can do. */

/** Somebody, with the jobs that they know how to do: a set of bits. */
export interface Able {
  readonly id: string;
  readonly knows: number;
}

export interface CoverProblem {
  /** How many jobs there are, at most 30. */
  readonly jobs: number;
  /** Whoever comes first is taken first of those who know the same. */
  readonly people: readonly Able[];
  /** Whether one person can do a set of jobs together; of what they can do together they can do any part. */
  readonly together: (jobs: number) => boolean;
  /** No fewer people than this can do it. */
  readonly least: number;
}

/** Who does which jobs, as bits. */
export type Cover = readonly { readonly id: string; readonly does: number }[];

/** Jobs that nobody knows, or that nobody could do even by themselves. */
export const uncovered = ({ jobs, people, together }: CoverProblem): number[] =>
  Array.from({ length: jobs }, (_, job) => job).filter(
    job => !together(1 << job) || people.every(({ knows }) => (knows & (1 << job)) === 0),
  );

/** Who does what, and the jobs that are left, as bits. */
export interface Covered {
  readonly cover: Cover;
  readonly left: number;
}

/**
 * As many of the jobs as can be done, by the fewest people who can do so many. Every job must be known to somebody who
 * can do it by itself. Gives a step now and then, so that it can be stopped: the number of people that is tried.
 */
export function* fewestPeople(problem: CoverProblem): Generator<number, Covered> {
  const { jobs, people, least } = problem;
  const search = searcher(problem);
  let spared = 0;
  while (spared < jobs && !(yield* search(people.length, spared))) spared++;
  for (let most = spared === 0 ? Math.max(1, least) : 0; most < people.length; most++) {
    const found = yield* search(most, spared);
    if (found) return found;
  }
  return (yield* search(people.length, spared)) ?? { cover: [], left: 2 ** jobs - 1 };
}

/**
 * Tries whether so many people can do all jobs but so many: the job that fewest can take is given to each of them in
 * turn, with every largest set of what is left that they can do with it, or it is left. A smaller set is never needed,
 * since what one takes over the others are rid of.
 */
function searcher({ jobs, people, together }: CoverProblem) {
  const known = new Map<number, boolean>();
  const fits = (set: number): boolean => {
    let can = known.get(set);
    if (can === undefined) known.set(set, (can = together(set)));
    return can;
  };
  let steps = 0;
  return function* (most: number, spared: number): Generator<number, Covered | undefined> {
    const dead = new Set<string>();
    const taken: { id: string; does: number }[] = [];
    const used = new Set<string>();
    let skipped = 0;
    const go = function* (left: number, spare: number): Generator<number, boolean> {
      if (bitsOf(left) <= spare) {
        skipped |= left;
        return true;
      }
      if (taken.length === most) return false;
      const state = `${left} ${spare} ${[...used].sort().join(' ')}`;
      if (dead.has(state)) return false;
      if (++steps % 2000 === 0) yield most;
      const free = people.filter(({ id }) => !used.has(id));
      const job = rarest(left, free);
      const tried = new Set<number>();
      for (const { id, knows } of free) {
        if ((knows & (1 << job)) === 0 || tried.has(knows)) continue;
        // Others who know just the same can do nothing else.
        tried.add(knows);
        for (const does of largestWith(job, left & knows, fits)) {
          taken.push({ id, does });
          used.add(id);
          if (yield* go(left & ~does, spare)) return true;
          taken.pop();
          used.delete(id);
        }
      }
      if (spare > 0) {
        skipped |= 1 << job;
        if (yield* go(left & ~(1 << job), spare - 1)) return true;
        skipped &= ~(1 << job);
      }
      dead.add(state);
      return false;
    };
    return (yield* go(2 ** jobs - 1, spared)) ? { cover: taken, left: skipped } : undefined;
  };
}

/** The job of some that the fewest people know. */
function rarest(left: number, people: readonly Able[]): number {
  let best = -1;
  let fewest = Infinity;
  for (let job = 0; job < 31; job++) {
    if ((left & (1 << job)) === 0) continue;
    const count = people.filter(({ knows }) => (knows & (1 << job)) !== 0).length;
    if (count < fewest) [best, fewest] = [job, count];
  }
  return best;
}

/** Every set of some jobs with one of them to which none of the others could be added. */
function largestWith(job: number, from: number, fits: (set: number) => boolean): number[] {
  const others = Array.from({ length: 31 }, (_, i) => i).filter(i => i !== job && (from & (1 << i)) !== 0);
  const found: number[] = [];
  const grow = (set: number, next: number): void => {
    let grown = false;
    for (let i = next; i < others.length; i++) {
      const bit = 1 << (others[i] ?? 0);
      if (!fits(set | bit)) continue;
      grown = true;
      grow(set | bit, i + 1);
    }
    if (grown) return;
    // What was passed over before may fit yet: then another branch has it.
    const more = others.some(i => (set & (1 << i)) === 0 && fits(set | (1 << i)));
    if (!more) found.push(set);
  };
  if (fits(1 << job)) grow(1 << job, 0);
  return found.sort((a, b) => bitsOf(b) - bitsOf(a));
}

export function bitsOf(set: number): number {
  let count = 0;
  for (let rest = set; rest !== 0; rest &= rest - 1) count++;
  return count;
}
