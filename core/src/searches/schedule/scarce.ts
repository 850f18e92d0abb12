/** What there is only so much of, and how much of it work takes: what bounds how soon everything can be done. */
import { canSit, type Grouped, type Workshop } from './work.js';

/** Something that there is only so much of: people of some groups, or a tool. */
export interface Scarce {
  readonly count: number;
  /** How much of it each piece takes for certain. */
  readonly of: readonly number[];
  /** How much of it a piece takes that goes on, with people of some groups. */
  readonly uses: (piece: number, groups: readonly number[]) => number;
}

/** People of the groups that each seat is for, everybody together, and each tool. */
export function scarceOf({ tools, work }: Workshop, { members, seats }: Grouped): Scarce[] {
  const everybody = [...new Set(seats.flat(2))].sort((a, b) => a - b);
  const different = new Map([everybody, ...seats.flat()].map(groups => [groups.join(' '), groups]));
  const ofPeople = [...different.values()].map((groups): Scarce => {
    const within = new Set(groups);
    const of = seats.map(each => each.filter(seat => seat.every(group => within.has(group))).length);
    return {
      of,
      count: groups.reduce((sum, group) => sum + (members[group]?.length ?? 0), 0),
      uses: (_, taken) => taken.filter(group => within.has(group)).length,
    };
  });
  const ofTools = tools.map((count, tool): Scarce => {
    const of = work.map(each => each.tools[tool] ?? 0);
    return { count, of, uses: piece => of[piece] ?? 0 };
  });
  const oneAtATime = notTogether({ tools, work }, { members, seats }).map((pieces): Scarce => {
    const of = work.map((_, i) => (pieces.includes(i) ? 1 : 0));
    return { count: 1, of, uses: piece => of[piece] ?? 0 };
  });
  return [...ofPeople, ...ofTools, ...oneAtATime];
}

/** Sets of pieces of which no two can go on at once, each as large as it gets from one of them on. */
function notTogether(
  { work, tools }: Pick<Workshop, 'work' | 'tools'>,
  { members, seats }: Grouped,
): number[][] {
  const apart = work.map((one, i) =>
    work.map(
      (other, j) =>
        i !== j &&
        (one.tools.some((count, tool) => count + (other.tools[tool] ?? 0) > (tools[tool] ?? 0)) ||
          !canSit([...(seats[i] ?? []), ...(seats[j] ?? [])], members)),
    ),
  );
  const byLength = work.map((_, i) => i).sort((a, b) => (work[b]?.minutes ?? 0) - (work[a]?.minutes ?? 0));
  const found = byLength.map(first =>
    byLength
      .reduce<number[]>(
        (set, each) => (each !== first && set.every(other => apart[each]?.[other]) ? [...set, each] : set),
        [first],
      )
      .sort((a, b) => a - b),
  );
  return [...new Map(found.filter(({ length }) => length > 1).map(set => [set.join(' '), set])).values()];
}
