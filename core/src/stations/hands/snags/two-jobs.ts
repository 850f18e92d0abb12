import { listed, severityOf } from '../../../foundations/index.js';
import { fixesByAssigning } from '../assign.js';
import { handsRule } from '../result.js';

/** One person with something that takes both hands all the time, and something else besides. */
export const twoJobs = handsRule({
  rule: 'hands.two-jobs',
  reads: ({ own, people }) => ({ workload: own.workload, people }),
  *find({ workload, people }) {
    for (const [person, { atOnce }] of Object.entries(workload)) {
      const severity = severityOf(atOnce);
      if (severity === undefined) continue;
      const names = atOnce.working.terms.map(({ from }) => ('source' in from ? from.source : ''));
      yield {
        severity,
        subjects: [person],
        title: `${people[person]?.name ?? 'One person'} needs both hands for ${names[0] ?? ''}, and is down for ${listed(names.slice(1))} too.`,
        because: [atOnce],
        advice: 'Give one of them to somebody else.',
      };
    }
  },
  fixes: ({ subjects: [person = ''] }, seen) =>
    fixesByAssigning(seen, seen.own.workload[person]?.roles ?? []),
});
