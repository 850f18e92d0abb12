import type { AirWay } from '../../../documents/index.js';
import { eachRackRule, type RackItem, type RackResult } from '../result.js';
import { common } from '../../in-rack/units.js';
import { airUnder } from './cooler.js';

/** What lies right at the top or bottom of a thing on the same rails; a fan unit is there for it, and a tray leaves air. */
function closeTo({ items }: RackResult, own: RackItem, side: 'top' | 'bottom'): RackItem | undefined {
  const { unit, units, rear, box } = own;
  if (unit === undefined || !box) return undefined;
  const next = side === 'top' ? unit + units : unit - 1;
  return Object.values(items).find(
    each =>
      each.unit !== undefined &&
      each.rear === rear &&
      each.unit <= next &&
      next < each.unit + each.units &&
      each.fitting !== 'fan unit' &&
      each.fitting !== 'tray' &&
      each.box !== undefined &&
      common(each.box.across, box.across) > 1e-6,
  );
}

const SIDES = ['bottom', 'top'] as const;
const WHERE = { bottom: 'right under it', top: 'right on top of it' } as const;

/** Where the vents of a thing are covered, and by what. */
function coveredBy(rack: RackResult, item: RackItem, air: AirWay): string | undefined {
  for (const side of SIDES) {
    const other = air.in === side || air.out === side ? closeTo(rack, item, side) : undefined;
    if (other)
      return `${air.in === side ? 'takes air in' : 'blows air out'} at its ${side}, and ${other.label} is ${WHERE[side]}`;
  }
  return undefined;
}

/** Vents at the top or bottom of a thing that the next one covers. */
export const ventsCovered = eachRackRule({
  rule: 'racks.vents-covered',
  reads: ({ kinds }) => ({ kinds: kinds.kinds }),
  *find(rackId, rack, { kinds }) {
    for (const [id, item] of Object.entries(rack.items)) {
      const air = kinds[item.kind]?.air;
      const covered = air && item.fitting !== 'fan unit' ? coveredBy(rack, item, air) : undefined;
      if (covered === undefined) continue;
      yield {
        severity: 'risk',
        subjects: [id, rackId],
        title: `${item.label} in ${rack.label} ${covered}.`,
        because: [item.watts, rack.spare],
        advice: 'Leave a unit of air there, with an open blank before it.',
      };
    }
  },
  fixes: ({ subjects: [id = '', rackId = ''] }, seen) => airUnder(rackId, id, seen),
});
