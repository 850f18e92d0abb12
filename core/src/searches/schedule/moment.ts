/** Where a schedule has come to: what has begun, what goes on, who is free. */

/** What is going on: which piece, until when, and of which groups its people are. */
export interface Running {
  readonly piece: number;
  readonly ends: number;
  readonly groups: readonly number[];
  /** The same as a text. */
  readonly who: string;
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
  /** Pieces that waited at the moment before though their tools were free, and the free people of each group then. */
  readonly before: readonly number[];
  readonly freeBefore: readonly number[];
}

/** Whether another moment with the same begun is no later, and all that goes on there ends no later or goes on here as long. */
export function goesBefore(other: Moment, moment: Moment): boolean {
  return (
    other.time <= moment.time &&
    other.running.every(({ piece, ends, who }) => {
      if (ends <= moment.time) return true;
      const own = moment.running.find(each => each.piece === piece);
      return own !== undefined && own.ends >= ends && own.who === who;
    })
  );
}

/** A text that is the same for the same pieces, 16 of them in a character. */
export function keyOf(begun: readonly boolean[]): string {
  let key = '';
  for (let from = 0; from < begun.length; from += 16) {
    let bits = 0;
    for (let i = from; i < from + 16; i++) bits = bits * 2 + (begun[i] ? 1 : 0);
    key += String.fromCharCode(bits);
  }
  return key;
}
