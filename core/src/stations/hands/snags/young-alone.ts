import { severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** Somebody under 18 without two adults beside them who are no family of theirs and of each other. */
export const youngAlone = handsRule({
  rule: 'hands.young-alone',
  reads: ({ own, people, rules }) => ({ young: own.young, people, vetted: rules.crew?.vetted }),
  *find({ young, people, vetted = false }) {
    const who = vetted ? 'vetted adults' : 'adults';
    for (const [id, { adults }] of Object.entries(young)) {
      const severity = severityOf(adults);
      if (severity === undefined) continue;
      const { name = id } = people[id] ?? {};
      yield {
        severity,
        subjects: [id],
        title: `${name} is under 18, and no two ${who} are on roles who are no family, of theirs and of each other.`,
        because: [adults],
        advice: 'Put another one on a role; two are beside them in cars and at load-out too.',
      };
    }
  },
});
