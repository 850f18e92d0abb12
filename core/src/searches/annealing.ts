/**
 * Simulated annealing (Kirkpatrick 1983), for choices that are good enough to begin with: something is changed at
 * random, what makes it better is kept, and what makes it worse less and less often.
 */

export interface Annealed {
  /** What the choice costs as it stands. */
  readonly cost: () => number;
  /** Changes something at random; gives how to take that back, or nothing where it changed nothing. */
  readonly tried: () => (() => void) | undefined;
  /** Told of what it begins with, and of each change that is kept. */
  readonly kept: (cost: number) => void;
}

export interface Cooling {
  readonly tries: number;
  /** How much worse it may get with some luck, at first and in the end. */
  readonly hot: number;
  readonly cold: number;
  readonly random: () => number;
}

export function anneal(choice: Annealed, { tries, hot, cold, random }: Cooling): void {
  const cooling = (cold / hot) ** (1 / tries);
  let cost = choice.cost();
  choice.kept(cost);
  for (let i = 0, heat = hot; i < tries; i++, heat *= cooling) {
    const undo = choice.tried();
    if (!undo) continue;
    const next = choice.cost();
    if (next > cost && random() >= Math.exp((cost - next) / heat)) {
      undo();
      continue;
    }
    cost = next;
    choice.kept(cost);
  }
}

/** Numbers from 0 to 1 that look random and are the same every time (Lehmer, as by Park and Miller 1988). */
export function lehmer(seed: number): () => number {
  let state = seed * 48271;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}
