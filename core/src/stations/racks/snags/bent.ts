import { numberOf, severityOf } from '../../../foundations/index.js';
import { MAKE_WORDS } from '../../runs/makes.js';
import { isOfGlass } from '../bends.js';
import { eachRackRule } from '../result.js';

/** Leads that stay plugged in a rack with too little room behind a thing to turn. */
export const bent = eachRackRule({
  rule: 'racks.bent',
  reads: () => ({}),
  *find(rackId, rack) {
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
  },
});
