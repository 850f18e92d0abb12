import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { PackReads, PackResult } from '../index.js';
import { swapItem } from '../swap.js';

/** An item set aside that is out, in repair or retired, is another kind of thing, or is used twice. */
export const itemUnfit: Rule<Seen<PackReads, PackResult>> = {
  rule: 'pack.item-unfit',
  station: 'pack',
  find: ({ devices, shelf }) => {
    const seen = new Set<string>();
    return inOrder(devices).flatMap(([id, device]) => {
      const item = device.item === undefined ? undefined : shelf.items[device.item];
      if (!item || device.item === undefined) return [];
      const again = seen.has(device.item);
      seen.add(device.item);
      const trouble =
        item.state !== 'ready'
          ? `is ${item.state}`
          : item.kind !== device.kind
            ? 'is another kind of thing'
            : again
              ? 'is set aside twice'
              : undefined;
      if (!trouble) return [];
      return [
        {
          severity: 'stop' as const,
          subjects: [id],
          title: `${item.tape} for ${device.label} ${trouble}.`,
          because: ['pack.missing'],
          advice: 'Set another item aside for it.',
        },
      ];
    });
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    yield* swapItem(seen, id);
    yield {
      label: 'Set nothing aside for now',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/devices/${id}/item` }] }],
    };
  },
};
