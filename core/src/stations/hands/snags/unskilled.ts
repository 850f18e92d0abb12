import { fixesByAssigning } from '../assign.js';
import { levelOf } from '../levels.js';
import { handsRule } from '../result.js';

/** A person on a role they have not been shown, without anybody there who can lead it. */
export const unskilled = handsRule({
  rule: 'hands.unskilled',
  reads: ({ own, people }) => ({ roles: own.roles, people }),
  *find({ roles, people }) {
    const onDuty = Object.values(roles).flatMap(({ person }) => person ?? []);
    for (const [key, { label, skill, person, besides, filled }] of Object.entries(roles)) {
      const whoever = people[person ?? ''];
      const level = levelOf(whoever, skill);
      if (besides !== undefined || !whoever || (level !== undefined && level !== 'learning')) continue;
      const isLed = onDuty.some(id => id !== person && levelOf(people[id], skill) === 'can lead');
      if (level === 'learning' && isLed) continue;
      yield {
        severity: 'risk',
        subjects: [key],
        title:
          level === 'learning'
            ? `${whoever.name} is learning ${label}, and nobody there can lead it.`
            : `${whoever.name} has not done ${label} before.`,
        because: [filled],
        advice: 'Put somebody beside them who can lead it, and rehearse.',
      };
    }
  },
  fixes: (snag, seen) => fixesByAssigning(seen, snag.subjects),
});
