import { inOrder } from '../../../foundations/index.js';
import { dayRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A tick whose check is no longer asked for: the design changed after somebody ticked it. */
export const orphanTick = dayRule({
  rule: 'day.orphan-tick',
  reads: ({ own, ticks }) => ({ checks: own.checks, done: own.done, ticks }),
  *find({ checks, done, ticks }) {
    for (const [id, { by, check }] of inOrder(ticks)) {
      if (Object.hasOwn(checks, check)) continue;
      yield {
        severity: 'note',
        subjects: [id],
        title: `${by} ticked something that the plan no longer asks for: look what replaced it.`,
        because: [done],
      };
    }
  },
  fixes: snag => [fix('Remove that tick', inPlan().drop('ticks', snag.subjects[0] ?? ''))],
});
