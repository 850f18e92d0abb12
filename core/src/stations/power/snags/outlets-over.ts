import { numberOf, severityOf } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { powerRule } from '../result.js';

/** More plugs than a socket has outlets. */
export const outletsOver = powerRule({
  rule: 'power.outlets-over',
  reads: ({ own, ground }) => ({ loads: own.sockets, sockets: ground.venue.sockets }),
  *find({ loads, sockets }) {
    for (const [id, { free }] of Object.entries(loads)) {
      const severity = severityOf(free);
      if (severity === undefined) continue;
      const { label = '', outlets = 0 } = sockets?.[id] ?? {};
      yield {
        severity,
        subjects: [id],
        title: `${outlets - (numberOf(free) ?? 0)} plugs for the ${outlets === 1 ? 'one outlet' : `${outlets} outlets`} of socket ${label}.`,
        because: [free],
        advice: 'Bring a strip, or plug one of them in elsewhere.',
      };
    }
  },
  *fixes(snag, seen) {
    const socket = snag.subjects[0] ?? '';
    for (const [id, { from, to }] of Object.entries(seen.links ?? {})) {
      if (from.socket === socket && to.device !== undefined)
        yield* feedFromOutlets(seen, to.device, snag.id, id);
    }
  },
});
