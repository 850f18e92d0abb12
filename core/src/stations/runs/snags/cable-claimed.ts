import { inOrder } from '../../../foundations/index.js';
import { runsRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A cable accepted for a lead here that an overlapping event takes as well. */
export const cableClaimed = runsRule({
  rule: 'runs.cable-claimed',
  reads: ({ own, claims, shelf }) => ({ runs: own.runs, claims: claims.claims, items: shelf.items }),
  *find({ runs, claims, items }) {
    const claimed = new Map(inOrder(claims).map(([, { item, event }]) => [item, event]));
    if (claimed.size === 0) return;
    for (const [id, run] of Object.entries(runs)) {
      for (const item of run.items) {
        const event = claimed.get(item);
        if (event === undefined) continue;
        yield {
          severity: 'risk',
          subjects: [id, item],
          title: `${items[item]?.tape ?? 'A cable'} for ${run.label} is also taken by “${event}” at that time.`,
          because: [run.cable],
          advice: 'Agree who takes it, or cut the leads from the stock again, which leaves it to the other.',
        };
      }
    }
  },
  *fixes(snag) {
    const id = snag.subjects[0] ?? '';
    yield fix('Leave it to the other event', inPlan().drop('links', id, 'cables'));
  },
});
