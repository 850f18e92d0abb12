/**
 * How long work takes on one day of many: beta-PERT durations (Malcolm and others 1959; Vose 2008), of which all are longer
 * together on a bad day and shorter on a good one.
 */
import type { Task } from '../../stations/hands/tasks/result.js';

/** The least, the most likely and the most that something takes, in any one unit. */
export interface ThreePoint {
  readonly low: number;
  readonly usual: number;
  readonly high: number;
}

/** How long something takes that usually takes so long, with the least and the most of it as parts of that. */
export const aroundUsual = (usual: number, { least, most }: Pick<Task, 'least' | 'most'>): ThreePoint => ({
  low: usual * least,
  usual,
  high: usual * most,
});

/** Mean (a + 4m + b)/6. */
export const meanOf = ({ low, usual, high }: ThreePoint): number => (low + 4 * usual + high) / 6;

/** Standard deviation √((μ − a)(b − μ)/7). */
export const deviationOf = (times: ThreePoint): number =>
  Math.sqrt(Math.max(0, (meanOf(times) - times.low) * (times.high - meanOf(times))) / 7);

/** Steps of the beta distribution’s integral, and the standard normal numbers between which its quantiles are kept. */
const STEPS = 4096;
const FAR = 5;
const EACH = 64;

/** Φ of a standard normal number, to 1.5e-7 (Abramowitz and Stegun 7.1.26). */
export function normalBelow(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const sum = ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
  const half = (sum * Math.exp(-x * x)) / 2;
  return z < 0 ? half : 1 - half;
}

/** By standard normal number: the value 0…1 of the beta distribution that as many lie below. Both shapes are at least 1. */
function quantilesOf(alpha: number, beta: number): Float64Array {
  const below = new Float64Array(STEPS + 1);
  for (let i = 0; i < STEPS; i++) {
    const x = (i + 0.5) / STEPS;
    below[i + 1] = (below[i] ?? 0) + x ** (alpha - 1) * (1 - x) ** (beta - 1);
  }
  const all = below[STEPS] ?? 1;
  const quantiles = new Float64Array(2 * FAR * EACH + 1);
  let i = 0;
  quantiles.forEach((_, k) => {
    const wanted = normalBelow(k / EACH - FAR) * all;
    while (i < STEPS - 1 && (below[i + 1] ?? 0) < wanted) i++;
    const [from, to] = [below[i] ?? 0, below[i + 1] ?? 0];
    quantiles[k] = (i + Math.min(1, Math.max(0, (wanted - from) / (to - from)))) / STEPS;
  });
  return quantiles;
}

/** A duration by standard normal number: what as many draws of it lie below. */
export function durationBy({ low, usual, high }: ThreePoint): (z: number) => number {
  const range = high - low;
  if (range <= 0) return () => usual;
  const quantiles = quantilesOf(1 + (4 * (usual - low)) / range, 1 + (4 * (high - usual)) / range);
  const last = quantiles.length - 1;
  return z => {
    const at = Math.min(last, Math.max(0, (z + FAR) * EACH));
    const i = Math.min(last - 1, Math.floor(at));
    const [from, to] = [quantiles[i] ?? 0, quantiles[i + 1] ?? 0];
    return low + range * (from + (to - from) * (at - i));
  };
}

/** Two standard normal numbers from two of 0…1 (Box and Muller 1958). */
export function* normals(random: () => number): Generator<number, never> {
  for (;;) {
    const far = Math.sqrt(-2 * Math.log(1 - random()));
    const turn = 2 * Math.PI * random();
    yield far * Math.cos(turn);
    yield far * Math.sin(turn);
  }
}

/**
 * Durations of work on so many days, day after day. `together`: correlation of what delays one thing with what delays
 * another, 0…1, by one number for the whole day (Gaussian copula).
 */
export function drawn(
  work: readonly ThreePoint[],
  { draws, together, random }: { draws: number; together: number; random: () => number },
): Float64Array {
  const shapes = new Map<string, (z: number) => number>();
  const by = work.map(({ low, usual, high }) => {
    // Durations with the same shares of what is usual differ by a factor only.
    if (usual <= 0) return { usual: high, of: () => 0 };
    const key = `${low / usual} ${high / usual}`;
    const of = shapes.get(key) ?? durationBy({ low: low / usual, usual: 1, high: high / usual });
    shapes.set(key, of);
    return { usual, of };
  });
  const [own, shared] = [Math.sqrt(1 - together), Math.sqrt(together)];
  const numbers = normals(random);
  const next = (): number => numbers.next().value;
  const minutes = new Float64Array(draws * work.length);
  for (let draw = 0; draw < draws; draw++) {
    const day = next();
    by.forEach(({ usual, of }, i) => {
      minutes[draw * work.length + i] = usual * of(shared * day + own * next());
    });
  }
  return minutes;
}
