import { isReady } from '../../ready.js';
import { packRule } from '../result.js';
import { setAside } from '../set-aside.js';
import { swapItem } from '../swap.js';
import { daysReads, dayWords, lastDay } from './days.js';

/** A thing that is taken along though something was found wrong with it that nobody mended. */
export const faultOpen = packRule({
  rule: 'pack.fault-open',
  reads: seen => ({ lines: seen.own.lines, items: seen.shelf.items, ...daysReads(seen) }),
  *find({ lines, items, ...days }) {
    for (const { item, line } of setAside(lines, items)) {
      const open = Object.values(item.faults ?? {}).filter(({ mended }) => mended === undefined);
      const [first] = open;
      if (!first || !isReady(item)) continue;
      const late = open.find(({ due }) => due !== undefined && due <= lastDay(days));
      const { what, due } = late ?? first;
      const by = late && due !== undefined ? `, to be mended by ${dayWords(due, days)}` : '';
      const more = open.length > 1 ? `, and ${open.length - 1} more` : '';
      yield {
        severity: late ? 'risk' : 'note',
        subjects: [line],
        title: `${item.tape} was found faulty and nobody mended it: ${what}${by}${more}.`,
        because: [days.end],
        advice: 'Mend it and say so on the shelf, or take another.',
      };
    }
  },
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
});
