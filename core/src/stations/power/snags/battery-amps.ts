import { numberOf, severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** A battery from which more current is drawn than it gives. */
export const batteryAmps = powerRule({
  rule: 'power.battery-amps',
  reads: ({ own, signal }) => ({ batteries: own.batteries, devices: signal.wiring.devices }),
  *find({ batteries, devices }) {
    for (const [id, { amps, share }] of Object.entries(batteries)) {
      const severity = share && severityOf(share);
      if (severity === undefined || !amps || !share) continue;
      yield {
        severity,
        subjects: [id],
        title: `${devices[id]?.label ?? 'A battery'} must give ${(numberOf(amps) ?? 0).toFixed(1)} A, more than it can.`,
        because: [amps, share],
        advice:
          'Use one that gives more, or put part of the load on another; two only by a proper dual plate.',
      };
    }
  },
  fixes: () => [],
});
