/** What no schedule that goes on from a moment can end before. */
import { Loads } from './energy.js';
import type { Moment } from './moment.js';
import { scarceOf, type Scarce } from './scarce.js';
import { inOrderOf, mostFirst, tailsOf, type Grouped, type Work, type Workshop } from './work.js';

export class LeastEnds {
  /** Minutes from the beginning of each piece, and from its end, to the end of all that must follow it. */
  readonly tails: readonly number[];
  private readonly follows: readonly number[];
  readonly sets: readonly Scarce[];
  private readonly order: readonly number[];
  private readonly byFollows: readonly number[];
  private readonly loads: Loads;
  /** When each piece is done at the earliest, of the moment that is looked at. */
  private readonly earliest: number[] = [];
  private readonly work: readonly Work[];

  constructor(shop: Workshop, people: Grouped) {
    this.work = shop.work;
    this.tails = tailsOf(shop.work);
    this.follows = shop.work.map(({ minutes }, i) => (this.tails[i] ?? 0) - minutes);
    this.sets = scarceOf(shop, people);
    this.order = inOrderOf(shop.work);
    this.byFollows = mostFirst(this.follows);
    this.loads = new Loads(shop.work.length);
  }

  /** Longest paths, and what is left to do shared out among those who may do it; no further than `enough`. */
  from(moment: Moment, enough: number): number {
    const { time, begun, ends, running, left } = moment;
    let least = time;
    for (const each of running) least = Math.max(least, each.ends);
    const { earliest } = this;
    for (const i of this.order) {
      const piece = this.work[i];
      if (begun[i] || !piece) {
        earliest[i] = ends[i] ?? 0;
        continue;
      }
      let from = Math.max(time, piece.notBefore);
      for (const each of piece.after) from = Math.max(from, earliest[each] ?? 0);
      least = Math.max(least, from + (this.tails[i] ?? 0));
      earliest[i] = from + piece.minutes;
    }
    for (const [set, scarce] of this.sets.entries()) {
      if (least >= enough) return least;
      if ((left[set] ?? 0) > 0) least = Math.max(least, this.ofSet(scarce, moment, enough));
    }
    return least;
  }

  /** The same of what takes some of one scarce thing, from when each piece can begin. */
  private ofSet({ uses, count, of }: Scarce, { time, begun, running }: Moment, enough: number): number {
    const { loads, work, earliest, follows } = this;
    loads.length = 0;
    for (const i of this.byFollows) {
      if (!begun[i]) {
        const minutes = work[i]?.minutes ?? 0;
        const each = of[i] ?? 0;
        if (each > 0) loads.add((earliest[i] ?? 0) - minutes, minutes * each, follows[i] ?? 0);
        continue;
      }
      for (const { piece, ends, groups } of running)
        if (piece === i) loads.add(time, (ends - time) * uses(i, groups), follows[i] ?? 0);
    }
    return loads.leastEnd(count, enough);
  }
}
