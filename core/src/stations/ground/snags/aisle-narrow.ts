import { severityOf } from '../../../foundations/index.js';
import { groundRule } from '../result.js';

/** An aisle narrower than the rule; only the people responsible for the venue can settle it. */
export const aisleNarrow = groundRule({
  rule: 'ground.aisle-narrow',
  reads: ({ own }) => ({ aisles: own.aisles, areas: own.venue.areas }),
  *find({ aisles, areas }) {
    for (const [id, { width, wideEnough }] of Object.entries(aisles)) {
      const severity = severityOf(wideEnough);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `“${areas?.[id]?.label ?? 'The aisle'}” is narrower than the rule for clear aisles.`,
        because: [width, wideEnough],
        advice: 'Ask the venue: its fire plan and local code decide how wide it must stay.',
      };
    }
  },
});
