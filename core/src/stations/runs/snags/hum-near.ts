import { inWords, severityOf } from '../../../foundations/index.js';
import { APART } from '../floor-work.js';
import { runsRule } from '../result.js';

/** A lead of analogue sound that lies along a mains lead. */
export const humNear = runsRule({
  rule: 'runs.hum-near',
  reads: ({ own, rules }) => ({ beside: own.beside, runs: own.runs, units: rules.units }),
  *find({ beside, runs, units }) {
    for (const [id, { mains, lead }] of Object.entries(beside)) {
      const severity = severityOf(mains);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id, lead],
        title: `${runs[id]?.label ?? 'A lead of sound'} lies along a mains lead: it may hum.`,
        because: [mains],
        advice: `Keep them ${inWords(APART, 'm', units)} apart, or let them cross at a right angle.`,
      };
    }
  },
});
