import { numberOf, severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A mains lead on which too much voltage is lost. */
export const voltageDrop = powerRule({
  rule: 'power.voltage-drop',
  reads: ({ own, runs }) => ({ drops: own.drops, runs: runs.runs }),
  *find({ drops, runs }) {
    for (const [id, { drop }] of Object.entries(drops)) {
      const severity = severityOf(drop);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${runs[id]?.label ?? 'A mains lead'} loses ${(numberOf(drop) ?? 0).toFixed(1)} % of the voltage.`,
        because: [drop],
        advice: 'Use a nearer socket or a thicker lead; unroll reels fully.',
      };
    }
  },
  fixes: snag => [
    fix('Use a 2.5 mm² lead', inPlan().put('links', snag.subjects[0] ?? '', 'make', 'mains-2.5')),
  ],
});
