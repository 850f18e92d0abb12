import { severityOf } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { outletsNamed } from './outlets-named.js';
import { powerRule } from '../result.js';

/** A strip or wall socket loaded beyond its own rating. */
export const stripOver = powerRule({
  rule: 'power.strip-over',
  reads: ({ own, ground, signal }) => ({
    strips: own.strips,
    sockets: own.sockets,
    devices: signal.wiring.devices,
    venueSockets: ground.venue.sockets,
  }),
  *find(all) {
    for (const [id, { amps, share }, label] of outletsNamed(all)) {
      const severity = severityOf(share);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label} is loaded beyond its rating.`,
        because: [amps, share],
        advice: 'Spread the load over more sockets on different circuits.',
      };
    }
  },
  *fixes(snag, seen) {
    const at = snag.subjects[0] ?? '';
    for (const [id, link] of Object.entries(seen.links ?? {})) {
      if ((link.from.device !== at && link.from.socket !== at) || link.to.device === undefined) continue;
      yield* feedFromOutlets(seen, link.to.device, snag.id, id);
    }
  },
});
