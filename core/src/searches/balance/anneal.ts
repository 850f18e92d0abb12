/**
 * A good choice to begin with: loads and strips are plugged in elsewhere at random. The same problem gets the same
 * choice. Limits may be passed on the way, at a price.
 */
import { anneal, lehmer } from '../annealing.js';
import { outletsTaken, type OutletsTaken } from './seats.js';
import {
  circuitOf,
  costOfPlugging,
  ROUNDING,
  shareOf,
  weighed,
  type BalanceProblem,
  type Load,
  type Plugged,
  type Strip,
  type Weights,
} from './problem.js';

const ROUNDS = 3;
/** Tries of one round, for each load and strip. */
const TRIES = 1000;
/** How much more often what is near comes up: the power of an even draw. */
const NEAR = 3;

/** The best choice that keeps all limits, of those that were tried; undefined where none did. */
export function annealed(problem: BalanceProblem, weights: Weights): Plugged | undefined {
  let [best, least] = [undefined as Plugged | undefined, Infinity];
  for (let round = 0; round < ROUNDS; round++) {
    const found = new Trial(problem, weights, lehmer(round + 1)).run();
    const cost = found && costOfPlugging(problem, found);
    if (found && cost && weighed(cost, weights) < least) [best, least] = [found, weighed(cost, weights)];
  }
  return best;
}

/** Amps of each moment, and what they count as on a circuit where that is more. */
interface Carried {
  readonly amps: ArrayLike<number>;
  readonly counts?: ArrayLike<number>;
}

class Trial {
  private readonly moments: number;
  private readonly point: Int32Array;
  /** What is plugged into each point. */
  private readonly plugged: readonly number[][];
  /** The socket of each strip, whether or not anything is plugged into it. */
  private readonly socket: Int32Array;
  private readonly used: Float64Array;
  private readonly amps: Float64Array;
  private readonly counts: Float64Array;
  private readonly onCircuit: Float64Array;
  /** What passing its limits costs each point and each circuit. */
  private readonly beyondPoint: Float64Array;
  private readonly beyondCircuit: Float64Array;
  private beyond = 0;
  /** Metres, strips and changes as they are weighed. */
  private spent = 0;
  /** Pairs that are not as they must be, as of the last cost. */
  private broken = 0;
  private readonly price: number;
  private readonly outletsTaken: OutletsTaken;
  /** What each load, and each strip, may be plugged into, the nearest first. */
  private readonly nearPoints: readonly (readonly number[])[];
  private readonly nearSockets: readonly (readonly number[])[];

  constructor(
    private readonly problem: BalanceProblem,
    private readonly weights: Weights,
    private readonly random: () => number,
  ) {
    const { loads, sockets, strips, circuits } = problem;
    const points = sockets.length + strips.length;
    this.moments = circuits[0]?.left.length ?? 0;
    this.point = new Int32Array(loads.length).fill(-1);
    this.outletsTaken = outletsTaken(loads);
    this.plugged = Array.from({ length: points }, () => []);
    this.nearPoints = loads.map(({ metres }) => nearestFirst(metres));
    this.nearSockets = strips.map(({ metres }) => nearestFirst(metres));
    this.socket = Int32Array.from(this.nearSockets, ([first = -1]) => first);
    this.used = new Float64Array(points);
    this.amps = new Float64Array(points * this.moments);
    this.counts = new Float64Array(points * this.moments);
    this.onCircuit = new Float64Array(circuits.length * this.moments);
    this.beyondPoint = new Float64Array(points);
    this.beyondCircuit = new Float64Array(circuits.length);
    // An amp too many is worth less than what it saves only while it is hot.
    this.price = 20 * Math.max(weights.metre, weights.strip / 4, weights.change / 4, weights.share / 4);
    for (const strip of strips) this.spent += this.costAway(strip);
    for (const [i, [first = -1]] of this.nearPoints.entries()) this.plug(i, first);
  }

  run(): Plugged | undefined {
    const { loads, strips } = this.problem;
    if (this.point.includes(-1)) return undefined;
    const tries = TRIES * (loads.length + strips.length);
    const { metre, strip, change, share } = this.weights;
    const [hot, cold] = [
      Math.max(5 * metre, strip / 2, change / 2, share / 20),
      0.01 * Math.max(metre, 1e-3),
    ];
    let [best, least] = [undefined as Plugged | undefined, Infinity];
    const kept = (cost: number): void => {
      if (cost >= least - 1e-9 || this.beyond >= ROUNDING || this.broken > 0) return;
      least = cost;
      best = {
        points: [...this.point],
        strips: strips.map((_, s) => (this.used[this.pointOf(s)] ? (this.socket[s] as number) : -1)),
      };
    };
    const choice = { cost: () => this.cost(), tried: () => this.tried(), kept };
    anneal(choice, { tries, hot, cold, random: this.random });
    return best;
  }

  /** Plugs something in elsewhere; gives how to take that back, or nothing where it cannot be. */
  private tried(): (() => void) | undefined {
    const { loads, strips } = this.problem;
    const kind = this.random();
    const some = (count: number): number => Math.floor(this.random() * count);
    /** What is near comes up more often. */
    const near = (all: readonly number[]): number =>
      all[Math.floor(this.random() ** NEAR * all.length)] ?? -1;
    if (kind < 0.4 || strips.length === 0) {
      const i = some(loads.length);
      const to = near(this.nearPoints[i] ?? []);
      const from = this.point[i] as number;
      if (from === to) return undefined;
      this.plug(i, to);
      return () => this.plug(i, from);
    }
    if (kind < 0.85) {
      // Two that change places: what is in a point near to one of them.
      const i = some(loads.length);
      const [a, b] = [this.point[i] as number, near(this.nearPoints[i] ?? [])];
      const there = this.plugged[b] ?? [];
      const j = there[some(there.length)];
      if (a === b || j === undefined || !Number.isFinite(loads[j]?.metres[a])) return undefined;
      this.plug(i, b);
      this.plug(j, a);
      return () => {
        this.plug(i, a);
        this.plug(j, b);
      };
    }
    if (kind < 0.93) {
      const s = some(strips.length);
      const to = near(this.nearSockets[s] ?? []);
      const from = this.socket[s] as number;
      if (from === to) return undefined;
      this.replug(s, to);
      return () => this.replug(s, from);
    }
    return this.emptied(this.pointOf(some(strips.length)), some(this.used.length));
  }

  /** Of a strip that stays away. */
  private readonly costAway = ({ now }: Strip): number => (now === undefined ? 0 : this.weights.change);

  /** Everything of a strip to another point at once. */
  private emptied(from: number, to: number): (() => void) | undefined {
    const moved: number[] = [];
    for (const [i, point] of this.point.entries()) if (point === from) moved.push(i);
    const { loads } = this.problem;
    if (from === to || moved.length === 0) return undefined;
    if (moved.some(i => !Number.isFinite(loads[i]?.metres[to]))) return undefined;
    for (const i of moved) this.plug(i, to);
    return () => {
      for (const i of moved) this.plug(i, from);
    };
  }

  private readonly pointOf = (strip: number): number => this.problem.sockets.length + strip;

  /** A load into a point, out of the one it is in. */
  private plug(i: number, to: number): void {
    const load = this.problem.loads[i] as Load;
    const from = this.point[i] as number;
    if (from >= 0) {
      this.carry(from, load, -this.outletsAt(load, from), -1);
      this.spent -= this.costOf(load, from);
    }
    const before = this.plugged[from];
    before?.splice(before.indexOf(i), 1);
    this.point[i] = to;
    if (to < 0) return;
    this.plugged[to]?.push(i);
    this.carry(to, load, this.outletsAt(load, to), 1);
    this.spent += this.costOf(load, to);
  }

  private outletsAt(load: Load, point: number): number {
    const strip = this.problem.strips[point - this.problem.sockets.length];
    return strip ? this.outletsTaken(load, strip) : 1;
  }

  /** Of a load at a point, or a strip at a socket. */
  private costOf({ metres, now }: Load | Strip, at: number): number {
    const { metre, change } = this.weights;
    return metre * (metres[at] as number) + (now === undefined || now === at ? 0 : change);
  }

  /** Amps and outlets at a point and all above it. */
  private carry(point: number, load: Carried, outlets: number, sign: number): void {
    const strip = point - this.problem.sockets.length;
    const before = this.used[point] as number;
    this.used[point] = before + outlets;
    this.addAmps(this.amps, point, load.amps, sign);
    this.addAmps(this.counts, point, load.counts ?? load.amps, sign);
    if (strip >= 0) {
      // A strip takes an outlet while there is something in it.
      const plugs = Number(this.used[point] !== 0) - Number(before !== 0);
      const socket = this.socket[strip] as number;
      if (plugs !== 0) {
        const own = this.problem.strips[strip] as Strip;
        this.spent += plugs * (this.weights.strip + this.costOf(own, socket) - this.costAway(own));
      }
      this.carry(socket, load, plugs, sign);
    } else {
      const circuit = this.problem.sockets[point]?.circuit ?? 0;
      this.addAmps(this.onCircuit, circuit, load.counts ?? load.amps, sign);
      this.weighCircuit(circuit);
    }
    this.weighPoint(point);
  }

  private replug(s: number, to: number): void {
    const point = this.pointOf(s);
    const here = (sums: Float64Array): Float64Array =>
      sums.slice(point * this.moments, (point + 1) * this.moments);
    const own = { amps: here(this.amps), counts: here(this.counts) };
    const plugs = this.used[point] ? 1 : 0;
    const strip = this.problem.strips[s] as Strip;
    const from = this.socket[s] as number;
    this.carry(from, own, -plugs, -1);
    this.socket[s] = to;
    this.carry(to, own, plugs, 1);
    if (plugs) this.spent += this.costOf(strip, to) - this.costOf(strip, from);
  }

  private addAmps(sums: Float64Array, at: number, amps: ArrayLike<number>, sign: number): void {
    for (let p = 0; p < this.moments; p++) {
      const k = at * this.moments + p;
      sums[k] = (sums[k] as number) + sign * (amps[p] ?? 0);
    }
  }

  private weighPoint(point: number): void {
    const { sockets, strips } = this.problem;
    const { outlets = 0, amps = 0 } = sockets[point] ?? strips[point - sockets.length] ?? {};
    let beyond = Math.max(0, (this.used[point] as number) - outlets);
    for (let p = 0; p < this.moments; p++)
      beyond += Math.max(0, (this.amps[point * this.moments + p] as number) - amps - ROUNDING / 2);
    this.beyond += beyond - (this.beyondPoint[point] as number);
    this.beyondPoint[point] = beyond;
  }

  private weighCircuit(circuit: number): void {
    const { left = [] } = this.problem.circuits[circuit] ?? {};
    let beyond = 0;
    for (let p = 0; p < this.moments; p++)
      beyond += Math.max(
        0,
        (this.onCircuit[circuit * this.moments + p] as number) - (left[p] ?? 0) - ROUNDING / 2,
      );
    this.beyond += beyond - (this.beyondCircuit[circuit] as number);
    this.beyondCircuit[circuit] = beyond;
  }

  private cost(): number {
    const { circuits, pairs } = this.problem;
    const { share } = this.weights;
    let cost = this.spent + this.price * this.beyond;
    if (share > 0) {
      let most = 0;
      for (let c = 0; c < circuits.length; c++)
        for (let p = 0; p < this.moments; p++)
          most = Math.max(
            most,
            shareOf(this.onCircuit[c * this.moments + p] as number, circuits[c]?.left[p] ?? 0),
          );
      cost += share * Math.min(most, 1e3);
    }
    if (pairs.length === 0) return cost;
    this.broken = pairs.filter(({ loads: [a, b], apart }) => {
      const circuit = (i: number): number | undefined =>
        circuitOf(this.problem, this.point[i] as number, this.socket);
      return (circuit(a) === circuit(b)) === apart;
    }).length;
    return cost + this.price * this.broken;
  }
}

/** What can be reached, the nearest first. */
const nearestFirst = (metres: readonly number[]): number[] =>
  [...metres.keys()]
    .filter(i => Number.isFinite(metres[i]))
    .sort((a, b) => (metres[a] as number) - (metres[b] as number));
