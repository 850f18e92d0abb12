/** How soon work that shares something scarce can all be done, whoever does which piece of it. */

/** Work that takes some of a thing. One list is filled anew again and again: it is asked for many times a second. */
export class Loads {
  length = 0;
  /** From when at the earliest; how much, in minutes of one; and how many minutes must follow. */
  private readonly heads: Float64Array;
  private readonly takes: Float64Array;
  private readonly tails: Float64Array;

  constructor(most: number) {
    this.heads = new Float64Array(most);
    this.takes = new Float64Array(most);
    this.tails = new Float64Array(most);
  }

  /** Adds a piece, behind those that have as much or more behind them. */
  add(head: number, takes: number, tail: number): void {
    if (takes === 0) return;
    const at = this.length++;
    this.heads[at] = head;
    this.takes[at] = takes;
    this.tails[at] = tail;
  }

  /**
   * No end of all of it is earlier than this: of any part of it that begins no sooner than some moment, and behind each
   * piece of which so much follows, the minutes shared out among `count` between the two (the energy of an interval;
   * Baptiste, Le Pape, Nuijten: Constraint-Based Scheduling, 2001). Looks no further once `enough` is reached.
   */
  leastEnd(count: number, enough: number): number {
    const { heads, takes, tails, length } = this;
    let least = 0;
    let from = -Infinity;
    for (;;) {
      // The next later moment, and with it all that begins no sooner.
      let head = Infinity;
      for (let i = 0; i < length; i++) {
        const each = heads[i] ?? 0;
        if (each > from && each < head) head = each;
      }
      if (head === Infinity) return least;
      from = head;
      let minutes = 0;
      for (let i = 0; i < length; i++) {
        if ((heads[i] ?? 0) < head) continue;
        minutes += takes[i] ?? 0;
        const ends = head + Math.ceil(minutes / count - 1e-9) + (tails[i] ?? 0);
        if (ends > least) least = ends;
      }
      if (least >= enough) return least;
    }
  }
}
