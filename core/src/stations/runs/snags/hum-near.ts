import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** A lead of sound may lie beside mains for this long, m. */
const TOLERATED = 1;

/** A lead of analogue sound that lies along a mains lead. */
export const humNear: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.hum-near',
  station: 'runs',
  find: ({ own }) =>
    Object.entries(own.beside).flatMap(([id, { mains, lead }]) =>
      (numberOf(mains) ?? 0) > TOLERATED
        ? [
            {
              severity: 'risk' as const,
              subjects: [id, lead],
              title: `${own.runs[id]?.label ?? 'A lead of sound'} lies along a mains lead: it may hum.`,
              because: [`runs.beside.${id}.mains`],
              advice: 'Keep them 0.3 m apart, or let them cross at a right angle.',
            },
          ]
        : [],
    ),
};
