import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { DayReads, DayResult } from '../index.js';

/** A tick whose check is no longer asked for: the design changed after somebody ticked it. */
export const orphanTick: Rule<Seen<DayReads, DayResult>> = {
  rule: 'day.orphan-tick',
  station: 'day',
  find: ({ own, ticks }) =>
    inOrder(ticks).flatMap(([id, tick]) =>
      Object.hasOwn(own.checks, tick.check)
        ? []
        : [
            {
              severity: 'note',
              subjects: [id],
              title: `${tick.by} ticked something that the plan no longer asks for: look what replaced it.`,
              because: ['day.done'],
            },
          ],
    ),
  fixes: snag => [
    {
      label: 'Remove that tick',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/ticks/${snag.subjects[0] ?? ''}` }] }],
    },
  ],
};
