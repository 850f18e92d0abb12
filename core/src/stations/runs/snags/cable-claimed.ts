import { claimsByItem, isHad } from '../../claimed.js';
import { runsRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A cable accepted for a lead here that an overlapping event takes as well. */
export const cableClaimed = runsRule({
  rule: 'runs.cable-claimed',
  reads: ({ own, claims, shelf }) => ({ runs: own.runs, claims, items: shelf.items }),
  *find({ runs, claims, items }) {
    const claimed = claimsByItem(claims);
    if (claimed.size === 0) return;
    for (const [id, run] of Object.entries(runs)) {
      for (const item of run.items) {
        const claim = claimed.get(item);
        if (!claim || (!isHad(claim) && claims.own?.items[item])) continue;
        const tape = items[item]?.tape ?? 'A cable';
        yield {
          severity: isHad(claim) ? 'stop' : 'risk',
          subjects: [id, item],
          title: isHad(claim)
            ? `${tape} for ${run.label} is booked for “${claim.event}” at that time.`
            : `${tape} for ${run.label} is also taken by “${claim.event}” at that time.`,
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
