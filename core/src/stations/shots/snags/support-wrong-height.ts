import { inWords, severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { otherSupports } from '../support.js';
import { fix, inPlan } from '../../../edits.js';

/** A lens planned higher or lower than its support goes. */
export const supportWrongHeight = shotsRule({
  rule: 'shots.support-wrong-height',
  reads: ({ own }) => ({ cameras: own.cameras }),
  *find({ cameras }) {
    for (const [id, { label, support }] of Object.entries(cameras)) {
      const severity = support && severityOf(support.tallEnough);
      if (!support || severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `“${support.label}” does not hold ${label} at the height planned.`,
        because: [support.tallEnough],
        advice: 'Choose another support, or a height that it reaches.',
      };
    }
  },
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    const device = seen.devices?.[id];
    const support = seen.kinds.kinds[device?.support ?? '']?.support;
    yield* otherSupports(seen, id);
    if (!device || !support) return;
    const value = Math.min(support.high, Math.max(support.low, device.place?.height ?? support.low));
    yield fix(
      `Put the lens of ${device.label} at ${inWords(value, 'm', seen.rules.units)}`,
      inPlan().put('devices', id, 'place', 'height', value),
    );
  },
});
