import { numberOf, severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** So much on a ring that, all of it near one end, it would be more than the cable there may carry for long. */
export const ringLopsided = powerRule({
  rule: 'power.ring-lopsided',
  reads: ({ own, ground }) => ({ loads: own.circuits, circuits: ground.venue.circuits }),
  *find({ loads, circuits }) {
    for (const [id, { ours, side }] of Object.entries(loads)) {
      const severity = side && severityOf(side);
      if (severity === undefined || !side || numberOf(ours) === 0) continue;
      const { label = 'A circuit' } = circuits?.[id] ?? {};
      yield {
        severity,
        subjects: [id],
        title: `${label} is a ring on which much hangs: where along it matters.`,
        because: [side],
        advice:
          'Plug what draws much in at sockets along the ring and not all near one of its ends; ask whoever looks after the building which those are.',
      };
    }
  },
  fixes: () => [],
});
