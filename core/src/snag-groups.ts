/** Snags as lists show them: those that are alike in one line. */
import type { Snag } from './foundations/index.js';

export interface SnagGroup {
  /** The first of them. */
  readonly snag: Snag;
  /** Others of the same rule that are as bad. */
  readonly alike: readonly Snag[];
  /** Others that have the same cause: what mends the first mends them. */
  readonly sameCause: readonly Snag[];
}

/** Fewer stand one by one. */
const LEAST = 3;

/** Three or more snags of one rule that are equally bad become one, where the first of them stood. */
export function groupSnags(snags: readonly Snag[]): SnagGroup[] {
  const bySort = new Map<string, Snag[]>();
  const sortOf = ({ rule, severity }: Snag): string => `${severity} ${rule}`;
  for (const snag of snags) bySort.set(sortOf(snag), [...(bySort.get(sortOf(snag)) ?? []), snag]);
  return snags.flatMap((snag): SnagGroup[] => {
    const own = bySort.get(sortOf(snag)) ?? [];
    if (own.length < LEAST) return [{ snag, alike: [], sameCause: [] }];
    return own[0] === snag ? [{ snag, alike: own.slice(1), sameCause: [] }] : [];
  });
}

/** Groups of which the first snag is mended by the same as one before stand with that one. */
export function joinedByCause(
  groups: readonly SnagGroup[],
  causeOf: (snag: Snag) => string | undefined,
): SnagGroup[] {
  const joined = new Map<string, SnagGroup>();
  for (const group of groups) {
    const cause = causeOf(group.snag) ?? group.snag.id;
    const before = joined.get(cause);
    const more = [group.snag, ...group.alike];
    joined.set(cause, before ? { ...before, sameCause: [...before.sameCause, ...more] } : group);
  }
  return [...joined.values()];
}
