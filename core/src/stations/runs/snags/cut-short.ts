import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** Cables that were accepted for a lead that has become longer. */
export const cutShort: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.cut-short',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.runs).flatMap(([id, run]) =>
      run.cutBy === 'accepted' && (numberOf(run.excess) ?? 0) < 0
        ? [
            {
              severity: 'stop' as const,
              subjects: [id],
              title: `${run.label}: ${String(run.cable.value)} is too short for it now.`,
              because: [`runs.runs.${id}.length`, `runs.runs.${id}.cableLength`],
              advice: 'Cut the leads from the stock again, or lead this one a shorter way.',
            },
          ]
        : [],
    ),
  *fixes(snag) {
    const id = snag.subjects[0] ?? '';
    yield {
      label: 'Choose its cable anew',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/links/${id}/cables` }] }],
    };
  },
};
