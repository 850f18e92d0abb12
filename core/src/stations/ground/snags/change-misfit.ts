import { groundRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A change made for this event whose place in the venue is gone. */
export const changeMisfit = groundRule({
  rule: 'ground.change-misfit',
  reads: ({ own, venueChanges }) => ({ misfits: own.misfits, venueChanges }),
  *find({ misfits, venueChanges }) {
    for (const id of misfits) {
      yield {
        severity: 'risk',
        subjects: [id],
        title: `This event’s change to ${venueChanges?.[id]?.path ?? 'the venue'} no longer fits the venue.`,
        because: [],
      };
    }
  },
  fixes: snag => [fix('Drop this change', inPlan().drop('venueChanges', snag.subjects[0] ?? ''))],
});
