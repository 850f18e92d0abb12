import { entriesWhere, severityOf } from '../../../foundations/index.js';
import { connect } from '../connect.js';
import { clashOf } from '../port-fit.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

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
          from && from.connector === to?.connector
            ? `${from.label} of ${leaves} and ${to.label} of ${arrives}: ${clashOf(from, to) ?? ''}, a joiner is missing.`
            : `${leaves} ends in ${from?.connector ?? 'no port'}, ${arrives} takes ${to?.connector ?? 'no port'}: an adapter is missing.`,
        because: [mates],
      };
    }
  },
  *fixes(snag, { own: { wiring }, links, kinds, shelf }) {
    const id = snag.subjects[0] ?? '';
    const link = links?.[id];
    const [fromPort, toPort] = [link && wiring.portOf(link.from), link && wiring.portOf(link.to)];
    if (!link || !fromPort || !toPort) return;
    const joint = { from: link.from, fromPort, to: link.to, toPort, link: id, seed: snag.id, hasLinks: true };
    const connection = connect(joint, kinds, shelf, wiring);
    if (connection) yield connection;
    yield fix('Unplug this link', inPlan().drop('links', id));
  },
});
