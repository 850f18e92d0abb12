import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RackResult, RacksReads, RacksResult } from '../index.js';

/** The unit spaces an item takes. */
const spaces = (unit: number, units: number): number[] => Array.from({ length: units }, (_, i) => unit + i);

function clash(rack: RackResult, id: string): boolean {
  const item = rack.items[id];
  if (item?.unit === undefined) return false;
  const own = spaces(item.unit, item.units);
  if (own.some(unit => unit < 1 || unit > (numberOf(rack.have) ?? 0))) return true;
  // Of two items in one space, the one with the later id is the snag.
  return Object.entries(rack.items).some(
    ([other, { unit, units }]) =>
      other < id && unit !== undefined && spaces(unit, units).some(space => own.includes(space)),
  );
}

/** Two items in one unit, or an item beyond the rails. */
export const overlap: Rule<Seen<RacksReads, RacksResult>> = {
  rule: 'racks.overlap',
  station: 'racks',
  find: ({ own }) =>
    Object.entries(own.racks).flatMap(([rackId, rack]) =>
      Object.keys(rack.items).flatMap(id =>
        clash(rack, id)
          ? [
              {
                severity: 'stop' as const,
                subjects: [id, rackId],
                title: `${rack.items[id]?.label ?? 'An item'} has no free unit where it is put in ${rack.label}.`,
                because: [`racks.racks.${rackId}.used`, `racks.racks.${rackId}.have`],
              },
            ]
          : [],
      ),
    ),
  *fixes(snag, { own }) {
    const [id = '', rackId = ''] = snag.subjects;
    const rack = own.racks[rackId];
    for (let unit = 1; unit <= (numberOf(rack?.have) ?? 0); unit++) {
      yield {
        label: `Mount it at unit ${unit}`,
        changes: [
          { document: 'plan', patch: [{ op: 'add', path: `/devices/${id}/place/unit`, value: unit }] },
        ],
      };
    }
    yield {
      label: 'Carry it loose, outside the rails',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/devices/${id}/place/unit` }] }],
    };
  },
};
