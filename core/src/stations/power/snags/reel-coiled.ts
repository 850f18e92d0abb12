import { fix, inPlan } from '../../../edits.js';
import { powerRule } from '../result.js';

/** A reel in use whose lead is still on it. */
export const reelCoiled = powerRule({
  rule: 'power.reel-coiled',
  reads: ({ own, signal }) => ({ strips: own.strips, wiring: signal.wiring }),
  *find({ strips, wiring }) {
    for (const [id, { amps, share }] of Object.entries(strips)) {
      const { label = 'A reel', coiled } = wiring.devices[id] ?? {};
      if (!coiled || wiring.kindOf(id)?.reel !== true || amps.value === 0) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `${label} is left on its reel: it grows hot.`,
        because: [amps, share],
        advice: 'Unroll it fully, and lay the rest in loose loops where nobody trips.',
      };
    }
  },
  fixes: snag => [fix('Unroll it fully', inPlan().drop('devices', snag.subjects[0] ?? '', 'coiled'))],
});
