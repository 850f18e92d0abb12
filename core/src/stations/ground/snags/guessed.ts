import { inOrder } from '../../../foundations/index.js';
import { groundRule } from '../result.js';
import { changeForEvent } from '../venue-changes.js';
import { inVenue } from '../../../edits.js';

const NAMED = 3;

/** Values that a survey guessed and nobody has measured yet. */
export const guessed = groundRule({
  rule: 'ground.guessed',
  reads: ({ own }) => ({ guesses: own.venue.guesses }),
  *find({ guesses }) {
    const labels = inOrder(guesses).map(([, { label }]) => label);
    if (labels.length === 0) return;
    const more = labels.length > NAMED ? ` and ${labels.length - NAMED} more` : '';
    yield {
      severity: 'note',
      subjects: [],
      title: `Guessed, not measured: ${labels.slice(0, NAMED).join(', ')}${more}.`,
      because: [],
      advice: 'Measure them, or say that they are right.',
    };
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
            inVenue().each(inOrder(venue.guesses), (edit, [id]) => edit.drop('guesses', id)).patch,
          ),
        },
      ],
    },
  ],
});
