/** Who goes with whom: what one says of another holds from both sides. */
import type { Hands } from '../documents/index.js';
import { inOrder, type TieHow } from '../foundations/index.js';

type People = Hands['people'];

/** Whether two are tied in one of some ways. */
export function tied(people: People, one: string, other: string, ways: readonly TieHow[]): boolean {
  const says = (from: string, to: string): boolean =>
    inOrder(people[from]?.ties).some(([, { person, how }]) => person === to && ways.includes(how));
  return says(one, other) || says(other, one);
}

/** Of one family: of one household, or related otherwise. */
export const isFamily = (people: People, one: string, other: string): boolean =>
  tied(people, one, other, ['one household', 'related']);

/**
 * How many of some people there are of whom no two are of one family: the largest set of them, exactly. Families are
 * few and small, so it is counted through.
 */
export function unrelatedAmong(people: People, those: readonly string[]): number {
  const [first, ...others] = those;
  if (first === undefined) return 0;
  const strangers = others.filter(other => !isFamily(people, first, other));
  const withFirst = 1 + unrelatedAmong(people, strangers);
  // Whoever has no family here is always one of them.
  return strangers.length === others.length ? withFirst : Math.max(withFirst, unrelatedAmong(people, others));
}
