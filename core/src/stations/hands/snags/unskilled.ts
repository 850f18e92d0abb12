import { fixesByAssigning } from '../assign.js';
import { handsRule } from '../result.js';

/** A person on a role they have not been shown. */
export const unskilled = handsRule({
  rule: 'hands.unskilled',
  reads: ({ own, hands }) => ({ roles: own.roles, people: hands.people }),
  *find({ roles, people }) {
    for (const [key, { label, skill, person, besides, filled }] of Object.entries(roles)) {
      const whoever = people[person ?? ''];
      if (
        besides !== undefined ||
        !whoever ||
        whoever.skills.some(each => each.skill === skill && each.level !== 'learning')
      )
        continue;
      yield {
        severity: 'risk',
        subjects: [key],
        title: `${whoever.name} has not done ${label} before.`,
        because: [filled],
        advice: 'Put somebody beside them who can lead it, and rehearse.',
      };
    }
  },
  fixes: (snag, seen) => fixesByAssigning(seen, snag.subjects),
});
