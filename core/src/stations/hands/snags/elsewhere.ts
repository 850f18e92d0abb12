import { inOrder, severityOf } from '../../../foundations/index.js';
import { fixesInPlaceOf } from '../assign.js';
import { handsRule } from '../result.js';

const WORDS = {
  stop: 'live at the same time, and elsewhere',
  risk: 'at the same time',
  note: 'got ready or struck at the same time, at the same place',
} as const;

/** Somebody on a role who is on one of another event at the same time. */
export const elsewhere = handsRule({
  rule: 'hands.elsewhere',
  reads: ({ own, people }) => ({ elsewhere: own.elsewhere, onDuty: own.onDuty, people }),
  *find({ elsewhere: duties, onDuty, people }) {
    for (const [id, { person, event, live, beside }] of inOrder(duties)) {
      const at = live ?? beside;
      const severity = at && severityOf(at);
      if (!at || severity === undefined || !onDuty[person]) continue;
      const { name = person } = people[person] ?? {};
      yield {
        severity,
        subjects: [person, id],
        title: `${name} is down for ${event} too, which is ${WORDS[severity]}.`,
        because: [at],
        advice: 'Ask them which it is to be, and put somebody else on the other.',
      };
    }
  },
  fixes: ({ subjects: [id = ''] }, seen) => fixesInPlaceOf(seen, id),
});
