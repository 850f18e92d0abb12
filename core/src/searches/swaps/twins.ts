/** Batteries that are all one: of plans that differ in nothing but their names, only one is looked at. */
import type { SwapProblem, Swaps } from './problem.js';

/** For each battery the first of those that it could change places with all day. */
export function twins({ positions, batteries }: SwapProblem): readonly number[] {
  // What is in place while the day is under way is not like one that would have to be brought.
  const own = new Set(positions.flatMap(({ now, underWay }) => (underWay && now !== undefined ? [now] : [])));
  const first = new Map<string, number>();
  return batteries.map(({ left, takes }, b) => {
    if (own.has(b)) return b;
    const key = JSON.stringify([left, takes.map(each => each?.map(String) ?? '')]);
    if (!first.has(key)) first.set(key, b);
    return first.get(key) ?? b;
  });
}

/** The same plan with twins named in the order in which they are put in: by time, then by position. */
export function inOrderOfTwins(problem: SwapProblem, swaps: Swaps): Swaps {
  const twin = twins(problem);
  const free = new Map<number, number[]>();
  twin.forEach((first, b) => free.set(first, [...(free.get(first) ?? []), b]));
  const put = problem.positions
    .flatMap(({ pieces }, p) => pieces.map(([step = 0], i) => ({ step, p, b: swaps[p]?.[i] ?? -1 })))
    .sort((a, b) => a.step - b.step || a.p - b.p);
  const names = new Map<number, number>();
  for (const { b } of put) if (!names.has(b)) names.set(b, free.get(twin[b] ?? -1)?.shift() ?? b);
  return swaps.map(own => own.map(b => names.get(b) ?? b));
}

/** The same plan with twins where they are meant to be. */
export function asMeant(problem: SwapProblem, swaps: Swaps): Swaps {
  const twin = twins(problem);
  const meant = (plan: Swaps): number =>
    problem.positions.filter(({ now, underWay }, p) => !underWay && now === plan[p]?.[0]).length;
  let best = swaps;
  for (const [p, { now, underWay }] of problem.positions.entries()) {
    const there = best[p]?.[0];
    if (underWay || now === undefined || there === undefined || twin[there] !== twin[now]) continue;
    const other = best.map(own => own.map(b => (b === there ? now : b === now ? there : b)));
    if (meant(other) > meant(best)) best = other;
  }
  return best;
}
