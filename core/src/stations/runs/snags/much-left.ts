import { inWords, severityOf } from '../../../foundations/index.js';
import { MUCH } from '../figures.js';
import { isMains } from '../makes.js';
import { runsRule } from '../result.js';

/** A cable so much longer than its way that the rest lies about in coils. */
export const muchLeft = runsRule({
  rule: 'runs.much-left',
  reads: ({ own, rules }) => ({ runs: own.runs, units: rules.units }),
  *find({ runs, units }) {
    for (const [id, { label, excess, cable, make }] of Object.entries(runs)) {
      const severity = severityOf(excess);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label}: more than ${inWords(MUCH, 'm', units)} of ${String(cable.value)} are left over.`,
        because: [excess],
        advice: isMains(make)
          ? 'Pick a shorter one. A mains reel is unrolled wholly, however short the way.'
          : 'Pick a shorter one, or coil the rest in a figure of eight at the desk, never at a stand.',
      };
    }
  },
});
