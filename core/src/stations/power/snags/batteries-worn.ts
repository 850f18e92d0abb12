import { numberOf, severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** Something that is fed with less than it takes, so that the battery inside is empty before the day ends. */
export const innerDrains = powerRule({
  rule: 'power.inner-drains',
  reads: ({ own, signal }) => ({ inners: own.inners, devices: signal.wiring.devices }),
  *find({ inners, devices }) {
    for (const [id, { fed, over }] of Object.entries(inners)) {
      const severity = over && severityOf(over);
      if (severity === undefined || !fed || !over) continue;
      yield {
        severity,
        subjects: [id],
        title: `${devices[id]?.label ?? 'A device'} takes more than it is fed with: what is inside lasts ${Math.round(numberOf(fed) ?? 0)} min.`,
        because: [fed, over],
        advice:
          'Use an outlet and a cable that give more, switch it off while it waits, or let it show less light.',
      };
    }
  },
  fixes: () => [],
});

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
