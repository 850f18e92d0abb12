import { numberOf, severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** Somebody under 18 who is there after the house wants them to have left. */
export const youngLate = handsRule({
  rule: 'hands.young-late',
  reads: ({ own, people }) => ({ young: own.young, people }),
  *find({ young, people }) {
    for (const [id, { stays }] of Object.entries(young)) {
      const severity = stays && severityOf(stays);
      if (!stays || severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${people[id]?.name ?? id} is under 18, and would leave ${Math.ceil(numberOf(stays) ?? 0)} min after the house’s time.`,
        because: [stays],
        advice: 'Agree that they leave before the strike, and who takes them home; their guardian knows.',
      };
    }
  },
});
