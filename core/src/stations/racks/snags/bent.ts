import { numberOf, severityOf } from '../../../foundations/index.js';
import { MAKE_WORDS } from '../../runs/makes.js';
import { isOfGlass } from '../bends.js';
import { racksRule } from '../result.js';

/** Leads that stay plugged in a rack with too little room behind a thing to turn. */
export const bent = racksRule({
  rule: 'racks.bent',
  reads: ({ own }) => ({ racks: own.racks }),
  *find({ racks }) {
    for (const [rackId, rack] of Object.entries(racks)) {
      for (const [id, { label, bend, bends, room }] of Object.entries(rack.items)) {
        if (!bend || !bends || severityOf(bend) === undefined) continue;
        // What does not go in at all has a snag of its own.
        if ((numberOf(room) ?? 0) < 0) continue;
        yield {
          severity: isOfGlass(bends) ? 'risk' : 'note',
          subjects: [id, rackId],
          title: `There is too little room behind ${label} in ${rack.label} for its lead to turn: ${MAKE_WORDS[bends]}.`,
          because: [bend],
          advice:
            'Use angled plugs or a thinner lead, and note what the plugs take then; or unplug it for travel.',
        };
      }
    }
  },
});
