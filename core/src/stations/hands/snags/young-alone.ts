import { severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** Somebody under 18 without two adults beside them who are no family of theirs and of each other. */
export const youngAlone = handsRule({
  rule: 'hands.young-alone',
  reads: ({ own, people }) => ({ young: own.young, people }),
  *find({ young, people }) {
    for (const [id, { adults }] of Object.entries(young)) {
      const severity = severityOf(adults);
      if (severity === undefined) continue;
      const { name = id } = people[id] ?? {};
      yield {
        severity,
        subjects: [id],
        title:
          adults.value === 0
            ? `${name} is under 18, and no adult who is no family of theirs is on a role.`
            : `${name} is under 18, and the adults on roles are all of one family.`,
        because: [adults],
        advice: 'Two adults who are no family, of theirs and of each other; also in cars and at load-out.',
      };
    }
  },
});
