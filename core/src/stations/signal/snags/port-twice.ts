import { inOrder, type Fix, type Rule } from '../../../foundations/index.js';
import type { Link } from '../../../documents/index.js';
import type { Seen } from '../../station.js';
import { freeVideoPorts } from '../connect.js';
import type { SignalReads, SignalResult } from '../index.js';
import { splitAfter } from '../insert.js';

type SignalSeen = Seen<SignalReads, SignalResult>;
type Side = 'from' | 'to';

/** Two leads in one socket, at either end; what goes over the air may reach many. */
export const portTwice: Rule<SignalSeen> = {
  rule: 'signal.port-twice',
  station: 'signal',
  find: ({ own: { wiring } }) =>
    Object.entries(wiring.devices).flatMap(([device, { label }]) => {
      const seen = new Set<string>();
      const ends: readonly (readonly [string, Link, Side])[] = [
        ...wiring.into(device).map(([id, link]) => [id, link, 'to'] as const),
        ...wiring.outOf(device).map(([id, link]) => [id, link, 'from'] as const),
      ];
      return ends.flatMap(([id, link, side]) => {
        const port = wiring.portOf(link[side]);
        const key = link[side].port ?? '';
        if (port?.connector === 'air') return [];
        if (!seen.has(key)) {
          seen.add(key);
          return [];
        }
        return [
          {
            severity: 'stop' as const,
            subjects: [id, device],
            title: `Two leads go ${side === 'to' ? 'into' : 'out of'} ${port?.label ?? 'one socket'} of ${label}.`,
            because: [`signal.links.${id}.mates`],
          },
        ];
      });
    }),
  *fixes(snag, seen) {
    const [id = '', device = ''] = snag.subjects;
    const { wiring } = seen.own;
    const link = seen.links?.[id];
    if (!link) return;
    const side: Side = link.to.device === device ? 'to' : 'from';
    const connector = wiring.portOf(link[side])?.connector;
    for (const [port, free] of freeVideoPorts(wiring, device, side === 'to' ? 'in' : 'out')) {
      if (free.connector !== connector) continue;
      yield {
        way: 'port',
        label: `Move one to ${free.label}`,
        changes: [
          { document: 'plan', patch: [{ op: 'replace', path: `/links/${id}/${side}/port`, value: port }] },
        ],
      };
    }
    if (side === 'from') yield* split(id, link, seen);
    yield {
      label: 'Unplug one of them',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/links/${id}` }] }],
    };
  },
};

/** Both leads come out of a splitter instead. */
function* split(id: string, link: Link, { own: { wiring }, kinds, shelf }: SignalSeen): Generator<Fix> {
  const other = inOrder(Object.fromEntries(wiring.outOf(link.from.device ?? ''))).find(
    ([key, { from }]) => key !== id && from.port === link.from.port,
  );
  if (other) yield* splitAfter([[id, link], other], { kinds, shelf, wiring });
}
