import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** A lead that one end brings along does not reach the other. */
export const leadShort: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.lead-short',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.runs).flatMap(([id, run]) =>
      run.ownLead && (numberOf(run.excess) ?? 0) < 0
        ? [
            {
              severity: 'stop' as const,
              subjects: [id],
              title: `${run.label}: its own lead does not reach.`,
              because: [`runs.runs.${id}.length`, `runs.runs.${id}.cableLength`],
              advice: 'Bring the two nearer, or put a joiner between and a cable behind it.',
            },
          ]
        : [],
    ),
};
