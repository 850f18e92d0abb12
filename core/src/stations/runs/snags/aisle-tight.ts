import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** An aisle under ramps in which too little is left to pass in a wheelchair. */
export const aisleTight: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.aisle-tight',
  station: 'runs',
  find: ({ own, ground }) =>
    Object.entries(own.passages).flatMap(([id, { wideEnough }]) =>
      wideEnough.value === false
        ? [
            {
              severity: 'stop' as const,
              subjects: [id],
              title: `“${ground.venue.areas?.[id]?.label ?? 'The aisle'}” leaves too little room to pass in a wheelchair.`,
              because: [`runs.passages.${id}.left`, `runs.passages.${id}.wideEnough`],
              advice: 'Move what stands in it, or lead the cables another way.',
            },
          ]
        : [],
    ),
};
