import { severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { otherSupports } from '../support.js';

/** A support that does not carry the camera on it. */
export const supportTooWeak = shotsRule({
  rule: 'shots.support-too-weak',
  reads: ({ own }) => ({ cameras: own.cameras }),
  *find({ cameras }) {
    for (const [id, { label, support }] of Object.entries(cameras)) {
      const severity = support && severityOf(support.strongEnough);
      if (!support || severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label} is too heavy for “${support.label}”: it may tip or slip.`,
        because: [support.strongEnough],
        advice: 'Use a support rated for camera, plate and clamps together, and weigh its feet down.',
      };
    }
  },
  fixes: (snag, seen) => otherSupports(seen, snag.subjects[0] ?? ''),
});
