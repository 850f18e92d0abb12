import { inOrder, type Finding, type Fix, type Rule } from '../../../foundations/index.js';
import type { Link } from '../../../documents/index.js';
import type { Seen } from '../../station.js';
import { freeVideoPorts } from '../connect.js';
import type { SignalReads, SignalResult } from '../index.js';
import { splitAfter } from '../insert.js';

type SignalSeen = Seen<SignalReads, SignalResult>;
type Side = 'from' | 'to';
const SIDES: readonly Side[] = ['to', 'from'];

/** Two leads in one socket, at either end; what goes over the air may reach many. */
export const portTwice: Rule<SignalSeen> = {
  rule: 'signal.port-twice',
  station: 'signal',
  find: ({ own: { wiring }, devices }) => {
    const findings: Finding[] = [];
    for (const [device, { label }] of inOrder(devices)) {
      for (const side of SIDES) {
        const leads = side === 'to' ? wiring.into(device) : wiring.outOf(device);
        if (leads.length < 2) continue;
        const taken = new Set<string>();
        for (const [id, link] of leads) {
          const { port } = link[side];
          if (port === undefined) continue;
          if (!taken.has(port)) {
            taken.add(port);
            continue;
          }
          const of = wiring.portOf(link[side]);
          if (of?.connector === 'air') continue;
          findings.push({
            severity: 'stop',
            subjects: [id, device],
            title: `Two leads go ${side === 'to' ? 'into' : 'out of'} ${of?.label ?? 'one socket'} of ${label}.`,
            because: [`signal.links.${id}.mates`],
          });
        }
      }
    }
    return findings;
  },
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
  const { device = '', port } = link.from;
  const other = wiring.outOf(device).find(([key, { from }]) => key !== id && from.port === port);
  if (other) yield* splitAfter([[id, link], other], { kinds, shelf, wiring });
}
