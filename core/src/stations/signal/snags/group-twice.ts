import { listed, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { devicesWith } from '../switching.js';
import type { SignalReads, SignalResult } from '../index.js';

/** Two ports in use of which a device has one at a time: a shared socket, or one that serves one thing only. */
export const groupTwice: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.group-twice',
  station: 'signal',
  find: ({ own: { wiring } }) =>
    devicesWith(wiring, port => port.group !== undefined).flatMap(([device, { label }]) => {
      const used = new Map<string, Map<string, string>>();
      for (const [link, { from, to }] of [...wiring.into(device), ...wiring.outOf(device)]) {
        for (const end of [from, to]) {
          const group = end.device === device ? wiring.portOf(end)?.group : undefined;
          if (group === undefined || end.port === undefined) continue;
          const ports = used.get(group) ?? new Map<string, string>();
          used.set(group, ports.set(end.port, link));
        }
      }
      return [...used].flatMap(([group, ports]) => {
        if (ports.size < 2) return [];
        const names = [...ports.keys()].map(port => wiring.portOf({ device, port })?.label ?? port);
        const links = [...ports.values()];
        return [
          {
            severity: 'stop' as const,
            subjects: [device, group, ...links],
            title: `${label} has ${listed(names)} on one socket (${group}): only one of them can be used.`,
            because: links.map(link => `signal.links.${link}.mates`),
            advice: 'Use a hub that is known to work with it, or leave one of them out.',
          },
        ];
      });
    }),
  *fixes({ subjects: [, , ...links] }) {
    for (const link of links) {
      yield {
        label: 'Unplug one of them',
        changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/links/${link}` }] }],
      };
    }
  },
};
