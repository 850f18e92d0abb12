import { numberOf, severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** One person who strikes alone at night. */
export const strikeAlone = handsRule({
  rule: 'hands.strike-alone',
  reads: ({ own, people }) => ({ alone: own.alone, onDuty: own.onDuty, people }),
  *find({ alone, people, onDuty }) {
    const severity = alone && severityOf(alone);
    if (!alone || severity === undefined) return;
    const [id = ''] = Object.keys(onDuty);
    yield {
      severity,
      subjects: [id],
      title: `${people[id]?.name ?? 'One person'} strikes alone at night, until ${Math.ceil(numberOf(alone) ?? 0)} min after ten.`,
      because: [alone],
      advice: 'Have somebody stay, who sees to doors and lifts too; or say who is called when all is locked.',
    };
  },
});
