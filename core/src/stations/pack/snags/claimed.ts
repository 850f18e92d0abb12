import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { PackReads, PackResult } from '../index.js';
import { swapItem } from '../swap.js';

/** An item that an overlapping event takes as well. */
export const claimed: Rule<Seen<PackReads, PackResult>> = {
  rule: 'pack.claimed',
  station: 'pack',
  find: ({ devices, claims, shelf }) =>
    inOrder(devices).flatMap(([id, device]) => {
      const claim = Object.values(claims.claims).find(each => each.item === device.item);
      if (!claim || device.item === undefined) return [];
      return [
        {
          severity: 'risk',
          subjects: [id],
          title: `${shelf.items[device.item]?.tape ?? 'An item'} for ${device.label} is also wanted by “${claim.event}” at that time.`,
          because: ['pack.pieces'],
          advice: 'Agree with the people of the other event who takes it.',
        },
      ];
    }),
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
};
