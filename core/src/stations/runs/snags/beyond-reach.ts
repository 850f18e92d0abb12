import { otherMakes } from '../other-makes.js';
import { putBeside } from '../put-beside.js';
import { runsRule } from '../result.js';
import { reachIsGood } from '../reach.js';

const WORDS: Readonly<Record<string, string>> = {
  'beyond the house rule': 'cable is longer than the house rule allows',
  'beyond any rule': 'cable is longer than any rule allows',
  'failed when tested': 'cable failed at this length when it was tested',
};

/** A lead longer than its make of cable carries: a risk up to the stretched limit, a stop beyond it. */
export const beyondReach = runsRule({
  rule: 'runs.beyond-reach',
  reads: ({ own }) => ({ runs: own.runs }),
  *find({ runs }) {
    for (const [id, { label, makeWords, cableLength, limit, reach }] of Object.entries(runs)) {
      if (reachIsGood(reach)) continue;
      const verdict = String(reach.value);
      yield {
        severity: verdict === 'beyond the house rule' ? 'risk' : 'stop',
        subjects: [id],
        title: `${label}: the ${makeWords} ${WORDS[verdict] ?? verdict}.`,
        because: [cableLength, limit, reach],
        advice:
          'See the ways out beside the lead, or test it at this length before the day and note what it carried.',
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    yield* otherMakes(seen.own.runs, seen.links, id);
    yield* putBeside(seen, id);
  },
});
