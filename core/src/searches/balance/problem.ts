/** Sharing out loads: what is to be plugged in, what it may be plugged into, and what a choice comes to. */

/** Something that takes current, in amps of each phase of the day. */
export interface Load {
  readonly id: string;
  readonly amps: readonly number[];
  /** Outlets that it takes: more than one where it covers its neighbours. */
  readonly outlets: number;
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

/** A strip or reel: plugged into a socket, where something is plugged into it. */
export interface Strip {
  readonly id: string;
  readonly outlets: number;
  readonly amps: number;
  /** Metres of lead to each socket; infinite where it may not be plugged in. */
  readonly metres: readonly number[];
  readonly now?: number;
}

export interface Circuit {
  readonly id: string;
  /** What it may still carry in each phase of the day, A. */
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

/** Where everything is plugged in: the point of each load, and the socket of each strip that is used, else -1. */
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

/** What a choice comes to; undefined where it passes a limit. */
export function costOfPlugging(
  problem: BalanceProblem,
  { points, strips }: Plugged,
): BalanceCost | undefined {
  const { loads, sockets, circuits } = problem;
  const used = new Float64Array(sockets.length + problem.strips.length);
  const amps = [...used].map(() => phasesOf(problem));
  const ofCircuit = circuits.map(() => phasesOf(problem));
  let [metres, changes] = [0, 0];
  const carry = (own: readonly number[], socket: number): void => {
    own.forEach((each, phase) => {
      add(amps[socket], phase, each);
      add(ofCircuit[sockets[socket]?.circuit ?? -1], phase, each);
    });
  };
  for (const [i, load] of loads.entries()) {
    const point = points[i] ?? -1;
    metres += load.metres[point] ?? Infinity;
    if (load.now !== undefined && load.now !== point) changes++;
    add(used, point, load.outlets);
    const strip = point - sockets.length;
    if (strip >= 0) load.amps.forEach((each, phase) => add(amps[point], phase, each));
    carry(load.amps, strip >= 0 ? (strips[strip] ?? -1) : point);
  }
  let count = 0;
  for (const [s, strip] of problem.strips.entries()) {
    if (!used[sockets.length + s]) continue;
    const socket = strips[s] ?? -1;
    count++;
    metres += strip.metres[socket] ?? Infinity;
    if (strip.now !== undefined && strip.now !== socket) changes++;
    add(used, socket, 1);
  }
  const holds =
    Number.isFinite(metres) &&
    [...sockets, ...problem.strips].every(
      (point, p) =>
        (used[p] ?? 0) <= point.outlets && (amps[p] ?? []).every(each => each <= point.amps + ROUNDING),
    ) &&
    circuits.every(({ left }, c) => left.every((most, p) => (ofCircuit[c]?.[p] ?? 0) <= most + ROUNDING)) &&
    problem.pairs.every(
      ({ loads: [a, b], apart }) =>
        (circuitOf(problem, points[a] ?? -1, strips) === circuitOf(problem, points[b] ?? -1, strips)) !==
        apart,
    );
  if (!holds) return undefined;
  const shares = circuits.flatMap(({ left }, c) =>
    left.map((most, p) => shareOf(ofCircuit[c]?.[p] ?? 0, most)),
  );
  return { metres, strips: count, changes, share: Math.max(0, ...shares) };
}

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

/** Nothing yet in each phase. */
export const phasesOf = ({ circuits }: BalanceProblem): Float64Array =>
  new Float64Array(circuits[0]?.left.length ?? 0);

function add(sums: Float64Array | undefined, at: number, value: number): void {
  if (sums && at >= 0) sums[at] = (sums[at] ?? 0) + value;
}
