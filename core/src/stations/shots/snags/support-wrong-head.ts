import { severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { otherSupports } from '../support.js';
import { fix, inPlan } from '../../../edits.js';

/** A camera worked by hand on a head that does not move smoothly. */
export const supportWrongHead = shotsRule({
  rule: 'shots.support-wrong-head',
  reads: ({ own }) => ({ cameras: own.cameras }),
  *find({ cameras }) {
    for (const [id, { label, support }] of Object.entries(cameras)) {
      const severity = support && severityOf(support.rightHead);
      if (!support || severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label} is worked by hand on “${support.label}”, which has no fluid head: moves will jerk on air.`,
        because: [support.rightHead],
        advice: 'Use a fluid head, or lock the camera off.',
      };
    }
  },
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    yield* otherSupports(seen, id);
    yield fix(
      `Lock ${seen.devices?.[id]?.label ?? 'it'} off`,
      inPlan().put('devices', id, 'worked', 'locked'),
    );
  },
});
