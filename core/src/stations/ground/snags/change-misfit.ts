import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';

/** A change made for this event whose place in the venue is gone. */
export const changeMisfit: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.change-misfit',
  station: 'ground',
  find: ({ own, venueChanges }) =>
    own.misfits.map(id => ({
      severity: 'risk',
      subjects: [id],
      title: `This event’s change to ${venueChanges?.[id]?.path ?? 'the venue'} no longer fits the venue.`,
      because: [],
    })),
  fixes: snag => [
    {
      label: 'Drop this change',
      changes: [
        { document: 'plan', patch: [{ op: 'remove', path: `/venueChanges/${snag.subjects[0] ?? ''}` }] },
      ],
    },
  ],
};
