import { inOrder } from '../../../foundations/index.js';
import { packRule } from '../result.js';
import { swapItem } from '../swap.js';
import { fix, inPlan } from '../../../edits.js';

/** An item set aside that is out, in repair or retired, is another kind of thing, or is used twice. */
export const itemUnfit = packRule({
  rule: 'pack.item-unfit',
  reads: ({ own, devices, shelf }) => ({ missing: own.missing, devices, items: shelf.items }),
  *find({ missing, devices, items }) {
    const met = new Set<string>();
    for (const [id, { item = '', kind, label }] of inOrder(devices)) {
      const own = items[item];
      if (!own) continue;
      const again = met.has(item);
      met.add(item);
      const trouble =
        own.state !== 'ready'
          ? `is ${own.state}`
          : own.kind !== kind
            ? 'is another kind of thing'
            : again
              ? 'is set aside twice'
              : undefined;
      if (!trouble) continue;
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${own.tape} for ${label} ${trouble}.`,
        because: [missing],
        advice: 'Set another item aside for it.',
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    yield* swapItem(seen, id);
    yield fix('Set nothing aside for now', inPlan().drop('devices', id, 'item'));
  },
});
