import { inOrder } from '../../../foundations/index.js';
import { packRule } from '../result.js';
import { swapItem } from '../swap.js';

/** An item that an overlapping event takes as well. */
export const claimed = packRule({
  rule: 'pack.claimed',
  reads: ({ own, devices, claims, shelf }) => ({
    pieces: own.pieces,
    devices,
    claims: claims.claims,
    items: shelf.items,
  }),
  *find({ pieces, devices, claims, items }) {
    for (const [id, { item, label }] of inOrder(devices)) {
      const claim = Object.values(claims).find(each => each.item === item);
      if (!claim || item === undefined) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `${items[item]?.tape ?? 'An item'} for ${label} is also wanted by “${claim.event}” at that time.`,
        because: [pieces],
        advice: 'Agree with the people of the other event who takes it.',
      };
    }
  },
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
});
