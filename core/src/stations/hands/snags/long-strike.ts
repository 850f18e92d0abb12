import { inOrder, numberOf, type Figure } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { LEAST_PART } from '../tasks/durations.js';
import { handsRule, type HandsResult } from '../result.js';

/** By the schedule that somebody accepted, where it is whole; else the work shared evenly. */
const strikeTaken = ({ struck, striking }: Pick<HandsResult, 'struck' | 'striking'>): Figure =>
  struck && struck.ready.value !== null ? struck.takes : striking;

/** Even where all goes well, striking takes longer than the running order gives it; where that gives it any time. */
export const longStrike = handsRule({
  rule: 'hands.long-strike',
  reads: ({ own, brief }) => ({ striking: strikeTaken(own), planned: brief.phases.strike }),
  *find({ striking, planned }) {
    const [needed, given] = [numberOf(striking), numberOf(planned) ?? 0];
    if (needed === undefined || given === 0 || needed * LEAST_PART <= given) return;
    yield {
      severity: 'risk',
      subjects: [],
      title: `Striking usually takes ${Math.ceil(needed)} min; the running order gives it ${given}.`,
      because: [striking, planned],
      advice:
        'Give the strike more minutes under Brief, or have more people for it. Nobody strikes alone at night.',
    };
  },
  *fixes(_snag, { own, brief, runningOrder }) {
    const [id, item] = inOrder(runningOrder).find(([, each]) => each.phase === 'strike') ?? [];
    const short = Math.ceil((numberOf(strikeTaken(own)) ?? 0) - (numberOf(brief.phases.strike) ?? 0));
    if (id === undefined || !item) return;
    yield fix(
      `Give the strike ${short} min more`,
      inPlan().put('runningOrder', id, 'minutes', item.minutes + short),
    );
  },
});
