import { dayIn, inOrder } from '../../../foundations/index.js';
import { keptBackFrom } from '../../ready.js';
import { packRule } from '../result.js';
import { swapItem } from '../swap.js';
import { fix, inPlan } from '../../../edits.js';

/** An item set aside that cannot be taken along, is another kind of thing, or is used twice. */
export const itemUnfit = packRule({
  rule: 'pack.item-unfit',
  reads: ({ own, devices, shelf, start, zone }) => ({
    ...{ missing: own.missing, devices, items: shelf.items, start, zone },
  }),
  *find({ missing, devices, items, start, zone }) {
    const met = new Set<string>();
    for (const [id, { item = '', kind, label }] of inOrder(devices)) {
      const own = items[item];
      if (!own) continue;
      const again = met.has(item);
      met.add(item);
      const trouble =
        keptBackFrom(own, dayIn(zone, String(start.value))) ??
        (own.kind !== kind ? 'is another kind of thing' : again ? 'is set aside twice' : undefined);
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
