import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { assignFixes } from '../assign.js';
import type { HandsReads, HandsResult } from '../index.js';

/** A role the design asks for, without a person. */
export const unfilled: Rule<Seen<HandsReads, HandsResult>> = {
  rule: 'hands.unfilled',
  station: 'hands',
  find: ({ own }) =>
    Object.entries(own.roles).flatMap(([key, role]) =>
      role.filled.value === false
        ? [
            {
              severity: 'risk',
              subjects: [key],
              title: `Nobody is down for ${role.label}.`,
              because: [`hands.roles.${key}.filled`],
              advice: 'Ask somebody, or change the design so that the role is not needed.',
            },
          ]
        : [],
    ),
  *fixes(snag, seen) {
    const role = seen.own.roles[snag.subjects[0] ?? ''];
    const taken = new Set(Object.values(seen.own.roles).flatMap(each => each.person ?? []));
    if (role) yield* assignFixes(seen, role, taken);
  },
};
