import type { Link } from '../../../documents/index.js';
import { distance, inOrder, type Point, type Rule } from '../../../foundations/index.js';
import type { GroundResult } from '../../ground/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** A lead for which no way over the floor exists, or an end of which has no place. */
export const noRoute: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.no-route',
  station: 'runs',
  find: ({ own, links, ground }) =>
    Object.entries(own.runs).flatMap(([id, run]) =>
      run.crosses && run.onFloor.value === null
        ? [
            {
              severity: 'stop',
              subjects: [id],
              title: lostEnd(links?.[id], ground)
                ? `${run.label}: it is plugged into a socket that is not in this venue.`
                : `${run.label}: ${run.onFloor.why ?? 'no route'}.`,
              because: [`runs.runs.${id}.onFloor`],
              advice: 'Give both ends a place on the plan that a lead can reach without crossing an exit.',
            },
          ]
        : [],
    ),
  *fixes(snag, { links, ground }) {
    const id = snag.subjects[0] ?? '';
    const lost = lostEnd(links?.[id], ground);
    if (lost) {
      const other = links?.[id]?.[lost.side === 'from' ? 'to' : 'from'].device;
      const at = other === undefined ? undefined : ground.places[other]?.at;
      const away = (socket: { at: Point }): number => (at ? distance(at, socket.at) : 0);
      const sockets = [...inOrder<{ label: string; at: Point }>(ground.venue[lost.map])].sort(
        ([, a], [, b]) => away(a) - away(b),
      );
      for (const [value, socket] of sockets) {
        yield {
          label: `Plug it into ${socket.label}`,
          changes: [
            {
              document: 'plan',
              patch: [{ op: 'replace', path: `/links/${id}/${lost.side}/${lost.field}`, value }],
            },
          ],
        };
      }
    }
    yield {
      label: 'Unplug this lead',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/links/${id}` }] }],
    };
  },
};

interface LostEnd {
  readonly side: 'from' | 'to';
  readonly field: 'socket' | 'networkSocket';
  readonly map: 'sockets' | 'networkSockets';
}

/** The end of a lead that names a socket which this venue does not have. */
function lostEnd(link: Link | undefined, { venue }: GroundResult): LostEnd | undefined {
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
