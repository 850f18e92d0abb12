/** A schedule as a settled order: each piece behind what began before it. */
import type { Placed } from '../../stations/hands/tasks/sequence.js';
import { inOrderOf, type Schedule, type Workshop } from '../schedule/work.js';

export interface Settled {
  /** Places of the pieces in the workshop, in their order. */
  readonly order: readonly number[];
  readonly pieces: readonly Placed[];
}

export function settled({ work }: Workshop, { begins, who }: Schedule): Settled {
  const rank = new Map(inOrderOf(work).map((piece, i) => [piece, i]));
  const order = work
    .map((_, i) => i)
    .sort((a, b) => (begins[a] ?? 0) - (begins[b] ?? 0) || (rank.get(a) ?? 0) - (rank.get(b) ?? 0));
  const place = new Map(order.map((piece, i) => [piece, i]));
  return {
    order,
    pieces: order.map(piece => ({
      after: (work[piece]?.after ?? []).flatMap(each => place.get(each) ?? []),
      people: who[piece] ?? [],
      ladder: (work[piece]?.tools[0] ?? 0) > 0,
      notBefore: work[piece]?.notBefore ?? 0,
    })),
  };
}
