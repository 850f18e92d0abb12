import { disksOf } from '../disks.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A recording whose backup is made in the same device or on the same disk: both go together. */
export const backupShared = signalRule({
  rule: 'signal.backup-shared',
  reads: ({ own, outputs }) => ({ wiring: own.wiring, fed: own.outputs, outputs }),
  *find({ wiring, fed, outputs }) {
    for (const [id, { backs = '', device, label }] of Object.entries(outputs ?? {})) {
      const first = outputs?.[backs];
      if (device === undefined || first?.device === undefined) continue;
      const disks = disksOf(wiring, first.device);
      const same = disksOf(wiring, device).find(disk => disks.includes(disk));
      const shared = device === first.device ? device : same;
      if (shared === undefined) continue;
      const where = `${device === first.device ? 'in' : 'on'} ${wiring.devices[shared]?.label ?? 'one device'}`;
      yield {
        severity: 'risk',
        subjects: [id, backs],
        outputs: [id],
        title: `${label} and ${first.label} are both recorded ${where}: what takes one takes the other.`,
        because: [fed[id]?.fedBy, fed[backs]?.fedBy].filter(figure => figure !== undefined),
        advice: 'Record the backup in another device, on a disk of its own.',
      };
    }
  },
  *fixes({ subjects: [id = ''] }, { own: { wiring }, outputs }) {
    const taken = new Set(Object.values(outputs ?? {}).map(({ device }) => device));
    for (const [device, { label }] of Object.entries(wiring.devices)) {
      if (taken.has(device) || !wiring.kindOf(device)?.recording) continue;
      yield fix(`Record it in ${label}`, inPlan().put('outputs', id, 'device', device));
    }
    yield fix('Do without a backup', inPlan().drop('outputs', id));
  },
});
