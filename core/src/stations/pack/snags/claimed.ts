import { claimsByItem, isHad } from '../../claimed.js';
import { packRule } from '../result.js';
import { forWhat } from '../set-aside.js';
import { swapItem } from '../swap.js';

/** A thing that somebody else has booked for that time, or that an overlapping event takes as well. */
export const claimed = packRule({
  rule: 'pack.claimed',
  reads: ({ own, claims, shelf }) => ({
    ...{ lines: own.lines, pieces: own.pieces, claims, items: shelf.items },
  }),
  *find({ lines, pieces, claims, items }) {
    if (Object.keys(claims.claims).length === 0) return;
    const by = claimsByItem(claims);
    for (const [id, line] of Object.entries(lines)) {
      const { item, group } = line;
      const claim = by.get(item ?? '');
      // Cables are told of by the leads that they are cut for; of a stock line it is told how many are left.
      if (!claim || item === undefined || group === 'Cables' || items[item]?.count !== undefined) continue;
      const had = isHad(claim);
      // Whoever has booked it need not ask whoever only plans to.
      if (!had && claims.own?.items[item]) continue;
      const what = `${items[item]?.tape ?? 'An item'}${forWhat(line)}`;
      yield {
        severity: had ? 'stop' : 'risk',
        subjects: [id],
        title: had
          ? `${what} is booked for “${claim.event}” at that time.`
          : `${what} is also wanted by “${claim.event}” at that time.`,
        because: [pieces],
        advice: had
          ? 'Take another, or have it released there.'
          : 'Agree with the people of the other event who takes it.',
      };
    }
  },
  fixes: (snag, seen) => swapItem(seen, snag.subjects[0] ?? ''),
});
