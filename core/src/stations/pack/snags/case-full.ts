import { listed, numberOf, severityOf } from '../../../foundations/index.js';
import { packRule } from '../result.js';

/** A case that holds more than it has room for, or carries. */
export const caseFull = packRule({
  rule: 'pack.case-full',
  reads: ({ own }) => ({ rooms: own.rooms }),
  *find({ rooms }) {
    for (const [id, { label, fill, loadLeft, guessed }] of Object.entries(rooms)) {
      const [full, heavy] = [severityOf(fill) !== undefined, severityOf(loadLeft) !== undefined];
      if (!full && !heavy) continue;
      const guesses = numberOf(guessed) ?? 0;
      const said = [
        ...(full ? ['has no room for all that is in it'] : []),
        ...(heavy ? ['carries less'] : []),
      ];
      yield {
        // A bag gives way, and what nobody has measured may be smaller than usual.
        severity: heavy ? 'stop' : 'risk',
        subjects: [id],
        title: `${label} ${listed(said)}${full && guesses > 0 ? ', by usual sizes' : ''}.`,
        because: [...(full ? [fill] : []), ...(heavy ? [loadLeft] : [])],
        advice:
          guesses > 0 && full
            ? 'Measure what is in it, or take something out.'
            : 'Take something out of it, or take a larger one.',
      };
    }
  },
});
