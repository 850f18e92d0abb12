import { severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { movesOf } from '../words.js';

/** A camera in the line of sight of many who came to watch. */
export const disturbing = shotsRule({
  rule: 'shots.disturbing',
  reads: ({ own }) => ({ cameras: own.cameras }),
  *find({ cameras }) {
    for (const [id, { label, disturbance }] of Object.entries(cameras)) {
      const severity = severityOf(disturbance);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label} stands where many look past it at what happens.`,
        because: [disturbance],
        advice:
          'Stand it to the side, at the back or lower, or work it by remote; a solemn event weighs this more.',
      };
    }
  },
  fixes: (snag, seen) => movesOf(seen, snag.subjects[0]),
});
