import { distance, inOrder } from '../../../foundations/index.js';
import { groundRule } from '../result.js';
import { changeForEvent } from '../venue-changes.js';
import { inVenue } from '../../../edits.js';

/** A reading this near to a mark tells the light at it, m. */
const NEAR = 1;

/** Marks at which nobody has measured the light: exposure there is not known. */
export const lightUnmeasured = groundRule({
  rule: 'ground.light-unmeasured',
  reads: ({ own }) => ({ venueMarks: own.venue.marks, marks: own.marks }),
  *find({ venueMarks, marks }) {
    const dark = inOrder(venueMarks).filter(([, { light }]) => light === undefined);
    if (dark.length === 0) return;
    yield {
      severity: 'note',
      subjects: dark.map(([id]) => id).slice(0, 1),
      title: `Light was not measured at ${dark.map(([, { label }]) => label).join(', ')}.`,
      because: dark.flatMap(([id]) => marks[id]?.light ?? []),
      advice:
        'Hold the meter upright at face height, its flat sensor towards the camera, lamps as on the day.',
    };
  },
  fixes(_, { own: { venue }, sharedVenue, venueChanges }) {
    const known = inOrder(venue.marks).flatMap(([id, mark]) => {
      const [near] = inOrder(venue.lightReadings)
        .map(([, { at, lux }]) => ({ lux, away: distance(at, mark.at) }))
        .filter(({ away }) => away <= NEAR)
        .sort((a, b) => a.away - b.away);
      return mark.light === undefined && near ? [{ id, label: mark.label, lux: near.lux }] : [];
    });
    if (known.length === 0) return [];
    const { patch } = inVenue().each(known, (edit, { id, lux }) => edit.put('marks', id, 'light', lux));
    return [
      {
        label: `Take the readings nearby: ${known.map(({ label, lux }) => `${label} ${lux} lx`).join(', ')}`,
        changes: [{ document: 'plan', patch: changeForEvent(sharedVenue, venueChanges, patch) }],
      },
    ];
  },
});
