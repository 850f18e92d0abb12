import { severityOf } from '../../../foundations/index.js';
import { runsRule } from '../result.js';

/** A lead of analogue sound that lies along a mains lead. */
export const humNear = runsRule({
  rule: 'runs.hum-near',
  reads: ({ own }) => ({ beside: own.beside, runs: own.runs }),
  *find({ beside, runs }) {
    for (const [id, { mains, lead }] of Object.entries(beside)) {
      const severity = severityOf(mains);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id, lead],
        title: `${runs[id]?.label ?? 'A lead of sound'} lies along a mains lead: it may hum.`,
        because: [mains],
        advice: 'Keep them 0.3 m apart, or let them cross at a right angle.',
      };
    }
  },
});
