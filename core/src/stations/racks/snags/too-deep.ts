import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RacksReads, RacksResult } from '../index.js';

/** Room behind an item for plugs and bends, m. */
const CLEARANCE = 0.05;

/** An item that, with its plugs, is deeper than the case. */
export const tooDeep: Rule<Seen<RacksReads, RacksResult>> = {
  rule: 'racks.too-deep',
  station: 'racks',
  find: ({ own, devices, kinds }) =>
    Object.entries(own.racks).flatMap(([rackId, rack]) => {
      const room = kinds.kinds[devices?.[rackId]?.kind ?? '']?.rackCase?.depth ?? Infinity;
      return Object.entries(rack.items).flatMap(([id, item]) => {
        const depth = kinds.kinds[devices?.[id]?.kind ?? '']?.rack?.depth ?? 0;
        if (item.unit === undefined || depth + CLEARANCE <= room) return [];
        return [
          {
            severity: 'stop' as const,
            subjects: [id, rackId],
            title: `${item.label} with its plugs is deeper than ${rack.label}.`,
            because: [`racks.racks.${rackId}.used`],
          },
        ];
      });
    }),
  fixes: snag => [
    {
      label: 'Carry it loose, outside the rails',
      changes: [
        {
          document: 'plan',
          patch: [{ op: 'remove', path: `/devices/${snag.subjects[0] ?? ''}/place/unit` }],
        },
      ],
    },
  ],
};
