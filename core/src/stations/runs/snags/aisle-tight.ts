import { severityOf } from '../../../foundations/index.js';
import { runsRule } from '../result.js';

/** An aisle under ramps in which too little is left to pass in a wheelchair. */
export const aisleTight = runsRule({
  rule: 'runs.aisle-tight',
  reads: ({ own, ground }) => ({ passages: own.passages, areas: ground.venue.areas }),
  *find({ passages, areas }) {
    for (const [id, { left, wideEnough }] of Object.entries(passages)) {
      const severity = severityOf(wideEnough);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `“${areas?.[id]?.label ?? 'The aisle'}” leaves too little room to pass in a wheelchair.`,
        because: [left, wideEnough],
        advice: 'Move what stands in it, or lead the cables another way.',
      };
    }
  },
});
