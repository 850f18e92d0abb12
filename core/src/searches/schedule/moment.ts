/** Where a schedule has come to: what has begun, what goes on, who is free. */

/** What is going on: which piece, until when, and of which groups its people are. */
export interface Running {
  readonly piece: number;
  readonly ends: number;
  readonly groups: readonly number[];
}

/** A moment at which something may begin. */
export interface Moment {
  readonly time: number;
  readonly begun: readonly boolean[];
  /** When each piece that has begun ends. */
  readonly ends: readonly number[];
  readonly running: readonly Running[];
  /** Free people of each group, and free tools. */
  readonly free: readonly number[];
  readonly tools: readonly number[];
  /** Of each set of seats, and of each tool: minutes that what has not begun takes of it. */
  readonly left: readonly number[];
  /** Free people of each group at the moment before, for pieces that could have begun then. */
  readonly before: ReadonlyMap<number, readonly number[]>;
}

/** Whether another moment with the same begun is no later, and all that goes on there ends no later or goes on here as long. */
export function goesBefore(other: Moment, moment: Moment): boolean {
  return (
    other.time <= moment.time &&
    other.running.every(({ piece, ends, groups }) => {
      if (ends <= moment.time) return true;
      const own = moment.running.find(each => each.piece === piece);
      return own !== undefined && own.ends >= ends && own.groups.join(' ') === groups.join(' ');
    })
  );
}
