import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { connect, freeVideoPorts } from '../connect.js';
import { subSwitch } from '../insert.js';
import type { SignalReads, SignalResult } from '../index.js';

/** A camera or computer whose picture reaches no input. */
export const sourceUnplugged: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.source-unplugged',
  station: 'signal',
  find: ({ own: { sources, wiring } }) =>
    Object.entries(sources).flatMap(([id, { input }]) =>
      input.value === null
        ? [
            {
              severity: 'risk',
              subjects: [id],
              title: `${wiring.devices[id]?.label ?? id} reaches no input.`,
              because: [`signal.sources.${id}.input`],
              advice:
                'Free an input, put a smaller switcher before it, take one with more inputs, or leave this source out.',
            },
          ]
        : [],
    ),
  *fixes(snag, { own: { wiring }, kinds, shelf, links }) {
    const source = snag.subjects[0] ?? '';
    for (const [from, fromPort] of freeVideoPorts(wiring, source, 'out')) {
      for (const [switcher] of inOrder(wiring.devices)) {
        if (wiring.kindOf(switcher)?.family !== 'switcher') continue;
        for (const [to, toPort] of freeVideoPorts(wiring, switcher, 'in')) {
          const connection = connect(
            {
              from: { device: source, port: from },
              fromPort,
              to: { device: switcher, port: to },
              toPort,
              seed: snag.id,
              hasLinks: links !== undefined,
            },
            kinds,
            shelf,
            wiring,
          );
          if (!connection) continue;
          const extra = connection.adapter ? ` with an adapter` : '';
          yield { ...connection, label: `Plug it into ${toPort.label}${extra}` };
        }
      }
    }
    for (const [switcher] of inOrder(wiring.devices)) {
      if (wiring.kindOf(switcher)?.family !== 'switcher') continue;
      if (freeVideoPorts(wiring, switcher, 'in').length === 0)
        yield* subSwitch(source, switcher, { kinds, shelf, wiring });
    }
  },
};
