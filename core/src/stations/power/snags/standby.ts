import { numberOf, severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** A stand-by supply that must give more volt-amperes than it can. */
export const standbyOver = powerRule({
  rule: 'power.standby-over',
  reads: ({ own, signal }) => ({ standbys: own.standbys, devices: signal.wiring.devices }),
  *find({ standbys, devices }) {
    for (const [id, { voltAmps, share }] of Object.entries(standbys)) {
      const severity = severityOf(share);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${devices[id]?.label ?? 'A stand-by supply'} must give ${Math.round(numberOf(voltAmps) ?? 0)} VA, more than it can.`,
        because: [voltAmps, share],
        advice: 'Keep it for the router, the switcher and what sends; lamps and screens belong on the mains.',
      };
    }
  },
  fixes: () => [],
});

/** A stand-by supply behind a generator: many take its mains for a fault. */
export const standbyOnGenerator = powerRule({
  rule: 'power.standby-on-generator',
  reads: ({ own, signal, ground }) => ({
    standbys: own.standbys,
    devices: signal.wiring.devices,
    generator: ground.venue.generator,
  }),
  *find({ standbys, devices, generator }) {
    if (generator === undefined) return;
    for (const [id, { minutes }] of Object.entries(standbys))
      yield {
        severity: 'note',
        subjects: [id],
        title: `${devices[id]?.label ?? 'A stand-by supply'} is fed by a generator.`,
        because: [minutes],
        advice:
          'Some take the changing volts and hertz of one for a fault and run on their battery: try the two together before the day.',
      };
  },
  fixes: () => [],
});
