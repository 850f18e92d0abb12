import { numberOf, showText, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { assignFixes } from '../assign.js';
import type { HandsReads, HandsResult } from '../index.js';

/** Within so many steps somebody can look after several cameras, m. */
const STEPS = 2.5;

/** One person on cameras that are more than a few steps apart. */
export const operatorApart: Rule<Seen<HandsReads, HandsResult>> = {
  rule: 'hands.operator-apart',
  station: 'hands',
  find: ({ own, hands, devices, rules }) =>
    Object.entries(own.shared).flatMap(([person, { cameras, apart }]) => {
      const metres = numberOf(apart) ?? 0;
      if (metres <= STEPS) return [];
      const labels = cameras.map(id => devices?.[id]?.label ?? id).join(' and ');
      return [
        {
          severity: 'risk' as const,
          subjects: [person, ...cameras],
          title: `${hands.people[person]?.name ?? 'One person'} is to work ${labels}, ${showText(metres, 'm', { system: rules.units, zone: 'UTC' })} apart.`,
          because: [`hands.shared.${person}.apart`],
          advice:
            'Two cameras for one person stand within arm’s reach or a few steps; lock one off, or find somebody else.',
        },
      ];
    }),
  *fixes(snag, seen) {
    const taken = new Set(Object.values(seen.own.roles).flatMap(each => each.person ?? []));
    for (const camera of snag.subjects.slice(1)) {
      const role = seen.own.roles[`camera ${camera}`];
      if (role) yield* assignFixes(seen, role, taken);
    }
  },
};
