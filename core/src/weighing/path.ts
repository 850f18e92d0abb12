/** Growing step by step: what is bought at each step, what of it the next one uses again, and what is thrown away. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { numberOf, toCents } from '../foundations/index.js';
import { isReady } from '../stations/ready.js';
import { buyingPrice } from '../stations/pack/money/prices.js';
import { kindToBuy } from '../stations/pack/money/to-buy.js';

/** A kind and how many of it. */
export interface Pieces {
  readonly kind: string;
  readonly label: string;
  readonly count: number;
  /** For all of them, in the money of the house; null where no price is known. */
  readonly cost: number | null;
}

export interface Step {
  readonly buys: readonly Pieces[];
  /** What was bought at a step before, or is owned, and this one has no use for. */
  readonly spare: readonly Pieces[];
  /** Of what it buys, as far as prices are known. */
  readonly cost: number;
  readonly unpriced: number;
}

/** What a step of growth takes. */
export interface StepTaken {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
}

/** How many of each kind a plan takes along. */
function takenBy({ bundle, assessment }: StepTaken): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const [id, line] of Object.entries(assessment.pack.lines)) {
    const run = assessment.runs.runs[id.split(' ')[0] ?? ''];
    const kind = kindToBuy(id, line, run, bundle.kinds.kinds);
    if (kind !== undefined) counts.set(kind, (counts.get(kind) ?? 0) + line.count);
  }
  return counts;
}

/** What the shelf has of each kind that is ready and its own. */
function ownedBy({ shelf }: Bundle): Map<string, number> {
  const counts = new Map<string, number>();
  for (const { kind, count = 1, ...item } of Object.values(shelf.items))
    if (isReady(item)) counts.set(kind, (counts.get(kind) ?? 0) + count);
  return counts;
}

/** The steps in the order in which they are given; each keeps what the ones before have bought. */
export function growthPath(steps: readonly StepTaken[]): readonly Step[] {
  const [first] = steps;
  if (!first) return [];
  const have = ownedBy(first.bundle);
  const bought = new Map<string, number>();
  return steps.map(step => {
    const { kinds } = step.bundle;
    const taken = takenBy(step);
    const pieces = (kind: string, count: number): Pieces => {
      const price = buyingPrice(kind, kinds, step.assessment.rules);
      return {
        ...{ kind, label: kinds.kinds[kind]?.label ?? kind, count },
        cost: price === undefined ? null : toCents(price * count),
      };
    };
    // What earlier steps have bought and this one leaves in the cupboard.
    const spare = [...bought].flatMap(([kind, count]): Pieces[] => {
      const unused = Math.min(count, (have.get(kind) ?? 0) - (taken.get(kind) ?? 0));
      return unused > 0 ? [pieces(kind, unused)] : [];
    });
    const buys = [...taken].flatMap(([kind, count]): Pieces[] => {
      const more = count - (have.get(kind) ?? 0);
      if (more <= 0) return [];
      have.set(kind, count);
      bought.set(kind, (bought.get(kind) ?? 0) + more);
      return [pieces(kind, more)];
    });
    return {
      ...{ buys, spare },
      cost: toCents(buys.reduce((sum, { cost }) => sum + (cost ?? 0), 0)),
      unpriced: buys.filter(({ cost }) => cost === null).length,
    };
  });
}

/** The order in which variants grow: by what they take along. */
export const bySize = (steps: readonly StepTaken[]): readonly number[] =>
  steps
    .map(({ assessment }, i) => [i, numberOf(assessment.pack.pieces) ?? 0] as const)
    .sort(([, a], [, b]) => a - b)
    .map(([i]) => i);
