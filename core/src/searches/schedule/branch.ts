/**
 * The shortest schedule of work with people and tools that are too few to do everything at once (the resource-constrained
 * project scheduling problem): depth-first branch and bound over what begins at each moment at which something ends, after
 * Demeulemeester and Herroelen (1992), with left shifts and cut sets as dominance.
 */
import { LeastEnds } from './least.js';
import { goesBefore, keyOf, type Moment } from './moment.js';
import {
  grouped,
  impossibleIn,
  mostFirst,
  type Grouped,
  type Schedule,
  type Work,
  type Workshop,
} from './work.js';

interface Begun {
  readonly piece: number;
  readonly at: number;
  readonly groups: readonly number[];
}

export interface Shortest {
  readonly schedule: Schedule;
  /** No schedule is shorter than this. */
  readonly bound: number;
}

export interface Clock {
  /** Asked every now and then; once it is true, the search ends with what it has. */
  readonly isOver: () => boolean;
}

/** So many moments are looked at between two looks at the clock. */
const BETWEEN_LOOKS = 512;
/** So many cut sets are remembered at most. */
const MOST_REMEMBERED = 200_000;

export class Branching {
  private readonly people: Grouped;
  private readonly least: LeastEnds;
  private best: readonly Begun[] = [];
  private bestEnds: number;
  private readonly trail: Begun[] = [];
  private readonly seen = new Map<string, Moment[]>();
  private remembered = 0;
  private moments = 0;
  private over = false;
  private isOver = (): boolean => false;
  readonly bound: number;

  /** Pieces with most behind them first. */
  private readonly byTail: readonly number[];
  /** Pieces that may not begin at once. */
  private readonly late: readonly { readonly piece: number; readonly notBefore: number }[];

  /** `start`: a schedule that is known already, if any. Throws where a piece cannot be done: see `impossibleIn`. */
  constructor(
    private readonly shop: Workshop,
    private readonly start?: Schedule,
  ) {
    const impossible = impossibleIn(shop);
    if (impossible !== undefined) throw new RangeError(`piece ${impossible} cannot be done`);
    this.people = grouped(shop);
    this.least = new LeastEnds(shop, this.people);
    this.byTail = mostFirst(this.least.tails);
    this.late = shop.work.flatMap(({ notBefore }, piece) => (notBefore > 0 ? [{ piece, notBefore }] : []));
    this.bestEnds = start?.ends ?? Infinity;
    this.bound = this.least.from(this.first(), this.bestEnds);
  }

  /** The shortest that is found before the clock says that it is over; it is proven where it is not. */
  shortest({ isOver }: Clock): Shortest {
    this.isOver = isOver;
    if (this.bound < this.bestEnds) this.look(this.first(), true);
    const schedule = this.start && this.best.length === 0 ? this.start : this.scheduleOf(this.best);
    return { schedule, bound: this.over ? Math.min(this.bound, schedule.ends) : schedule.ends };
  }

  private work(piece: number): Work {
    const work = this.shop.work[piece];
    if (!work) throw new RangeError(`there is no piece ${piece}`);
    return work;
  }

  private first(): Moment {
    const { work, tools } = this.shop;
    return {
      time: Math.min(
        ...work.filter(({ after }) => after.length === 0).map(({ notBefore }) => notBefore),
        Infinity,
      ),
      begun: work.map(() => false),
      ends: work.map(() => 0),
      running: [],
      free: this.people.members.map(({ length }) => length),
      tools,
      left: this.least.sets.map(({ of }) =>
        work.reduce((sum, { minutes }, i) => sum + minutes * (of[i] ?? 0), 0),
      ),
      before: [],
      freeBefore: [],
    };
  }

  /** Pieces that may begin at a moment, those with most behind them first. */
  private ready({ time, begun, ends }: Moment): number[] {
    const found: number[] = [];
    for (const i of this.byTail) {
      if (begun[i]) continue;
      const { after, notBefore } = this.work(i);
      if (notBefore <= time && after.every(each => begun[each] && (ends[each] ?? 0) <= time)) found.push(i);
    }
    return found;
  }

  private look(moment: Moment, hasBegun: boolean): void {
    if (this.over) return;
    if (++this.moments % BETWEEN_LOOKS === 0 && this.bestEnds < Infinity && this.isOver()) this.over = true;
    if (moment.begun.every(Boolean)) {
      const ends = Math.max(0, ...moment.ends);
      if (ends < this.bestEnds) [this.best, this.bestEnds] = [[...this.trail], ends];
      return;
    }
    // Where nothing has begun since the moment before, that one is no rival: this is what comes of waiting there.
    if (this.least.from(moment, this.bestEnds) >= this.bestEnds || (hasBegun && this.isDominated(moment)))
      return;
    this.choose(moment, this.ready(moment), 0, []);
  }

  /** Each of what is ready begins or waits, with people of each mixture of groups; then on to the next moment. */
  private choose(moment: Moment, ready: readonly number[], i: number, waiting: readonly number[]): void {
    if (this.over) return;
    const piece = ready[i];
    if (piece === undefined) return this.goOn(moment, waiting, waiting.length < ready.length);
    if (this.hasTools(moment, piece)) {
      for (const groups of this.mixtures(piece, moment.free)) {
        if (this.couldBeEarlier(moment, piece, groups)) continue;
        this.trail.push({ piece, at: moment.time, groups });
        this.choose(this.begin(moment, piece, groups), ready, i + 1, waiting);
        this.trail.pop();
      }
    }
    // Whatever waits does so until something ends at the soonest.
    let soonest = this.nextAfter(moment);
    for (let k = i + 1; k < ready.length; k++)
      soonest = Math.min(soonest, moment.time + this.work(ready[k] ?? piece).minutes);
    if (soonest + (this.least.tails[piece] ?? 0) < this.bestEnds)
      this.choose(moment, ready, i + 1, [...waiting, piece]);
  }

  /** When something that goes on ends, or something may begin by the clock, after a moment; Infinity: never. */
  private nextAfter({ time, running, begun }: Moment): number {
    let next = Infinity;
    for (const { ends } of running) if (ends < next) next = ends;
    for (const { piece, notBefore } of this.late)
      if (!begun[piece] && notBefore > time && notBefore < next) next = notBefore;
    return next;
  }

  private hasTools({ tools }: Moment, piece: number): boolean {
    return this.work(piece).tools.every((count, tool) => count <= (tools[tool] ?? 0));
  }

  /** Ways to take the people of a piece from the groups that have some free; each mixture once. */
  private mixtures(piece: number, free: readonly number[]): number[][] {
    const found = new Map<string, number[]>();
    const seats = this.people.seats[piece] ?? [];
    const left = [...free];
    const sit = (seat: number, taken: number[]): void => {
      const groups = seats[seat];
      if (!groups) {
        const sorted = taken.toSorted((a, b) => a - b);
        found.set(sorted.join(' '), [...taken]);
        return;
      }
      for (const group of groups) {
        if ((left[group] ?? 0) === 0) continue;
        left[group] = (left[group] ?? 0) - 1;
        sit(seat + 1, [...taken, group]);
        left[group] = (left[group] ?? 0) + 1;
      }
    };
    sit(0, []);
    return [...found.values()];
  }

  /** Left shift: what waited for nothing since the moment before is looked at as begun there. */
  private couldBeEarlier({ before, freeBefore }: Moment, piece: number, groups: readonly number[]): boolean {
    if (!before.includes(piece)) return false;
    return groups.every(group => {
      let wanted = 0;
      for (const each of groups) if (each === group) wanted++;
      return wanted <= (freeBefore[group] ?? 0);
    });
  }

  private begin(moment: Moment, piece: number, groups: readonly number[]): Moment {
    const { minutes, tools } = this.work(piece);
    const ends = moment.time + minutes;
    const free = [...moment.free];
    for (const group of groups) free[group] = (free[group] ?? 0) - 1;
    return {
      ...moment,
      begun: moment.begun.with(piece, true),
      ends: moment.ends.with(piece, ends),
      running: [...moment.running, { piece, ends, groups, who: groups.join(' ') }],
      free,
      tools: moment.tools.map((count, tool) => count - (tools[tool] ?? 0)),
      left: moment.left.map(
        (minutesLeft, set) => minutesLeft - minutes * (this.least.sets[set]?.of[piece] ?? 0),
      ),
    };
  }

  /** The next moment at which something ends, or may begin by the clock. */
  private goOn(moment: Moment, waiting: readonly number[], hasBegun: boolean): void {
    const { running, begun } = moment;
    if (begun.every(Boolean)) return this.look(moment, true);
    const next = this.nextAfter(moment);
    if (next === Infinity) return;
    for (const piece of waiting) if (next + (this.least.tails[piece] ?? 0) >= this.bestEnds) return;
    const free = [...moment.free];
    const tools = [...moment.tools];
    for (const { piece, ends, groups } of running) {
      if (ends > next) continue;
      for (const group of groups) free[group] = (free[group] ?? 0) + 1;
      this.work(piece).tools.forEach((count, tool) => (tools[tool] = (tools[tool] ?? 0) + count));
    }
    const before = waiting.filter(piece => this.hasTools(moment, piece));
    const still = running.filter(({ ends }) => ends > next);
    this.look(
      { ...moment, time: next, running: still, free, tools, before, freeBefore: moment.free },
      hasBegun,
    );
  }

  /**
   * Cut sets: the same has begun as once before, no later then, and all that was going on ended no later or goes on as
   * long with people of the same groups. What follows is no better than it was then.
   */
  private isDominated(moment: Moment): boolean {
    const key = keyOf(moment.begun);
    const others = this.seen.get(key) ?? [];
    if (others.some(other => goesBefore(other, moment))) return true;
    if (this.remembered < MOST_REMEMBERED) {
      this.remembered++;
      this.seen.set(key, [...others.filter(other => !goesBefore(moment, other)), moment]);
    }
    return false;
  }

  /** People by name: of each group whoever is free. */
  private scheduleOf(begun: readonly Begun[]): Schedule {
    const begins = this.shop.work.map(() => 0);
    const who: number[][] = this.shop.work.map(() => []);
    const freeFrom = Array.from({ length: this.shop.people }, () => 0);
    for (const { piece, at, groups } of [...begun].sort((a, b) => a.at - b.at)) {
      begins[piece] = at;
      const own: number[] = [];
      for (const group of groups) {
        const members = this.people.members[group] ?? [];
        const person = members.find(each => (freeFrom[each] ?? 0) <= at && !own.includes(each));
        if (person === undefined) throw new RangeError(`nobody of group ${group} is free at ${at}`);
        own.push(person);
      }
      for (const person of own) freeFrom[person] = at + this.work(piece).minutes;
      who[piece] = own;
    }
    return { begins, who, ends: Number.isFinite(this.bestEnds) ? this.bestEnds : 0 };
  }
}
