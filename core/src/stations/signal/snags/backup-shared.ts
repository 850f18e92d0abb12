import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { SignalReads, SignalResult } from '../index.js';

/** A recording whose backup is made in the same device or on the same disk: both go together. */
export const backupShared: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.backup-shared',
  station: 'signal',
  find: ({ own: { wiring }, outputs }) =>
    Object.entries(outputs ?? {}).flatMap(([id, { backs, device, label }]) => {
      const first = outputs?.[backs ?? ''];
      if (!first || device === undefined || first.device === undefined) return [];
      const disks = disksOf(wiring, first.device);
      const same = disksOf(wiring, device).find(disk => disks.includes(disk));
      const shared = device === first.device ? device : same;
      if (shared === undefined) return [];
      return [
        {
          severity: 'risk' as const,
          subjects: [id, backs ?? ''],
          outputs: [id],
          title: `${label} and ${first.label} are both recorded ${device === first.device ? 'in' : 'on'} ${wiring.devices[shared]?.label ?? 'one device'}: what takes one takes the other.`,
          because: [`signal.outputs.${id}.fedBy`, `signal.outputs.${backs ?? ''}.fedBy`],
          advice: 'Record the backup in another device, on a disk of its own.',
        },
      ];
    }),
  *fixes({ subjects: [id = ''] }, { own: { wiring }, outputs }) {
    const taken = new Set(Object.values(outputs ?? {}).map(({ device }) => device));
    for (const [device, { label }] of Object.entries(wiring.devices)) {
      if (taken.has(device) || !wiring.kindOf(device)?.recording) continue;
      yield {
        label: `Record it in ${label}`,
        changes: [
          { document: 'plan', patch: [{ op: 'replace', path: `/outputs/${id}/device`, value: device }] },
        ],
      };
    }
    yield {
      label: 'Do without a backup',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/outputs/${id}` }] }],
    };
  },
};

/** The disks that are plugged into a device. */
const disksOf = (wiring: SignalResult['wiring'], device: string): string[] =>
  [...wiring.outOf(device), ...wiring.into(device)].flatMap(([, { from, to }]) => {
    const other = from.device === device ? to.device : from.device;
    return other !== undefined && wiring.kindOf(other)?.family === 'disk' ? [other] : [];
  });
