import { severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** Somebody under 18 who comes with one adult who is no family. */
export const youngRide = handsRule({
  rule: 'hands.young-ride',
  reads: ({ own, people }) => ({ young: own.young, people }),
  *find({ young, people }) {
    for (const [id, { ride }] of Object.entries(young)) {
      const severity = ride && severityOf(ride);
      if (!ride || severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${people[id]?.name ?? id} is under 18, and comes with one adult who is no family.`,
        because: [ride],
        advice:
          'In a car too two adults are with them who are no family of each other; or their guardian brings them.',
      };
    }
  },
});
