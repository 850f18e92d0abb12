import { racksRule } from '../result.js';
import { plugDepth } from '../units.js';
import { fix, inPlan } from '../../../edits.js';

/** An item that, with its plugs, is deeper than the case. */
export const tooDeep = racksRule({
  rule: 'racks.too-deep',
  reads: ({ own, devices, kinds }) => ({ racks: own.racks, devices, kinds: kinds.kinds }),
  *find({ racks, devices, kinds }) {
    for (const [rackId, rack] of Object.entries(racks)) {
      const room = kinds[devices?.[rackId]?.kind ?? '']?.rackCase?.depth ?? Infinity;
      for (const [id, { unit, label }] of Object.entries(rack.items)) {
        const depth = kinds[devices?.[id]?.kind ?? '']?.rack?.depth ?? 0;
        if (unit === undefined || depth + plugDepth(kinds[devices?.[id]?.kind ?? '']) <= room) continue;
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `${label} with its plugs is deeper than ${rack.label}.`,
          because: [rack.used],
        };
      }
    }
  },
  fixes: snag => [
    fix(
      'Carry it loose, outside the rails',
      inPlan().drop('devices', snag.subjects[0] ?? '', 'place', 'unit'),
    ),
  ],
});
