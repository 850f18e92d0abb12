import { listed, severityOf } from '../../../foundations/index.js';
import { fixesInPlaceOf } from '../assign.js';
import { handsRule } from '../result.js';

/** Somebody on a role who says that they are away then, or would rather not. */
export const away = handsRule({
  rule: 'hands.away',
  reads: ({ own, people }) => ({ onDuty: own.onDuty, roles: own.roles, people }),
  *find({ onDuty, roles, people }) {
    for (const [id, { says }] of Object.entries(onDuty)) {
      const severity = severityOf(says);
      if (severity === undefined) continue;
      const { name = id } = people[id] ?? {};
      const labels = Object.values(roles).flatMap(({ person, besides, label }) =>
        person === id && besides === undefined ? [label] : [],
      );
      yield {
        severity,
        subjects: [id],
        title:
          severity === 'note'
            ? `${name}, who is down for ${listed(labels)}, would rather not come then.`
            : `${name}, who is down for ${listed(labels)}, is away then.`,
        because: [says],
        advice: 'Ask them, or put somebody else on it.',
      };
    }
  },
  fixes: ({ subjects: [id = ''] }, seen) => fixesInPlaceOf(seen, id),
});
