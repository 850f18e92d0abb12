import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { assignFixes } from '../assign.js';
import type { HandsReads, HandsResult } from '../index.js';

/** A person on a role they have not been shown. */
export const unskilled: Rule<Seen<HandsReads, HandsResult>> = {
  rule: 'hands.unskilled',
  station: 'hands',
  find: ({ own, hands }) =>
    Object.entries(own.roles).flatMap(([key, role]) => {
      const person = role.person === undefined ? undefined : hands.people[role.person];
      if (!person || person.skills.some(skill => skill.skill === role.skill && skill.level !== 'learning'))
        return [];
      return [
        {
          severity: 'risk',
          subjects: [key],
          title: `${person.name} has not done ${role.label} before.`,
          because: [`hands.roles.${key}.filled`],
          advice: 'Put somebody beside them who can lead it, and rehearse.',
        },
      ];
    }),
  *fixes(snag, seen) {
    const role = seen.own.roles[snag.subjects[0] ?? ''];
    const taken = new Set(Object.values(seen.own.roles).flatMap(each => each.person ?? []));
    if (role) yield* assignFixes(seen, role, taken);
  },
};
