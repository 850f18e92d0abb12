import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** More than this is a heap to hide, m. */
const MOST_LEFT = 10;

/** A cable so much longer than its way that the rest lies about in coils. */
export const muchLeft: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.much-left',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.runs).flatMap(([id, run]) =>
      (numberOf(run.excess) ?? 0) > MOST_LEFT
        ? [
            {
              severity: 'note' as const,
              subjects: [id],
              title: `${run.label}: more than ${MOST_LEFT} m of ${String(run.cable.value)} are left over.`,
              because: [`runs.runs.${id}.excess`],
              advice:
                run.connector === 'mains'
                  ? 'Pick a shorter one. A mains reel is unrolled wholly, however short the way.'
                  : 'Pick a shorter one, or coil the rest in a figure of eight at the desk, never at a stand.',
            },
          ]
        : [],
    ),
};
