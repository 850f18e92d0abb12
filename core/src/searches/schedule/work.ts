/**
 * Work that people do together, as a schedule is made of it: how long each piece takes, what must be done before it, who
 * may do it, and what it needs besides. Times are whole minutes from the first one. What takes no time is a moment that
 * others wait for: it has no seats and no tools.
 */
export interface Work {
  readonly minutes: number;
  /** Work, by its place in the list, that is done before it begins. */
  readonly after: readonly number[];
  /** One for each person that it needs: who may, by their place among the people. */
  readonly seats: readonly (readonly number[])[];
  /** How many it needs of each tool, by the place of the tool. */
  readonly tools: readonly number[];
  /** It begins no earlier. */
  readonly notBefore: number;
}

export interface Workshop {
  readonly people: number;
  /** How many there are of each tool. */
  readonly tools: readonly number[];
  readonly work: readonly Work[];
}

/** When each piece begins, and who does it. */
export interface Schedule {
  readonly begins: readonly number[];
  readonly who: readonly (readonly number[])[];
  /** When the last piece is done. */
  readonly ends: number;
}

/** People who may do exactly the same, and so are as good as each other; each seat is for some of these groups. */
export interface Grouped {
  readonly members: readonly (readonly number[])[];
  /** Of each piece, for each seat, the groups whose members may. */
  readonly seats: readonly (readonly (readonly number[])[])[];
}

export function grouped({ people, work }: Workshop): Grouped {
  const groups = new Map<string, number[]>();
  for (let person = 0; person < people; person++) {
    const may = work.flatMap(({ seats }, i) =>
      seats.flatMap((seat, k) => (seat.includes(person) ? [`${i}.${k}`] : [])),
    );
    const key = may.join(' ');
    groups.set(key, [...(groups.get(key) ?? []), person]);
  }
  const members = [...groups.values()];
  return {
    members,
    seats: work.map(({ seats }) =>
      seats.map(seat =>
        members.flatMap((group, g) => (group.some(person => seat.includes(person)) ? [g] : [])),
      ),
    ),
  };
}

/** Minutes from the beginning of each piece to the end of all that must follow it: the longest path. */
export function tailsOf(work: readonly Work[]): number[] {
  const next = work.map((_, i) => work.flatMap(({ after }, j) => (after.includes(i) ? [j] : [])));
  const tails = work.map(() => -1);
  const tail = (i: number): number => {
    if ((tails[i] ?? 0) < 0) tails[i] = (work[i]?.minutes ?? 0) + Math.max(0, ...(next[i] ?? []).map(tail));
    return tails[i] ?? 0;
  };
  work.forEach((_, i) => tail(i));
  return tails;
}

/** Pieces by some minutes of theirs, most first. */
export const mostFirst = (minutes: readonly number[]): number[] =>
  minutes.map((_, i) => i).sort((a, b) => (minutes[b] ?? 0) - (minutes[a] ?? 0) || a - b);

/** A piece of work that waits for itself, by way of others; undefined where there is none. */
function circleIn(work: readonly Work[]): number | undefined {
  const left = new Map(work.map(({ after }, i) => [i, new Set(after)]));
  for (;;) {
    const free = [...left].filter(([, after]) => [...after].every(each => !left.has(each)));
    if (free.length === 0) return [...left.keys()][0];
    for (const [i] of free) left.delete(i);
  }
}

/** The pieces, each behind what must be done before it. */
export function inOrderOf(work: readonly Work[]): number[] {
  const order: number[] = [];
  const done = new Set<number>();
  const put = (i: number): void => {
    if (done.has(i)) return;
    done.add(i);
    work[i]?.after.forEach(put);
    order.push(i);
  };
  work.forEach((_, i) => put(i));
  return order;
}

/** Whether there is somebody for each of some seats at once. */
export function canSit(seats: readonly (readonly number[])[], members: Grouped['members']): boolean {
  const left = members.map(({ length }) => length);
  const sit = (i: number): boolean => {
    const groups = seats[i];
    if (!groups) return true;
    return groups.some(group => {
      if ((left[group] ?? 0) === 0) return false;
      left[group] = (left[group] ?? 0) - 1;
      const rest = sit(i + 1);
      left[group] = (left[group] ?? 0) + 1;
      return rest;
    });
  };
  return sit(0);
}

/** A piece that can never be done: it waits for itself, or there is nobody for its seats, or too little of a tool. */
export function impossibleIn(shop: Workshop): number | undefined {
  const { members, seats } = grouped(shop);
  const lacking = shop.work.findIndex(
    ({ tools }, i) =>
      tools.some((count, tool) => count > (shop.tools[tool] ?? 0)) || !canSit(seats[i] ?? [], members),
  );
  return lacking >= 0 ? lacking : circleIn(shop.work);
}
