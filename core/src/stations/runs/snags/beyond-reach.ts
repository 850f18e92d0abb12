import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { otherMakes } from '../other-makes.js';
import type { RunsReads, RunsResult } from '../index.js';

/** A lead longer than its make of cable carries: a risk up to the stretched limit, a stop beyond it. */
export const beyondReach: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.beyond-reach',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.runs).flatMap(([id, run]) => {
      if (typeof run.reach.value !== 'string' || run.reach.value === 'within') return [];
      return [
        {
          severity: run.reach.value === 'beyond any rule' ? 'stop' : 'risk',
          subjects: [id],
          title: `${run.label}: the ${run.makeWords} cable is longer than ${
            run.reach.value === 'beyond any rule' ? 'any rule allows' : 'the house rule allows'
          }.`,
          because: [`runs.runs.${id}.cableLength`, `runs.runs.${id}.limit`, `runs.runs.${id}.reach`],
          advice: 'Move the camera or the desk nearer, or test this lead at this length before the day.',
        },
      ];
    }),
  fixes: (snag, seen) => otherMakes(seen, snag.subjects[0] ?? ''),
};
