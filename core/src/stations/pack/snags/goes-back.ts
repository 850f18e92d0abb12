import { packRule } from '../result.js';
import { setAside } from '../set-aside.js';
import { swapItem } from '../swap.js';
import { daysReads, dayWords, lastDay } from './days.js';

/** A thing of others that goes back to them before the event is over. */
export const goesBack = packRule({
  rule: 'pack.goes-back',
  reads: seen => ({ lines: seen.own.lines, items: seen.shelf.items, ...daysReads(seen) }),
  *find({ lines, items, ...days }) {
    for (const { item, line } of setAside(lines, items)) {
      const { how, back } = item.owner ?? {};
      if (back === undefined || back >= lastDay(days)) continue;
      yield {
        severity: 'risk',
        subjects: [line],
        title: `${item.tape} is ${how} and goes back on ${dayWords(back, days)}, before the event is over.`,
        because: [days.end],
        advice: 'Agree with its owner to keep it longer, or take another.',
      };
    }
  },
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
});
