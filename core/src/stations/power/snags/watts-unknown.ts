import { severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** A device in use of which nobody knows what it takes. */
export const wattsUnknown = powerRule({
  rule: 'power.watts-unknown',
  reads: ({ own, devices }) => ({ loads: own.devices, devices }),
  *find({ loads, devices }) {
    for (const [id, { watts, fedBy, kept }] of Object.entries(loads)) {
      const severity = severityOf(watts);
      // A supply is unknown by what hangs on it, which is told by itself; what nothing feeds is told as that.
      if (severity === undefined || kept || fedBy.value === null) continue;
      yield {
        severity,
        subjects: [id],
        title: `Nobody knows what ${devices?.[id]?.label ?? 'a device'} takes.`,
        because: [watts],
        advice:
          'Measure it with a plug-in meter, or enter the watts on its rating plate: they count as its most.',
      };
    }
  },
  fixes: () => [],
});
