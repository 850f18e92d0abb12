import { inWords } from '../../../foundations/index.js';
import { reachIsGood } from '../reach.js';
import { runsRule } from '../result.js';

const WORDS: Readonly<Record<string, string>> = {
  'beyond the house rule': 'are longer together than the house rule allows',
  'beyond any rule': 'are longer together than any rule allows',
  'failed when tested': 'failed when this length was tested',
};

/** Leads joined over passive pieces, each short enough, that are too long one after the other. */
export const spanTooLong = runsRule({
  rule: 'runs.span-too-long',
  reads: ({ own, rules }) => ({ spans: own.spans, runs: own.runs, units: rules.units }),
  *find({ spans, runs, units }) {
    for (const { leads, label, over, length, limit, reach } of Object.values(spans)) {
      if (reachIsGood(reach)) continue;
      // A lead that is too long by itself is told by itself.
      if (leads.some(id => runs[id] && !reachIsGood(runs[id].reach))) continue;
      const verdict = String(reach.value);
      const whole = inWords(Number(length.value), 'm', units);
      yield {
        severity: verdict === 'beyond the house rule' ? 'risk' : 'stop',
        subjects: leads,
        title: `${label}: ${whole} of cable over ${over} ${WORDS[verdict] ?? verdict}.`,
        because: [length, limit, reach],
        advice:
          'What is joined without anything that works between counts as one cable: plug past a joint, use a make that carries farther, or put a repeater or converter between. Or test the whole of it before the day and note that at one of its leads.',
      };
    }
  },
});
