import { numberOf, severityOf } from '../../../foundations/index.js';
import { racksRule, type RackResult } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** The unit spaces an item takes. */
const spaces = (unit: number, units: number): number[] => Array.from({ length: units }, (_, i) => unit + i);

function clash(rack: RackResult, id: string): boolean {
  const item = rack.items[id];
  if (item?.unit === undefined) return false;
  const own = spaces(item.unit, item.units);
  if (own.some(unit => unit < 1 || unit > (numberOf(rack.have) ?? 0))) return true;
  // Of two items in one space, the one with the later id is the snag.
  return Object.entries(rack.items).some(
    ([other, { unit, units, rear }]) =>
      other < id &&
      rear === item.rear &&
      unit !== undefined &&
      spaces(unit, units).some(space => own.includes(space)),
  );
}

/** Two items in one unit of the same rails, or too deep for both, or an item beyond the rails. */
export const overlap = racksRule({
  rule: 'racks.overlap',
  reads: ({ own }) => ({ racks: own.racks }),
  *find({ racks }) {
    for (const [rackId, rack] of Object.entries(racks)) {
      for (const [id, { label, rear, behind }] of Object.entries(rack.items)) {
        const severity = behind && severityOf(behind);
        // Of two that meet, the one on the rear rails is the snag.
        if (behind && severity !== undefined && rear) {
          yield {
            severity,
            subjects: [id, rackId],
            title: `${label} on the rear rails of ${rack.label} meets what is in front of it.`,
            because: [behind],
          };
          continue;
        }
        if (!clash(rack, id)) continue;
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `${label} has no free unit where it is put in ${rack.label}.`,
          because: [rack.used, rack.have],
        };
      }
    }
  },
  *fixes(snag, { own }) {
    const [id = '', rackId = ''] = snag.subjects;
    const rack = own.racks[rackId];
    for (let unit = 1; unit <= (numberOf(rack?.have) ?? 0); unit++) {
      yield fix(`Mount it at unit ${unit}`, inPlan().put('devices', id, 'place', 'unit', unit));
    }
    yield fix('Carry it loose, outside the rails', inPlan().drop('devices', id, 'place', 'unit'));
  },
});
