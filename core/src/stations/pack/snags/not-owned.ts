import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { PackReads, PackResult } from '../index.js';
import { swapItem } from '../swap.js';

/** A device in the design with nothing on the shelf set aside for it. */
export const notOwned: Rule<Seen<PackReads, PackResult>> = {
  rule: 'pack.not-owned',
  station: 'pack',
  find: ({ own, devices }) =>
    inOrder(devices).flatMap(([id, device]) => {
      const line = own.lines[id];
      if (!line || line.item !== undefined) return [];
      return [
        {
          severity: 'risk',
          subjects: [id],
          title: `Nothing on the shelf is set aside for ${device.label} (${line.label}).`,
          because: ['pack.missing'],
          advice: 'Borrow, hire or buy one, enter it on the shelf and set it aside here.',
        },
      ];
    }),
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
};
