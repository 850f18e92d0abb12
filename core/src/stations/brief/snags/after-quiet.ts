import { numberOf, severityOf } from '../../../foundations/index.js';
import { briefRule } from '../result.js';

/** The live part goes on after the venue wants quiet. */
export const afterQuiet = briefRule({
  rule: 'brief.after-quiet',
  reads: ({ own }) => ({ pastQuiet: own.pastQuiet }),
  *find({ pastQuiet }) {
    const severity = pastQuiet && severityOf(pastQuiet);
    if (!pastQuiet || severity === undefined) return;
    yield {
      severity,
      subjects: [],
      title: `The live part goes on for ${Math.ceil(numberOf(pastQuiet) ?? 0)} min after the venue wants quiet.`,
      because: [pastQuiet],
      advice: 'Begin earlier, shorten the running order, or agree on it with the venue and its neighbours.',
    };
  },
});
