import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { otherMakes } from '../other-makes.js';
import type { RunsReads, RunsResult } from '../index.js';
import { reachIsGood } from '../reach.js';

const WORDS: Readonly<Record<string, string>> = {
  'beyond the house rule': 'cable is longer than the house rule allows',
  'beyond any rule': 'cable is longer than any rule allows',
  'failed when tested': 'cable failed at this length when it was tested',
};

/** A lead longer than its make of cable carries: a risk up to the stretched limit, a stop beyond it. */
export const beyondReach: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.beyond-reach',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.runs).flatMap(([id, run]) => {
      if (reachIsGood(run.reach)) return [];
      const verdict = String(run.reach.value);
      return [
        {
          severity: verdict === 'beyond the house rule' ? 'risk' : 'stop',
          subjects: [id],
          title: `${run.label}: the ${run.makeWords} ${WORDS[verdict] ?? verdict}.`,
          because: [`runs.runs.${id}.cableLength`, `runs.runs.${id}.limit`, `runs.runs.${id}.reach`],
          advice:
            'See the ways out beside the lead, or test it at this length before the day and note what it carried.',
        },
      ];
    }),
  fixes: (snag, { own, links }) => otherMakes(own.runs, links, snag.subjects[0] ?? ''),
};
