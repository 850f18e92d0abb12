import { keptBack } from '../../ready.js';
import { packRule } from '../result.js';

/** Something that always goes with a thing of the plan, and cannot be taken along. */
export const accessory = packRule({
  rule: 'pack.accessory',
  reads: ({ own, shelf }) => ({ lines: own.lines, missing: own.missing, items: shelf.items }),
  *find({ lines, missing, items }) {
    for (const [line, { item: id = '', goesWith }] of Object.entries(lines)) {
      const [own, back] = [items[id], keptBack(items[id] ?? { state: 'ready' })];
      if (goesWith === undefined || !own || back === undefined) continue;
      yield {
        severity: 'risk',
        subjects: [line],
        title: `${own.tape}, which goes with ${items[goesWith]?.tape ?? 'a thing of the plan'}, ${back}.`,
        because: [missing],
        advice: 'Find another that does the same, or see that nothing is missed without it.',
      };
    }
  },
});
