/** A swap plan that is good to begin with: batteries are put in elsewhere at random. The same problem gets the same plan. */
import { anneal, lehmer } from '../annealing.js';
import { ROUNDING, takeOf, type SwapBattery, type SwapProblem, type Swaps } from './problem.js';

/** What a battery costs in changes, by round: where batteries come first, too dear a one is never put in. */
const BATTERY = { batteries: [3, 8, 20], changes: [0.2, 0.4, 0.8] } as const;
/** What a share too much, or a battery in two places for a step, costs in changes. */
const BROKEN = 40;
/** Tries of one round, for each piece of each position. */
const TRIES = 700;

/**
 * The best plan that keeps all rules, of those that were tried from another on; undefined where none did. `first`: what
 * is to be few before the other.
 */
export function annealedSwaps(
  problem: SwapProblem,
  first: keyof typeof BATTERY = 'batteries',
  from?: Swaps,
): Swaps | undefined {
  let best: Kept | undefined;
  for (const [round, battery] of BATTERY[first].entries()) {
    const found = new Trial(problem, { first, battery }, lehmer(round + 1)).run(from);
    if (found && (!best || isLess(found.worth, best.worth))) best = found;
  }
  return best?.swaps;
}

interface Kept {
  readonly swaps: Swaps;
  /** Batteries and changes in the order in which they count, and what is gone of the emptiest. */
  readonly worth: readonly number[];
}

function isLess(a: readonly number[], b: readonly number[]): boolean {
  const at = a.findIndex((each, i) => Math.abs(each - (b[i] ?? 0)) > ROUNDING);
  return at >= 0 && (a[at] ?? 0) < (b[at] ?? 0);
}

class Trial {
  /** The battery in each piece of each position. */
  private readonly at: number[][];
  /** What can be in each. */
  private readonly can: readonly (readonly (readonly number[])[])[];
  /** Share that each battery gives, pieces that it feeds, and at each step the places where it is. */
  private readonly gives: Float64Array;
  private readonly feeds: Int32Array;
  private readonly places: Int32Array;
  /** What was put in elsewhere by the last try, the newest last. */
  private readonly before: (readonly [position: number, piece: number, battery: number])[] = [];
  private over = 0;
  private twice = 0;
  private used = 0;
  private changes = 0;

  constructor(
    private readonly problem: SwapProblem,
    private readonly costs: { readonly first: keyof typeof BATTERY; readonly battery: number },
    private readonly random: () => number,
  ) {
    const { positions, batteries, steps } = problem;
    this.gives = new Float64Array(batteries.length);
    this.feeds = new Int32Array(batteries.length);
    this.places = new Int32Array(batteries.length * steps);
    this.can = positions.map(({ pieces }, p) =>
      pieces.map((_, i) =>
        batteries.flatMap((battery, b) => (takeOf(battery, p, i) === undefined ? [] : [b])),
      ),
    );
    this.at = positions.map(({ pieces }) => pieces.map(() => -1));
    for (const [p, own] of this.can.entries())
      for (const [i, [first = -1]] of own.entries()) this.put(p, i, first);
  }

  run(from: Swaps = []): Kept | undefined {
    for (const [p, own] of from.entries()) for (const [i, b] of own.entries()) this.put(p, i, b);
    if (this.at.some(own => own.includes(-1))) return undefined;
    let best: Kept | undefined;
    const kept = (): void => {
      if (this.over > ROUNDING || this.twice > 0) return;
      const counts = [this.used, this.changes];
      const worth = [...(this.costs.first === 'batteries' ? counts : counts.reverse()), this.gone()];
      if (!best || isLess(worth, best.worth)) best = { worth, swaps: this.at.map(own => [...own]) };
    };
    const tries = TRIES * this.at.flat().length;
    const choice = { cost: () => this.cost(), tried: () => this.tried(), kept };
    anneal(choice, { tries, hot: 6, cold: 0.02, random: this.random });
    return best;
  }

  private cost(): number {
    const broken = Math.max(0, this.over - ROUNDING) + this.twice;
    return this.costs.battery * this.used + this.changes + 0.9 * this.gone() + BROKEN * broken;
  }

  /** Share that is gone of the emptiest battery of those that are used. */
  private gone(): number {
    let most = 0;
    for (const [b, { left }] of this.problem.batteries.entries())
      if (this.feeds[b]) most = Math.max(most, 1 - left + (this.gives[b] as number));
    return most;
  }

  /** Changes something at random; gives how to take that back. */
  private tried(): (() => void) | undefined {
    const some = (count: number): number => Math.floor(this.random() * count);
    const p = some(this.at.length);
    const own = this.at[p] as number[];
    if (own.length === 0) return undefined;
    const i = some(own.length);
    const kind = this.random();
    this.before.length = 0;
    const from = runFrom(own, i);
    const to = runTo(own, i);
    if (kind < 0.4) {
      // A change comes earlier or later.
      const later = this.random() < 0.5;
      const reach = 1 + some(3);
      const b = own[i] as number;
      if (later) this.fill(p, to + 1, Math.min(own.length - 1, to + reach), b);
      else this.fill(p, Math.max(0, from - reach), from - 1, b);
      return this.undo;
    }
    if (kind < 0.7) {
      const can = this.can[p]?.[i] ?? [];
      const b = can[some(can.length)] as number;
      if (kind < 0.6) this.fill(p, from, to, b);
      else this.fill(p, i, i + some(own.length - i), b);
      return this.undo;
    }
    // Two batteries change places, from here on or for as long as they are there.
    const q = some(this.at.length);
    const others = this.at[q] as number[];
    if (others.length === 0) return undefined;
    const k = some(others.length);
    const [a, b] = [own[i] as number, others[k] as number];
    if (a === b) return undefined;
    const [end, start] = [runTo(others, k), runFrom(others, k)];
    this.fill(p, from, to, b);
    this.fill(q, start, end, a);
    return this.undo;
  }

  private readonly undo = (): void => {
    for (const [p, i, b] of this.before.splice(0).reverse()) this.put(p, i, b);
    this.before.length = 0;
  };

  /** A battery in some pieces of a position, wherever it can be there. */
  private fill(p: number, from: number, to: number, b: number): void {
    for (let i = from; i <= to; i++) if (this.can[p]?.[i]?.includes(b)) this.put(p, i, b);
  }

  private put(p: number, i: number, b: number): void {
    const own = this.at[p] as number[];
    const old = own[i] as number;
    if (old === b || b < 0) return;
    this.before.push([p, i, old]);
    this.changes -= this.changesBy(p, i);
    if (old >= 0) this.count(p, i, old, -1);
    own[i] = b;
    this.count(p, i, b, 1);
    this.changes += this.changesBy(p, i);
  }

  /** Changes before and after a piece. */
  private changesBy(p: number, i: number): number {
    const own = this.at[p] as number[];
    const { underWay = false, now = -1 } = this.problem.positions[p] ?? {};
    const before = i > 0 ? own[i - 1] : underWay ? now : own[0];
    return Number(own[i] !== before) + Number(i + 1 < own.length && own[i + 1] !== own[i]);
  }

  /** A piece that a battery feeds, or no longer does. */
  private count(p: number, i: number, b: number, sign: number): void {
    const { batteries, positions, steps } = this.problem;
    const battery = batteries[b] as SwapBattery;
    const over = (): number => Math.max(0, (this.gives[b] as number) - battery.left);
    this.over -= over();
    this.gives[b] = (this.gives[b] as number) + sign * (takeOf(battery, p, i) ?? 0);
    this.over += over();
    const feeds = this.feeds[b] as number;
    this.feeds[b] = feeds + sign;
    this.used += Number(feeds + sign > 0) - Number(feeds > 0);
    for (const step of positions[p]?.pieces[i] ?? []) {
      const at = b * steps + step;
      const places = this.places[at] as number;
      this.places[at] = places + sign;
      this.twice += Math.max(0, places + sign - 1) - Math.max(0, places - 1);
    }
  }
}

/** First and last piece that one battery feeds without a change. */
function runFrom(own: readonly number[], i: number): number {
  let from = i;
  while (own[from - 1] === own[i]) from--;
  return from;
}

function runTo(own: readonly number[], i: number): number {
  let to = i;
  while (own[to + 1] === own[i]) to++;
  return to;
}
