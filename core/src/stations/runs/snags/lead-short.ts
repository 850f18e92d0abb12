import { numberOf } from '../../../foundations/index.js';
import { runsRule } from '../result.js';

/** A lead that one end brings along does not reach the other. */
export const leadShort = runsRule({
  rule: 'runs.lead-short',
  reads: ({ own }) => ({ runs: own.runs }),
  *find({ runs }) {
    for (const [id, { label, ownLead, excess, length, cableLength }] of Object.entries(runs)) {
      if (!ownLead || (numberOf(excess) ?? 0) >= 0) continue;
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${label}: its own lead does not reach.`,
        because: [length, cableLength],
        advice: 'Bring the two nearer, or put a joiner between and a cable behind it.',
      };
    }
  },
});
