import { numberOf, severityOf } from '../../../foundations/index.js';
import { eachRackRule, type RackItem, type RackResult } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Whether a thing is put where the rails do not reach. */
const beyond = ({ have }: RackResult, { unit, units }: RackItem): boolean =>
  unit !== undefined && (unit < 1 || unit + units - 1 > (numberOf(have) ?? 0));

/** Two items in one place on the same rails, or too deep for both, or an item beyond the rails. */
export const overlap = eachRackRule({
  rule: 'racks.overlap',
  reads: () => ({}),
  *find(rackId, rack) {
    for (const [id, item] of Object.entries(rack.items)) {
      const { label, rear, behind, shared } = item;
      if (rear && behind && severityOf(behind) !== undefined) {
        // Of two that meet, the one on the rear rails is the snag.
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `${label} on the rear rails of ${rack.label} meets what is in front of it.`,
          because: [behind],
        };
      } else if (beyond(rack, item) || (shared && severityOf(shared) !== undefined)) {
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `${label} has no free unit where it is put in ${rack.label}.`,
          because: [...(shared ? [shared] : []), rack.used, rack.have],
        };
      }
    }
  },
  *fixes(snag, { own }) {
    const [id = '', rackId = ''] = snag.subjects;
    const rack = own.racks[rackId];
    if (rack?.items[id]?.narrow) {
      for (const across of ['right', 'middle', 'left'] as const)
        yield fix(
          `Mount it beside, at the ${across}`,
          inPlan().put('devices', id, 'place', 'across', across),
        );
    }
    for (let unit = 1; unit <= (numberOf(rack?.have) ?? 0); unit++) {
      yield fix(`Mount it at unit ${unit}`, inPlan().put('devices', id, 'place', 'unit', unit));
    }
    yield fix('Carry it loose, outside the rails', inPlan().drop('devices', id, 'place', 'unit'));
  },
});
