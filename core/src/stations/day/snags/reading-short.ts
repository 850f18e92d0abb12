import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { DayReads, DayResult } from '../index.js';

/** A reading taken on the day that falls short of what the plan needs. */
export const readingShort: Rule<Seen<DayReads, DayResult>> = {
  rule: 'day.reading-short',
  station: 'day',
  find: ({ own, outputs }) =>
    Object.entries(own.checks).flatMap(([id, check]) => {
      if (check.value === undefined || !check.atLeast || check.value >= check.atLeast.value) return [];
      return [
        {
          severity: 'stop',
          subjects: [id],
          outputs: Object.keys(outputs ?? {}).filter(output => check.atLeast?.path.includes(output)),
          title: `“${check.label}” read ${check.value} ${check.unit ?? ''}; the plan needs ${check.atLeast.value.toFixed(1)}.`,
          because: [check.atLeast.path],
          advice: 'Read it again; if it stays so, choose a smaller picture or free the disk.',
        },
      ];
    }),
  fixes: (snag, { own }) => {
    const tick = own.checks[snag.subjects[0] ?? '']?.tick;
    return tick === undefined
      ? []
      : [
          {
            label: 'Take the tick off, to read it again',
            changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/ticks/${tick}` }] }],
          },
        ];
  },
};
