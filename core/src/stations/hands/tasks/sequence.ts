/**
 * Work in a settled order: everybody does what is theirs one after the other, and so does the ladder. Then it is a network
 * of what waits for what, and no draw of durations needs a new decision (earliest-start policy, Igelmund and Radermacher 1983).
 */

/** A piece of work in its place of the order. */
export interface Placed {
  /** What is done before it, by place in the list; each comes earlier in it. */
  readonly after: readonly number[];
  readonly people: readonly (string | number)[];
  readonly ladder: boolean;
  /** Minutes after the call before which it does not begin. */
  readonly notBefore: number;
}

/** Of each piece, all that it waits for: what is done before it, and the last that each of its people and the ladder did. */
export function waitsOf(pieces: readonly Placed[]): number[][] {
  const last = new Map<string | number, number>();
  const LADDER = 'the ladder';
  return pieces.map(({ after, people, ladder }, i) => {
    const waits = new Set(after);
    for (const each of ladder ? [...people, LADDER] : people) {
      const before = last.get(each);
      if (before !== undefined) waits.add(before);
      last.set(each, i);
    }
    return [...waits];
  });
}

/** When each piece begins, with given minutes: as soon as all that it waits for is done. */
export function beginsOf(
  waits: readonly (readonly number[])[],
  notBefore: readonly number[],
  minutes: ArrayLike<number>,
): number[] {
  const begins: number[] = [];
  waits.forEach((own, i) => {
    let begin = notBefore[i] ?? 0;
    for (const each of own) begin = Math.max(begin, (begins[each] ?? 0) + (minutes[each] ?? 0));
    begins.push(begin);
  });
  return begins;
}

/** Less than this is no time to spare, min. */
const HAIR = 1e-6;

/** Whether a piece with so much slack has none: any delay of it delays everything. */
export const isCritical = (slack: number): boolean => slack < HAIR;

/** Minutes by which each piece may be later, while nothing is done later than now. */
export function slackOf(
  waits: readonly (readonly number[])[],
  begins: readonly number[],
  minutes: ArrayLike<number>,
): number[] {
  const done = Math.max(0, ...begins.map((begin, i) => begin + (minutes[i] ?? 0)));
  const latest = begins.map(() => done);
  for (let i = begins.length - 1; i >= 0; i--) {
    const begin = (latest[i] ?? done) - (minutes[i] ?? 0);
    for (const each of waits[i] ?? []) latest[each] = Math.min(latest[each] ?? done, begin);
  }
  return begins.map((begin, i) => (latest[i] ?? done) - (minutes[i] ?? 0) - begin);
}
