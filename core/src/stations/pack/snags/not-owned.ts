import { inOrder } from '../../../foundations/index.js';
import { packRule } from '../result.js';
import { swapItem } from '../swap.js';

/** A device in the design with nothing on the shelf set aside for it. */
export const notOwned = packRule({
  rule: 'pack.not-owned',
  reads: ({ own, devices }) => ({ lines: own.lines, missing: own.missing, devices }),
  *find({ lines, missing, devices }) {
    for (const [id, device] of inOrder(devices)) {
      const line = lines[id];
      if (!line || line.item !== undefined) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `Nothing on the shelf is set aside for ${device.label} (${line.label}).`,
        because: [missing],
        advice: 'Borrow, hire or buy one, enter it on the shelf and set it aside here.',
      };
    }
  },
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
});
