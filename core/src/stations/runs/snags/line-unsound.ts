import type { HouseLine } from '../../../documents/index.js';
import type { Severity } from '../../../foundations/index.js';
import { runsRule } from '../result.js';

const WORDS: Readonly<Partial<Record<HouseLine['condition'], readonly [Severity, string, string]>>> = {
  broken: ['stop', 'is broken', 'Lead it another way; or mend the line, test it, and say so in the survey.'],
  untested: [
    'risk',
    'was never tested',
    'Test it with this signal before the day, and note it in the survey.',
  ],
};

/** Leads over a line of the house that is broken, or that nobody has tested with what is to run over it. */
export const lineUnsound = runsRule({
  rule: 'runs.line-unsound',
  reads: ({ own }) => ({ spans: own.spans }),
  *find({ spans }) {
    for (const { leads, label, lines, reach } of Object.values(spans)) {
      for (const line of lines) {
        const [severity, words, advice] = WORDS[line.condition] ?? [];
        if (severity === undefined || words === undefined || advice === undefined) continue;
        if (line.condition === 'untested' && reach.value === 'proved') continue;
        yield {
          severity,
          subjects: leads,
          title: `${label} goes over “${line.label}”, which ${words}.`,
          because: [reach],
          advice,
        };
      }
    }
  },
});
