import { numberOf, severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** A battery that gives much less than when it was new. */
export const batteryWorn = powerRule({
  rule: 'power.battery-worn',
  reads: ({ own, signal }) => ({ batteries: own.batteries, devices: signal.wiring.devices }),
  *find({ batteries, devices }) {
    for (const [id, { health }] of Object.entries(batteries)) {
      const severity = severityOf(health);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${devices[id]?.label ?? 'A battery'} holds about ${Math.round(numberOf(health) ?? 0)} % of what it held when it was new.`,
        because: [health],
        advice: 'Run it down once with a meter and note that, or retire it.',
      };
    }
  },
  fixes: () => [],
});
