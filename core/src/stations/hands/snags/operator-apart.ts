import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { fixesByAssigning } from '../assign.js';
import { handsRule } from '../result.js';

/** One person on cameras that are more than a few steps apart. */
export const operatorApart = handsRule({
  rule: 'hands.operator-apart',
  reads: ({ own, people, devices, rules }) => ({
    shared: own.shared,
    people,
    devices,
    units: rules.units,
  }),
  *find({ shared, people, devices, units }) {
    for (const [person, { cameras, apart }] of Object.entries(shared)) {
      const severity = severityOf(apart);
      if (severity === undefined) continue;
      const labels = cameras.map(id => devices?.[id]?.label ?? id).join(' and ');
      const metres = inWords(numberOf(apart) ?? 0, 'm', units);
      yield {
        severity,
        subjects: [person, ...cameras],
        title: `${people[person]?.name ?? 'One person'} is to work ${labels}, ${metres} apart.`,
        because: [apart],
        advice:
          'Two cameras for one person stand within arm’s reach or a few steps; lock one off, or find somebody else.',
      };
    }
  },
  fixes: ({ subjects: [, ...cameras] }, seen) =>
    fixesByAssigning(
      seen,
      cameras.map(id => `camera ${id}`),
    ),
});
