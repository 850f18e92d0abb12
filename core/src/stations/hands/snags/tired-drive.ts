import { numberOf, severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** Somebody who drives home after too long a day. */
export const tiredDrive = handsRule({
  rule: 'hands.tired-drive',
  reads: ({ own, people }) => ({ awake: own.awake, people }),
  *find({ awake, people }) {
    for (const [id, hours] of Object.entries(awake)) {
      const severity = severityOf(hours);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${people[id]?.name ?? id} would drive home after ${(numberOf(hours) ?? 0).toFixed(1)} h awake.`,
        because: [hours],
        advice: 'Let somebody else drive, let them come later or go earlier, or find them a bed near by.',
      };
    }
  },
});
