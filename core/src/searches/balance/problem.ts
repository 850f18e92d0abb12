/** Sharing out loads: what is to be plugged in, what it may be plugged into, and what a choice comes to. */
import { areSeated } from './seats.js';

/** Something that takes current, in amps of each moment of the day. */
export interface Load {
  readonly id: string;
  readonly amps: readonly number[];
  /** What those count as on a circuit by the house rule; absent where they count as they are. */
  readonly counts?: readonly number[];
  /** What its plug covers, m; absent for the plug of a cord, and where nobody knows. */
  readonly width?: number;
  /** Metres of lead to each point, sockets before strips; infinite where it may not be plugged in. */
  readonly metres: readonly number[];
  /** The point it is plugged into now. */
  readonly now?: number;
}

export interface Socket {
  readonly id: string;
  readonly outlets: number;
  readonly amps: number;
  readonly circuit: number;
}

/** A strip or reel: plugged into a socket, or it stays away. */
export interface Strip {
  readonly id: string;
  readonly outlets: number;
  /** From outlet to outlet, m; absent where nobody knows. */
  readonly pitch?: number;
  readonly amps: number;
  /** Metres of lead to each socket; infinite where it may not be plugged in. */
  readonly metres: readonly number[];
  readonly now?: number;
}

export interface Circuit {
  readonly id: string;
  /** What may count of ours on it in each moment of the day, A. */
  readonly left: readonly number[];
}

/** Two loads that must hang on one circuit, or on two. */
export interface Pair {
  readonly loads: readonly [number, number];
  readonly apart: boolean;
}

export interface BalanceProblem {
  readonly loads: readonly Load[];
  readonly sockets: readonly Socket[];
  readonly strips: readonly Strip[];
  readonly circuits: readonly Circuit[];
  readonly pairs: readonly Pair[];
}

/** Where everything is plugged in: the point of each load, and the socket of each strip, -1 for one that stays away. */
export interface Plugged {
  readonly points: readonly number[];
  readonly strips: readonly number[];
}

/** What is made least. */
export interface Weights {
  readonly metre: number;
  readonly strip: number;
  /** For each load or strip that is plugged in elsewhere than now. */
  readonly change: number;
  /** For the largest share of what any circuit may still carry that it does carry. */
  readonly share: number;
}

export interface BalanceCost {
  readonly metres: number;
  readonly strips: number;
  readonly changes: number;
  readonly share: number;
}

/** A limit that a choice passes: outlets of a point, room beside each other in a strip, amps of a point, or amps of a circuit in the moment where they are most. */
export interface Passed {
  readonly limit: 'outlets' | 'room' | 'point' | 'circuit';
  /** The point or circuit. */
  readonly at: number;
  readonly value: number;
  readonly most: number;
}

interface Tally {
  readonly used: Float64Array;
  readonly amps: readonly Float64Array[];
  readonly onCircuit: readonly Float64Array[];
}

/** What is plugged into each point, and the amps there and on each circuit. */
function tallyOf(problem: BalanceProblem, { points, strips }: Plugged): Tally {
  const { loads, sockets, circuits } = problem;
  const used = new Float64Array(sockets.length + problem.strips.length);
  const amps = [...used].map(() => momentsOf(problem));
  const onCircuit = circuits.map(() => momentsOf(problem));
  for (const [i, load] of loads.entries()) {
    const point = points[i] ?? -1;
    const socket = point < sockets.length ? point : (strips[point - sockets.length] ?? -1);
    add(used, point, 1);
    load.amps.forEach((each, moment) => {
      add(amps[point], moment, each);
      if (socket !== point) add(amps[socket], moment, each);
    });
    countsOf(load).forEach((each, moment) => add(onCircuit[sockets[socket]?.circuit ?? -1], moment, each));
  }
  for (const [s] of problem.strips.entries()) {
    const socket = strips[s] ?? -1;
    if (socket >= 0) add(used, socket, 1);
  }
  return { used, amps, onCircuit };
}

/** Every limit that a choice passes. */
export function limitsPassed(problem: BalanceProblem, plugged: Plugged): Passed[] {
  const { used, amps, onCircuit } = tallyOf(problem, plugged);
  const passed: Passed[] = [];
  for (const [at, point] of [...problem.sockets, ...problem.strips].entries()) {
    const [count, most] = [used[at] ?? 0, Math.max(0, ...(amps[at] ?? []))];
    const strip = problem.strips[at - problem.sockets.length];
    if (count > point.outlets) passed.push({ limit: 'outlets', at, value: count, most: point.outlets });
    else if (strip && !areSeated(loadsAt(problem, plugged, at), strip))
      passed.push({ limit: 'room', at, value: count, most: point.outlets });
    if (most > point.amps + ROUNDING) passed.push({ limit: 'point', at, value: most, most: point.amps });
  }
  for (const [at, { left }] of problem.circuits.entries()) {
    const over = left
      .map((most, p) => ({ value: onCircuit[at]?.[p] ?? 0, most }))
      .filter(({ value, most }) => value > most + ROUNDING)
      .sort((a, b) => b.value - b.most - (a.value - a.most));
    passed.push(...over.slice(0, 1).map(each => ({ limit: 'circuit' as const, at, ...each })));
  }
  return passed;
}

export const loadsAt = ({ loads }: BalanceProblem, { points }: Plugged, at: number): Load[] =>
  loads.filter((_, i) => points[i] === at);

/** What a choice comes to; undefined where it passes a limit, or plugs something in where it may not be. */
export function costOfPlugging(problem: BalanceProblem, plugged: Plugged): BalanceCost | undefined {
  const { loads, sockets, circuits } = problem;
  const { points, strips } = plugged;
  const { used, onCircuit } = tallyOf(problem, plugged);
  let [metres, changes, count] = [0, 0, 0];
  for (const [i, load] of loads.entries()) {
    metres += load.metres[points[i] ?? -1] ?? Infinity;
    if (load.now !== undefined && load.now !== points[i]) changes++;
  }
  for (const [s, strip] of problem.strips.entries()) {
    const socket = strips[s] ?? -1;
    if (strip.now !== undefined && strip.now !== socket) changes++;
    if (socket < 0 && !used[sockets.length + s]) continue;
    count++;
    metres += strip.metres[socket] ?? Infinity;
  }
  const circuit = (i: number): number | undefined => circuitOf(problem, points[i] ?? -1, strips);
  const paired = problem.pairs.every(({ loads: [a, b], apart }) => (circuit(a) === circuit(b)) !== apart);
  if (!Number.isFinite(metres) || !paired || limitsPassed(problem, plugged).length > 0) return undefined;
  const shares = circuits.flatMap(({ left }, c) =>
    left.map((most, p) => shareOf(onCircuit[c]?.[p] ?? 0, most)),
  );
  return { metres, strips: count, changes, share: Math.max(0, ...shares) };
}

export const countsOf = ({ amps, counts = amps }: Load): readonly number[] => counts;

/** Amps that add up are the same to this. */
export const ROUNDING = 1e-6;

export const weighed = (cost: BalanceCost, { metre, strip, change, share }: Weights): number =>
  metre * cost.metres + strip * cost.strips + change * cost.changes + share * cost.share;

/** Of what a circuit may still carry, the share that is used; nothing on one that may carry nothing is none. */
export const shareOf = (amps: number, left: number): number =>
  amps <= ROUNDING ? 0 : left > 0 ? amps / left : Infinity;

/** The circuit that a point hangs on. */
export function circuitOf(
  { sockets }: BalanceProblem,
  point: number,
  strips: ArrayLike<number>,
): number | undefined {
  const socket = point < sockets.length ? point : strips[point - sockets.length];
  return sockets[socket ?? -1]?.circuit;
}

/** Nothing yet in each moment. */
export const momentsOf = ({ circuits }: BalanceProblem): Float64Array =>
  new Float64Array(circuits[0]?.left.length ?? 0);

function add(sums: Float64Array | undefined, at: number, value: number): void {
  if (sums && at >= 0) sums[at] = (sums[at] ?? 0) + value;
}
