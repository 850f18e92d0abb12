import { distance, inOrder, type Point } from '../../../foundations/index.js';
import type { Link, Venue } from '../../../documents/index.js';
import { runsRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A lead for which no way over the floor exists, or an end of which has no place. */
export const noRoute = runsRule({
  rule: 'runs.no-route',
  reads: ({ own, links, ground }) => ({ runs: own.runs, links, venue: ground.venue }),
  *find({ runs, links, venue }) {
    for (const [id, { label, crosses, onFloor }] of Object.entries(runs)) {
      if (!crosses || onFloor.value !== null) continue;
      yield {
        severity: 'stop',
        subjects: [id],
        title: lostEnd(links?.[id], venue)
          ? `${label}: it is plugged into a socket that is not in this venue.`
          : `${label}: ${onFloor.why ?? 'no route'}.`,
        because: [onFloor],
        advice: 'Give both ends a place on the plan that a lead can reach without crossing an exit.',
      };
    }
  },
  *fixes(snag, { links, ground }) {
    const id = snag.subjects[0] ?? '';
    const lost = lostEnd(links?.[id], ground.venue);
    if (lost) {
      const other = links?.[id]?.[lost.side === 'from' ? 'to' : 'from'].device;
      const at = other === undefined ? undefined : ground.places[other]?.at;
      const away = (socket: { at: Point }): number => (at ? distance(at, socket.at) : 0);
      const sockets = [...inOrder<{ label: string; at: Point }>(ground.venue[lost.map])].sort(
        ([, a], [, b]) => away(a) - away(b),
      );
      for (const [value, socket] of sockets) {
        yield fix(`Plug it into ${socket.label}`, inPlan().put('links', id, lost.side, lost.field, value));
      }
    }
    yield fix('Unplug this lead', inPlan().drop('links', id));
  },
});

interface LostEnd {
  readonly side: 'from' | 'to';
  readonly field: 'socket' | 'networkSocket';
  readonly map: 'sockets' | 'networkSockets';
}

/** The end of a lead that names a socket which this venue does not have. */
function lostEnd(link: Link | undefined, venue: Venue): LostEnd | undefined {
  for (const side of ['from', 'to'] as const) {
    for (const [field, map] of [
      ['socket', 'sockets'],
      ['networkSocket', 'networkSockets'],
    ] as const) {
      const id = link?.[side][field];
      if (id !== undefined && !venue[map]?.[id]) return { side, field, map };
    }
  }
  return undefined;
}
