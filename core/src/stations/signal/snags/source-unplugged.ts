import { inOrder, severityOf } from '../../../foundations/index.js';
import { connect, freeVideoPorts } from '../connect.js';
import { subSwitch } from '../insert.js';
import { switches } from '../functions.js';
import { signalRule } from '../result.js';

/** A camera or computer whose picture reaches no input. */
export const sourceUnplugged = signalRule({
  rule: 'signal.source-unplugged',
  reads: ({ own }) => ({ sources: own.sources, devices: own.wiring.devices }),
  *find({ sources, devices }) {
    for (const [id, { input }] of Object.entries(sources)) {
      const severity = severityOf(input);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${devices[id]?.label ?? id} reaches no input.`,
        because: [input],
        advice:
          'Free an input, put a smaller switcher before it, take one with more inputs, or leave this source out.',
      };
    }
  },
  *fixes(snag, { own: { wiring, leads }, kinds, shelf, links }) {
    const source = snag.subjects[0] ?? '';
    for (const [from, fromPort] of freeVideoPorts(wiring, source, 'out')) {
      for (const [switcher] of inOrder(wiring.devices)) {
        if (!switches(wiring, switcher)) continue;
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
            { kinds, shelf, wiring, leads },
          );
          if (!connection) continue;
          const extra = connection.adapter ? ` with an adapter` : '';
          yield { ...connection, label: `Plug it into ${toPort.label}${extra}` };
        }
      }
    }
    for (const [switcher] of inOrder(wiring.devices)) {
      if (!switches(wiring, switcher)) continue;
      if (freeVideoPorts(wiring, switcher, 'in').length === 0)
        yield* subSwitch(source, switcher, { kinds, shelf, wiring });
    }
  },
});
