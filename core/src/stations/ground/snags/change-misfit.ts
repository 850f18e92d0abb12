import { groundRule } from '../result.js';

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
  fixes: snag => [
    {
      label: 'Drop this change',
      changes: [
        { document: 'plan', patch: [{ op: 'remove', path: `/venueChanges/${snag.subjects[0] ?? ''}` }] },
      ],
    },
  ],
});
