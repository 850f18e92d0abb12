import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { otherMakes } from '../other-makes.js';
import type { RunsReads, RunsResult } from '../index.js';

/** A lead for which no owned cable is long enough. */
export const noCable: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.no-cable',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.runs).flatMap(([id, run]) => {
      const length = numberOf(run.length);
      // Beyond its reach a longer cable would not help: that is another snag.
      const tooFar = run.reach.value !== null && run.reach.value !== 'within';
      if (run.item !== undefined || run.ownLead || length === undefined || tooFar) return [];
      return [
        {
          severity: 'stop',
          subjects: [id],
          title: `${run.label}: no ${run.makeWords} cable long enough is left on the shelf.`,
          because: [`runs.runs.${id}.length`, `runs.runs.${id}.cable`],
          advice: 'Borrow, hire or buy one: it stands on the pack list as wanted.',
        },
      ];
    }),
  fixes: (snag, seen) => otherMakes(seen, snag.subjects[0] ?? ''),
};
