import { idFrom, inOrder, severityOf } from '../../../foundations/index.js';
import { adding, offersOf } from '../../signal/offers.js';
import { clashOf } from '../../signal/port-fit.js';
import { streamRule } from '../result.js';
import { fix } from '../../../edits.js';

/** A recorder without a disk: nothing is recorded, however well it is fed. */
export const noDisk = streamRule({
  rule: 'stream.no-disk',
  reads: ({ own, outputs, signal }) => ({
    recordings: own.recordings,
    outputs,
    devices: signal.wiring.devices,
  }),
  *find({ recordings, outputs, devices }) {
    for (const [id, { disk }] of Object.entries(recordings)) {
      const severity = disk && severityOf(disk);
      if (!disk || severity === undefined) continue;
      const { label = 'A recording', device = '' } = outputs?.[id] ?? {};
      yield {
        severity,
        subjects: [id, device],
        outputs: [id],
        title: `Nothing is recorded of “${label}”: no disk is plugged into ${devices[device]?.label ?? 'its recorder'}.`,
        because: [disk],
        advice: 'Plug a disk in, one that it was tried with, and look that it is seen.',
      };
    }
  },
  *fixes(snag, { kinds, shelf, signal: { wiring, leads } }) {
    const device = snag.subjects[1] ?? '';
    const [socket] = wiring.freePorts(
      device,
      ({ carries, direction }) => carries === 'data' && direction !== 'in',
    );
    if (!socket) return;
    const order = `${wiring.devices[device]?.order ?? '0'}d`;
    for (const offer of offersOf(({ family }) => family === 'disk', { kinds, shelf, wiring })) {
      const plug = inOrder(offer.of.ports).find(([, port]) => !clashOf(socket[1], port, leads))?.[0];
      if (plug === undefined) continue;
      const disk = idFrom(`${snag.id}/${offer.kind}`);
      yield fix(
        `Plug “${offer.of.label}” in${offer.item === undefined ? ' (not owned)' : ''}`,
        adding(offer, disk, order, device, {}, wiring).put('links', idFrom(`${disk}/plug`), {
          from: { device, port: socket[0] },
          to: { device: disk, port: plug },
        }),
      );
    }
  },
});
