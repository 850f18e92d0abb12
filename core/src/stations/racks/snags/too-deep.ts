import { severityOf } from '../../../foundations/index.js';
import { eachRackRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** An item that, with its plugs, is deeper than the case, or stands out farther than its lid leaves. */
export const tooDeep = eachRackRule({
  rule: 'racks.too-deep',
  reads: () => ({}),
  *find(rackId, rack) {
    for (const [id, { label, room, before }] of Object.entries(rack.items)) {
      if (room && severityOf(room) !== undefined)
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `${label} with its plugs is deeper than ${rack.label}.`,
          because: [room],
        };
      else if (before && severityOf(before) !== undefined)
        yield {
          severity: 'stop',
          subjects: [id, rackId],
          title: `The lid of ${rack.label} does not close over ${label}: it stands out too far.`,
          because: [before],
        };
    }
  },
  fixes: snag => [
    fix(
      'Carry it loose, outside the rails',
      inPlan().drop('devices', snag.subjects[0] ?? '', 'place', 'unit'),
    ),
  ],
});
