import type { Connector, Port } from '../../../documents/index.js';
import { entriesWhere, severityOf } from '../../../foundations/index.js';
import { connect } from '../connect.js';
import { isSameSocket } from '../lead-ends.js';
import { plainClash } from '../port-fit.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Plugs of one signal: what joins two of them need not change it. */
const SIGNALS: readonly (readonly Connector[])[] = [
  ['HDMI A', 'HDMI C', 'HDMI D'],
  ['USB-A', 'USB-B', 'USB-C', 'USB micro'],
  ['XLR', 'TRS 6.35', 'TS 6.35', 'TRS 3.5', 'TRRS 3.5', 'RCA'],
];
const sameSignal = ({ connector: a }: Port, { connector: b }: Port): boolean =>
  a === b || SIGNALS.some(plugs => plugs.includes(a) && plugs.includes(b));

/** A plug that does not go into its socket: a small HDMI socket without its adapter, or a plug that meets a plug. */
export const connectorMismatch = signalRule({
  rule: 'signal.connector-mismatch',
  reads: ({ own, links }) => ({ results: own.links, wiring: own.wiring, links }),
  *find({ results, wiring, links }) {
    for (const [id, { mates }] of entriesWhere(results, each => severityOf(each.mates) !== undefined)) {
      const [link, severity] = [links?.[id], severityOf(mates)];
      if (!link || severity === undefined) continue;
      const label = (device: string | undefined): string => wiring.devices[device ?? '']?.label ?? 'a device';
      const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
      const [leaves, arrives] = [label(link.from.device), label(link.to.device)];
      yield {
        severity,
        subjects: [id, link.from.device ?? ''],
        title:
          from && to && isSameSocket(from.connector, to.connector)
            ? `${from.label} of ${leaves} and ${to.label} of ${arrives}: ${plainClash(from, to) ?? ''}, a joiner is missing.`
            : `${leaves} ends in ${from?.connector ?? 'no port'}, ${arrives} takes ${to?.connector ?? 'no port'}: ${from && to && sameSignal(from, to) ? 'an adapter' : 'a converter'} is missing.`,
        because: [mates],
        advice:
          'Put what is missing into the lead, take a lead that ends in both, or plug it into a socket that fits.',
      };
    }
  },
  *fixes(snag, { own: { wiring, leads }, links, kinds, shelf }) {
    const id = snag.subjects[0] ?? '';
    const link = links?.[id];
    const [fromPort, toPort] = [link && wiring.portOf(link.from), link && wiring.portOf(link.to)];
    if (!link || !fromPort || !toPort) return;
    const joint = { from: link.from, fromPort, to: link.to, toPort, link: id, seed: snag.id, hasLinks: true };
    const connection = connect(joint, { kinds, shelf, wiring, leads });
    if (connection) yield connection;
    yield fix('Unplug this link', inPlan().drop('links', id));
  },
});
