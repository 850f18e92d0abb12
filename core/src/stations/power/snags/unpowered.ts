import { severityOf } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { powerRule } from '../result.js';

/** A device that needs power and gets none. */
export const unpowered = powerRule({
  rule: 'power.unpowered',
  reads: ({ own, devices }) => ({ loads: own.devices, devices }),
  *find({ loads, devices }) {
    for (const [id, { fedBy }] of Object.entries(loads)) {
      const severity = severityOf(fedBy);
      if (severity === undefined || devices?.[id]?.resident === true) continue;
      yield {
        severity,
        subjects: [id],
        title: `Nothing feeds ${devices?.[id]?.label ?? 'a device'}.`,
        because: [fedBy],
        advice: 'Give it a battery, or a lead from a socket or strip.',
      };
    }
  },
  fixes: (snag, seen) => feedFromOutlets(seen, snag.subjects[0] ?? '', snag.id),
});
