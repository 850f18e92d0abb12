import { inOrder, numberOf, type Figure } from '../../../foundations/index.js';
import { takenBy } from '../call-time.js';
import { handsRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Minutes that the running order gives to rigging and checking. */
const givenBy = ({ rig, check }: { readonly rig: Figure; readonly check: Figure }): number =>
  (numberOf(rig) ?? 0) + (numberOf(check) ?? 0);

/** Rigging takes longer than the running order gives it. */
export const lateReady = handsRule({
  rule: 'hands.late-ready',
  reads: ({ own, brief }) => ({ rigging: takenBy(own), call: own.call, phases: brief.phases }),
  *find({ rigging, call, phases }) {
    const needed = numberOf(rigging);
    const given = givenBy(phases);
    if (needed === undefined || needed <= given) return;
    yield {
      severity: 'risk',
      subjects: [],
      title: `Rigging and checking need ${Math.ceil(needed)} min; the running order gives them ${given}.`,
      because: [rigging, call],
      advice: 'Give the rig phase more minutes under Brief, or put more people on it.',
    };
  },
  *fixes(_snag, { own, brief, runningOrder }) {
    const [id, item] = inOrder(runningOrder).find(([, each]) => each.phase === 'rig') ?? [];
    const short = Math.ceil((numberOf(takenBy(own)) ?? 0) - givenBy(brief.phases));
    if (id === undefined || !item) return;
    yield fix(
      `Give rigging ${short} min more`,
      inPlan().put('runningOrder', id, 'minutes', item.minutes + short),
    );
  },
});
