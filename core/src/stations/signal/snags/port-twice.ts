import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { freeVideoPorts } from '../connect.js';
import type { SignalReads, SignalResult } from '../index.js';

/** Two links into one socket. */
export const portTwice: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.port-twice',
  station: 'signal',
  find: ({ own: { wiring } }) =>
    Object.entries(wiring.devices).flatMap(([device, { label }]) => {
      const seen = new Set<string>();
      return wiring.into(device).flatMap(([id, link]) => {
        const port = link.to.port ?? '';
        if (!seen.has(port)) {
          seen.add(port);
          return [];
        }
        return [
          {
            severity: 'stop' as const,
            subjects: [id, device],
            title: `Two leads go into ${wiring.portOf(link.to)?.label ?? 'one socket'} of ${label}.`,
            because: [`signal.links.${id}.mates`],
          },
        ];
      });
    }),
  *fixes(snag, { own: { wiring } }) {
    const [id = '', device = ''] = snag.subjects;
    for (const [port, { label }] of freeVideoPorts(wiring, device, 'in')) {
      yield {
        label: `Move one to ${label}`,
        changes: [
          { document: 'plan', patch: [{ op: 'replace', path: `/links/${id}/to/port`, value: port }] },
        ],
      };
    }
    yield {
      label: 'Unplug one of them',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/links/${id}` }] }],
    };
  },
};
