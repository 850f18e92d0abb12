import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** A lead for which no way over the floor exists, or an end of which has no place. */
export const noRoute: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.no-route',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.runs).flatMap(([id, run]) =>
      run.crosses && run.onFloor.value === null
        ? [
            {
              severity: 'stop',
              subjects: [id],
              title: `${run.label}: ${run.onFloor.why ?? 'no route'}.`,
              because: [`runs.runs.${id}.onFloor`],
              advice: 'Give both ends a place on the plan that a lead can reach without crossing an exit.',
            },
          ]
        : [],
    ),
  fixes: snag => [
    {
      label: 'Unplug this lead',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/links/${snag.subjects[0] ?? ''}` }] }],
    },
  ],
};
