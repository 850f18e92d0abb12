import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** A cable accepted for a lead here that an overlapping event takes as well. */
export const cableClaimed: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.cable-claimed',
  station: 'runs',
  find: ({ own, claims, shelf }) => {
    const claimed = new Map(inOrder(claims.claims).map(([, { item, event }]) => [item, event]));
    if (claimed.size === 0) return [];
    return Object.entries(own.runs).flatMap(([id, run]) =>
      run.items.flatMap(item => {
        const event = claimed.get(item);
        if (event === undefined) return [];
        return [
          {
            severity: 'risk' as const,
            subjects: [id, item],
            title: `${shelf.items[item]?.tape ?? 'A cable'} for ${run.label} is also taken by “${event}” at that time.`,
            because: [`runs.runs.${id}.cable`],
            advice:
              'Agree who takes it, or cut the leads from the stock again, which leaves it to the other.',
          },
        ];
      }),
    );
  },
  *fixes(snag) {
    const id = snag.subjects[0] ?? '';
    yield {
      label: 'Leave it to the other event',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/links/${id}/cables` }] }],
    };
  },
};
