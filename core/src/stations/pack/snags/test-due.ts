import { packRule } from '../result.js';
import { setAside } from '../set-aside.js';
import { swapItem } from '../swap.js';
import { daysReads, dayWords, lastDay } from './days.js';

/** A thing that is to be tested electrically again before the event is over. */
export const testDue = packRule({
  rule: 'pack.test-due',
  reads: seen => ({ lines: seen.own.lines, items: seen.shelf.items, ...daysReads(seen) }),
  *find({ lines, items, ...days }) {
    for (const { item, line } of setAside(lines, items)) {
      const next = item.tested?.next;
      if (next === undefined || next > lastDay(days)) continue;
      yield {
        severity: 'risk',
        subjects: [line],
        title: `${item.tape} is to be tested electrically by ${dayWords(next, days)}, before the event is over.`,
        because: [days.end],
        advice: 'Have it tested by a competent person before it goes out, or take another.',
      };
    }
  },
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
});
