import { figureAt, showText, type Reading } from '../../../foundations/index.js';
import { dayRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Rates and gigabytes read the same everywhere. */
const READING: Reading = { system: 'metric', zone: 'UTC' };

/** A reading taken on the day that falls short of what the plan needs. */
export const readingShort = dayRule({
  rule: 'day.reading-short',
  reads: ({ own, outputs, stream }) => ({ checks: own.checks, outputs, stream }),
  *find({ checks, outputs, stream }) {
    for (const [id, { label, value, unit = '', atLeast }] of Object.entries(checks)) {
      if (value === undefined || !atLeast || value >= atLeast.value) continue;
      const needed = figureAt({ stream }, atLeast.path);
      yield {
        severity: 'stop',
        subjects: [id],
        outputs: Object.keys(outputs ?? {}).filter(output => atLeast.path.includes(output)),
        title: `“${label}” read ${value} ${unit}; the plan needs ${showText(atLeast.value, unit, READING)}.`,
        because: needed ? [needed] : [],
        advice: 'Read it again; if it stays so, choose a smaller picture or free the disk.',
      };
    }
  },
  fixes: (snag, { own }) => {
    const tick = own.checks[snag.subjects[0] ?? '']?.tick;
    if (tick === undefined) return [];
    return [fix('Take the tick off, to read it again', inPlan().drop('ticks', tick))];
  },
});
