import { listed } from '../../../foundations/index.js';
import { signalRule, type SignalResult } from '../result.js';
import { devicesWith } from '../switching.js';
import { fix, inPlan } from '../../../edits.js';

/** Two ports in use of which a device has one at a time: a shared socket, or one that serves one thing only. */
export const groupTwice = signalRule({
  rule: 'signal.group-twice',
  reads: ({ own }) => ({ wiring: own.wiring, results: own.links }),
  *find({ wiring, results }) {
    for (const [device, { label }] of devicesWith(wiring, port => port.group !== undefined)) {
      for (const [group, ports] of groupsInUse(wiring, device)) {
        if (ports.size < 2) continue;
        const names = [...ports.keys()].map(port => wiring.portOf({ device, port })?.label ?? port);
        const links = [...ports.values()];
        yield {
          severity: 'stop',
          subjects: [device, group, ...links],
          title: `${label} has ${listed(names)} on one socket (${group}): only one of them can be used.`,
          because: links.flatMap(link => results[link]?.mates ?? []),
          advice: 'Use a hub that is known to work with it, or leave one of them out.',
        };
      }
    }
  },
  *fixes({ subjects: [, , ...links] }) {
    for (const link of links) {
      yield fix('Unplug one of them', inPlan().drop('links', link));
    }
  },
});

/** The groups of ports of a device that are in use: which ports of each, and by which link. */
function groupsInUse(
  wiring: SignalResult['wiring'],
  device: string,
): ReadonlyMap<string, ReadonlyMap<string, string>> {
  const used = new Map<string, Map<string, string>>();
  for (const [link, { from, to }] of [...wiring.into(device), ...wiring.outOf(device)]) {
    for (const end of [from, to]) {
      const group = end.device === device ? wiring.portOf(end)?.group : undefined;
      if (group === undefined || end.port === undefined) continue;
      const ports = used.get(group) ?? new Map<string, string>();
      used.set(group, ports.set(end.port, link));
    }
  }
  return used;
}
