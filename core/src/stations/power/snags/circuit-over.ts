import { numberOf, severityOf } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { powerRule } from '../result.js';

/** A circuit over, or near, what its breaker carries by the house rule. */
export const circuitOver = powerRule({
  rule: 'power.circuit-over',
  reads: ({ own, ground }) => ({ loads: own.circuits, circuits: ground.venue.circuits }),
  *find({ loads, circuits }) {
    for (const [id, { ours, counted, share }] of Object.entries(loads)) {
      const severity = severityOf(share);
      // What others have on it is no concern of ours while we add nothing.
      if (severity === undefined || numberOf(ours) === 0) continue;
      const { label = 'A circuit', amps = 0 } = circuits?.[id] ?? {};
      yield {
        severity,
        subjects: [id],
        title:
          severity === 'stop'
            ? `${label} carries more than its ${amps} A breaker allows by the house rule.`
            : `${label} is near its limit: ${Math.round(numberOf(share) ?? 0)} % of ${amps} A.`,
        because: [counted, share],
        advice: 'Ask what else can be switched off while the event runs.',
      };
    }
  },
  *fixes(snag, seen) {
    const circuit = snag.subjects[0] ?? '';
    const { venue } = seen.ground;
    for (const [id, link] of Object.entries(seen.links ?? {})) {
      const socket = link.from.socket;
      if (socket === undefined || venue.sockets?.[socket]?.circuit !== circuit || !link.to.device) continue;
      yield* feedFromOutlets(seen, link.to.device, snag.id, id);
    }
  },
});
