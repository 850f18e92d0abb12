import { dayIn } from '../../../foundations/index.js';
import { keptBack, keptBackFrom } from '../../ready.js';
import { packRule } from '../result.js';
import { setAside } from '../set-aside.js';
import { swapItem } from '../swap.js';
import { daysReads, dayWords } from './days.js';

/** A thing that is lent out and comes back in time for the event. */
export const comesBack = packRule({
  rule: 'pack.comes-back',
  reads: seen => ({ lines: seen.own.lines, items: seen.shelf.items, ...daysReads(seen) }),
  *find({ lines, items, ...days }) {
    const first = dayIn(days.zone, String(days.start.value));
    for (const { item, line } of setAside(lines, items)) {
      const back = item.lent?.back;
      if (back === undefined || keptBack(item) === undefined || keptBackFrom(item, first) !== undefined)
        continue;
      yield {
        severity: 'note',
        subjects: [line],
        title: `${item.tape} is lent out and comes back on ${dayWords(back, days)}, before the event.`,
        because: [days.start],
        advice: 'Remind whoever has it, and see that it is there before it is packed.',
      };
    }
  },
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
});
