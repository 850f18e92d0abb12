import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';
import { changeForEvent } from '../venue-changes.js';

const NAMED = 3;

/** Values that a survey guessed and nobody has measured yet. */
export const guessed: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.guessed',
  station: 'ground',
  find: ({ own: { venue } }) => {
    const labels = inOrder(venue.guesses).map(([, { label }]) => label);
    if (labels.length === 0) return [];
    const more = labels.length > NAMED ? ` and ${labels.length - NAMED} more` : '';
    const first = labels.slice(0, NAMED).join(', ');
    return [
      {
        severity: 'note',
        subjects: [],
        title: `Guessed, not measured: ${first}${more}.`,
        because: [],
        advice: 'Measure them, or say that they are right.',
      },
    ];
  },
  fixes: (_, { own: { venue }, sharedVenue, venueChanges }) => [
    {
      label: 'They are right as they are',
      changes: [
        {
          document: 'plan',
          patch: changeForEvent(
            sharedVenue,
            venueChanges,
            inOrder(venue.guesses).map(([id]) => ({ op: 'remove', path: `/guesses/${id}` })),
          ),
        },
      ],
    },
  ],
};
