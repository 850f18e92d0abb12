import { severityOf } from '../../../foundations/index.js';
import { fixesByAssigning } from '../assign.js';
import { handsRule } from '../result.js';

/** A role the design asks for, without a person. */
export const unfilled = handsRule({
  rule: 'hands.unfilled',
  reads: ({ own }) => ({ roles: own.roles }),
  *find({ roles }) {
    for (const [key, { label, filled }] of Object.entries(roles)) {
      const severity = severityOf(filled);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [key],
        title: `Nobody is down for ${label}.`,
        because: [filled],
        advice: 'Ask somebody, or change the design so that the role is not needed.',
      };
    }
  },
  fixes: (snag, seen) => fixesByAssigning(seen, snag.subjects),
});
