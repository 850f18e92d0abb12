import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { otherMakes } from '../other-makes.js';
import type { RunsReads, RunsResult } from '../index.js';
import { reachIsGood } from '../reach.js';

/** A lead for which no owned cable is long enough. */
export const noCable: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.no-cable',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.runs).flatMap(([id, run]) => {
      // Beyond its reach a longer cable would not help: that is another snag.
      if (
        run.items.length > 0 ||
        run.ownLead ||
        numberOf(run.length) === undefined ||
        !reachIsGood(run.reach)
      )
        return [];
      const sold = numberOf(run.wanted);
      return [
        {
          severity: 'stop',
          subjects: [id],
          title: `${run.label}: no ${run.makeWords} cable long enough is left on the shelf.`,
          because: [`runs.runs.${id}.length`, `runs.runs.${id}.cable`],
          advice:
            sold === undefined
              ? 'No length that is sold is long enough: lead it another way.'
              : `Cut the leads from the stock, which may join cables; or borrow, hire or buy one of ${sold} m: it stands on the pack list as wanted.`,
        },
      ];
    }),
  fixes: (snag, { own, links }) => otherMakes(own.runs, links, snag.subjects[0] ?? ''),
};
