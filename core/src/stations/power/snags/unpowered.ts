import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { feedFromOutlets } from '../feeds.js';
import type { PowerReads, PowerResult } from '../index.js';

/** A device that needs power and gets none. */
export const unpowered: Rule<Seen<PowerReads, PowerResult>> = {
  rule: 'power.unpowered',
  station: 'power',
  find: ({ own, signal, devices }) =>
    Object.entries(own.devices).flatMap(([id, load]) =>
      load.fedBy.value === null && devices?.[id]?.resident !== true
        ? [
            {
              severity: 'stop',
              subjects: [id],
              title: `Nothing feeds ${signal.wiring.devices[id]?.label ?? 'a device'}.`,
              because: [`power.devices.${id}.fedBy`],
              advice: 'Give it a battery, or a lead from a socket or strip.',
            },
          ]
        : [],
    ),
  fixes: (snag, seen) => feedFromOutlets(seen, snag.subjects[0] ?? '', snag.id),
};
