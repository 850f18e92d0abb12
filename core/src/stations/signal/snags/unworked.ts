import { inOrder, severityOf } from '../../../foundations/index.js';
import { worksMixes } from '../functions.js';
import { signalRule } from '../result.js';
import { ontoNetworks } from './onto-network.js';

/** Switchers without buttons of their own that nothing works. */
export const unworked = signalRule({
  rule: 'signal.unworked',
  reads: ({ own }) => ({ switchers: own.switchers, devices: own.wiring.devices }),
  *find({ switchers, devices }) {
    for (const [id, worked] of inOrder(switchers)) {
      const severity = severityOf(worked);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `Nothing works ${devices[id]?.label ?? id}: it has no buttons of its own.`,
        because: [worked],
        advice:
          'Put a computer or a panel that works it on one network with it, or say at its kind that it has a panel.',
      };
    }
  },
  *fixes({ id, subjects: [switcher] }, { own: { wiring, leads }, kinds, shelf, links }) {
    if (switcher === undefined) return;
    yield* ontoNetworks({
      ...{ device: switcher, seed: id, what: 'the switcher' },
      works: each => worksMixes(wiring, each),
      offered: ({ family, does }) =>
        family === 'computer' || (family === 'control' && !does?.includes('controls cameras alone')),
      settings: { tasks: ['control'] },
      stock: { kinds, shelf, wiring, leads, hasLinks: links !== undefined },
    });
  },
});
