import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { feedFromOutlets } from '../feeds.js';
import type { PowerReads, PowerResult } from '../index.js';

/** Above this share of the breaker a circuit is near its limit, %. */
const NEAR = 80;

/** A circuit over, or near, what its breaker carries by the house rule. */
export const circuitOver: Rule<Seen<PowerReads, PowerResult>> = {
  rule: 'power.circuit-over',
  station: 'power',
  find: ({ own, ground }) =>
    Object.entries(own.circuits).flatMap(([id, circuit]) => {
      const share = numberOf(circuit.share) ?? 0;
      const ours = numberOf(circuit.ours) ?? 0;
      if (share <= NEAR || ours === 0) return [];
      const { label = 'A circuit', amps = 0 } = ground.venue.circuits?.[id] ?? {};
      return [
        {
          severity: share > 100 ? 'stop' : 'risk',
          subjects: [id],
          title:
            share > 100
              ? `${label} carries more than its ${amps} A breaker allows by the house rule.`
              : `${label} is near its limit: ${Math.round(share)} % of ${amps} A.`,
          because: [`power.circuits.${id}.counted`, `power.circuits.${id}.share`],
          advice: 'Ask what else can be switched off while the event runs.',
        },
      ];
    }),
  *fixes(snag, seen) {
    const circuit = snag.subjects[0] ?? '';
    const { venue } = seen.ground;
    for (const [id, link] of Object.entries(seen.links ?? {})) {
      const socket = link.from.socket;
      if (socket === undefined || venue.sockets?.[socket]?.circuit !== circuit || !link.to.device) continue;
      yield* feedFromOutlets(seen, link.to.device, snag.id, id);
    }
  },
};
