import type { End, Link } from '../../../documents/index.js';
import { inOrder, type Fix } from '../../../foundations/index.js';
import { freeVideoPorts } from '../connect.js';
import { splitAfter } from '../insert.js';
import { signalRule, type PlanWiring, type SignalSeen } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

type Side = 'from' | 'to';

/** Two leads in one socket, at whichever of their ends; what goes over the air may reach many. */
export const portTwice = signalRule({
  rule: 'signal.port-twice',
  reads: ({ own, devices }) => ({ wiring: own.wiring, results: own.links, devices }),
  *find({ wiring, results, devices }) {
    for (const [device, { label }] of inOrder(devices)) {
      const taken = new Set<string>();
      for (const [id, end] of endsAt(wiring, device)) {
        const { port } = end;
        if (port === undefined) continue;
        if (!taken.has(port)) {
          taken.add(port);
          continue;
        }
        const of = wiring.portOf(end);
        const portFit = results[id];
        if (of?.connector === 'air' || !portFit) continue;
        yield {
          severity: 'stop',
          subjects: [id, device],
          title: `Two leads go ${of?.direction === 'out' ? 'out of' : 'into'} ${of?.label ?? 'one socket'} of ${label}.`,
          because: [portFit.mates],
        };
      }
    }
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
      yield fix(`Move one to ${free.label}`, inPlan().put('links', id, side, 'port', port), 'port');
    }
    if (side === 'from') yield* split(id, link, seen);
    yield fix('Unplug one of them', inPlan().drop('links', id));
  },
});

/** Every end of a lead at a device, with the id of the lead. */
const endsAt = (wiring: PlanWiring, device: string): (readonly [string, End])[] => [
  ...wiring.into(device).map(([id, { to }]) => [id, to] as const),
  ...wiring.outOf(device).map(([id, { from }]) => [id, from] as const),
];

/** Both leads come out of a splitter instead. */
function* split(id: string, link: Link, { own: { wiring }, kinds, shelf }: SignalSeen): Generator<Fix> {
  const { device = '', port } = link.from;
  const other = wiring.outOf(device).find(([key, { from }]) => key !== id && from.port === port);
  if (other) yield* splitAfter([[id, link], other], { kinds, shelf, wiring });
}
