import { numberOf } from '../../../foundations/index.js';
import { runsRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Cables that were accepted for a lead that has become longer. */
export const cutShort = runsRule({
  rule: 'runs.cut-short',
  reads: ({ own }) => ({ runs: own.runs }),
  *find({ runs }) {
    for (const [id, { label, cutBy, excess, cable, length, cableLength }] of Object.entries(runs)) {
      if (cutBy !== 'accepted' || (numberOf(excess) ?? 0) >= 0) continue;
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${label}: ${String(cable.value)} is too short for it now.`,
        because: [length, cableLength],
        advice: 'Cut the leads from the stock again, or lead this one a shorter way.',
      };
    }
  },
  *fixes(snag) {
    const id = snag.subjects[0] ?? '';
    yield fix('Choose its cable anew', inPlan().drop('links', id, 'cables'));
  },
});
