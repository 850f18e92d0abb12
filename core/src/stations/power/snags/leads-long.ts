import { numberOf, severityOf } from '../../../foundations/index.js';
import { powerRule } from '../result.js';

/** Residual current, mA, at which a device protects whoever touches something live (IEC 60364-4-41). */
const PROTECTS = 30;

/** Extension leads so long that a breaker may not trip in time, without a residual-current device before them. */
export const leadsLong = powerRule({
  rule: 'power.leads-long',
  reads: ({ own, ground, devices }) => ({
    ends: own.ends,
    loads: own.devices,
    venue: ground.venue,
    devices,
  }),
  *find({ ends, loads, venue, devices }) {
    const protects = (circuit: string | undefined): boolean =>
      (venue.residuals?.[venue.circuits?.[circuit ?? '']?.residual ?? '']?.trip ?? Infinity) <= PROTECTS;
    for (const [id, { extension, socket }] of Object.entries(ends)) {
      const severity = severityOf(extension);
      // Of a strip what hangs on it is told of.
      if (severity === undefined || !loads[id] || protects(venue.sockets?.[socket ?? '']?.circuit)) continue;
      yield {
        severity,
        subjects: [id],
        title: `The extension leads to ${devices?.[id]?.label ?? 'a device'} are ${Math.round((numberOf(extension) ?? 0) - 100)} % longer than is usual without a residual-current device.`,
        because: [extension],
        advice:
          'Use a nearer socket or thicker leads, or find out whether 30 mA protect that circuit, and note it.',
      };
    }
  },
  fixes: () => [],
});
