import { numberOf, type Finding, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { feedFromOutlets } from '../feeds.js';
import type { PowerReads, PowerResult } from '../index.js';

/** A strip or wall socket loaded beyond its own rating. */
export const stripOver: Rule<Seen<PowerReads, PowerResult>> = {
  rule: 'power.strip-over',
  station: 'power',
  find: ({ own, ground, signal }) => {
    const over = (tree: 'strips' | 'sockets', id: string, label: string): Finding[] => {
      const load = own[tree][id];
      if ((numberOf(load?.share) ?? 0) <= 100) return [];
      return [
        {
          severity: 'stop',
          subjects: [id],
          title: `${label} is loaded beyond its rating.`,
          because: [`power.${tree}.${id}.amps`, `power.${tree}.${id}.share`],
          advice: 'Spread the load over more sockets on different circuits.',
        },
      ];
    };
    return [
      ...Object.keys(own.strips).flatMap(id =>
        over('strips', id, signal.wiring.devices[id]?.label ?? 'A strip'),
      ),
      ...Object.keys(own.sockets).flatMap(id =>
        over('sockets', id, `Socket ${ground.venue.sockets?.[id]?.label ?? ''}`),
      ),
    ];
  },
  *fixes(snag, seen) {
    const at = snag.subjects[0] ?? '';
    for (const [id, link] of Object.entries(seen.links ?? {})) {
      if ((link.from.device !== at && link.from.socket !== at) || link.to.device === undefined) continue;
      yield* feedFromOutlets(seen, link.to.device, snag.id, id);
    }
  },
};
