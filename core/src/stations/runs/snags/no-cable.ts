import { inWords, numberOf } from '../../../foundations/index.js';
import { otherMakes } from '../other-makes.js';
import { putBeside } from '../put-beside.js';
import { runsRule } from '../result.js';
import { reachIsGood } from '../reach.js';

/** A lead for which no owned cable is long enough. */
export const noCable = runsRule({
  rule: 'runs.no-cable',
  reads: ({ own, rules }) => ({ runs: own.runs, units: rules.units }),
  *find({ runs, units }) {
    for (const [id, { label, makeWords, items, ownLead, length, cable, reach, wanted }] of Object.entries(
      runs,
    )) {
      // Beyond its reach a longer cable would not help: that is another snag.
      if (items.length > 0 || ownLead || numberOf(length) === undefined || !reachIsGood(reach)) continue;
      const sold = numberOf(wanted);
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${label}: no ${makeWords} cable long enough is left on the shelf.`,
        because: [length, cable],
        advice:
          sold === undefined
            ? 'No length that is sold is long enough: lead it another way.'
            : `Cut the leads from the stock, which may join cables; or borrow, hire or buy one of ${inWords(sold, 'm', units)}: it stands on the pack list as wanted.`,
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    yield* otherMakes(seen.own.runs, seen.links, id);
    yield* putBeside(seen, id);
  },
});
