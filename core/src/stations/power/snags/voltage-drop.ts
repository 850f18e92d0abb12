import { numberOf, severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

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
    {
      label: 'Use a 2.5 mm² lead',
      changes: [
        {
          document: 'plan',
          patch: [{ op: 'add', path: `/links/${snag.subjects[0] ?? ''}/make`, value: 'mains-2.5' }],
        },
      ],
    },
  ],
});
