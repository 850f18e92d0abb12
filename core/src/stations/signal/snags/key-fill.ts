import { inOrder } from '../../../foundations/index.js';
import { signalRule } from '../result.js';
import { onwards } from '../switching.js';
import { fix, inPlan } from '../../../edits.js';

/** Graphics as key and fill, and no computer whose two picture outputs both lead on. */
export const keyFill = signalRule({
  rule: 'signal.key-fill',
  reads: ({ own, runningOrder }) => ({ wiring: own.wiring, countables: own.countables, runningOrder }),
  *find({ wiring, countables, runningOrder }) {
    const items = inOrder(runningOrder).filter(
      ([, { phase, layouts }]) => phase === 'live' && layouts?.includes('key and fill'),
    );
    const able = inOrder(wiring.devices).some(
      ([id]) =>
        wiring.kindOf(id)?.family === 'computer' &&
        new Set(onwards(wiring, id).map(([, { from }]) => from.port)).size > 1,
    );
    const [first] = items;
    if (!first || able) return;
    const keyers = Object.values(countables).find(counts => counts.keyers)?.keyers;
    yield {
      severity: 'stop',
      subjects: items.map(([id]) => id),
      title: `“${first[1].label}” needs key and fill: two picture outputs of one computer into two inputs, and none is plugged in so.`,
      because: keyers ? [keyers.used] : [],
      advice: 'Plug a computer with two picture outputs into two inputs, or key by colour, which takes one.',
    };
  },
  *fixes({ subjects }, { runningOrder }) {
    const edit = inPlan().each(subjects, (each, id) => {
      const layouts = (runningOrder?.[id]?.layouts ?? []).map(layout =>
        layout === 'key and fill' ? 'colour key' : layout,
      );
      return each.put('runningOrder', id, 'layouts', [...new Set(layouts)]);
    });
    yield fix('Key by colour instead', edit);
  },
});
