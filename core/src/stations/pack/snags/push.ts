import { numberOf, severityOf } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { MOST_PEOPLE } from '../lifting/teams.js';
import { packRule } from '../result.js';
import { caseInWords } from './lift.js';

/** A case on wheels that is harder to push along the way in than one should push. */
export const push = packRule({
  rule: 'pack.push',
  reads: ({ own, units }) => ({ cases: own.cases, units }),
  *find({ cases, units }) {
    for (const [id, each] of Object.entries(cases)) {
      if (!each.push || numberOf(each.pieces) === 0) continue;
      const { keep, start, keepShare, startShare } = each.push;
      const hard = severityOf(keepShare) ?? severityOf(startShare);
      if (hard === undefined) continue;
      const [share, force, when] = severityOf(keepShare)
        ? [keepShare, keep, 'to keep it rolling']
        : [startShare, start, 'to start it'];
      yield {
        severity: hard,
        subjects: [id],
        title: `${caseInWords(each, units)} takes ${Math.round(100 * (numberOf(share) ?? 0))} % of what one should push ${when}.`,
        because: [share, force, each.weight],
        advice: 'Two to push it, another way in, or split it; nobody takes it down a ramp alone.',
      };
    }
  },
  *fixes({ subjects: [id = ''] }, { own }) {
    for (let people = Math.max(own.cases[id]?.by ?? 1, 1) + 1; people <= MOST_PEOPLE; people++)
      yield fix(
        `${people === 2 ? 'Two' : 'Three'} people push it`,
        inPlan().put('devices', id, 'lifters', people),
        'people',
      );
  },
});
