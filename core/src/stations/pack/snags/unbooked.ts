import { counted, listed } from '../../../foundations/index.js';
import { packRule } from '../result.js';
import { setAside } from '../set-aside.js';

/** How many are named one by one. */
const NAMED = 3;

/** Things on the list of an event that is confirmed, which came there after it was: nobody has booked them. */
export const unbooked = packRule({
  rule: 'pack.unbooked',
  reads: ({ own, claims, shelf }) => ({
    ...{ lines: own.lines, pieces: own.pieces, booked: claims.own, items: shelf.items },
  }),
  *find({ lines, pieces, booked, items }) {
    if (!booked) return;
    const left = setAside(lines, items).filter(({ id }) => !booked.items[id]);
    if (left.length === 0) return;
    const names = left.slice(0, NAMED).map(({ item }) => item.tape);
    if (left.length > NAMED) names.push(`${left.length - NAMED} more`);
    yield {
      severity: 'risk',
      subjects: [],
      title: `${counted(left.length, 'thing', 'things')} on the list ${left.length === 1 ? 'is' : 'are'} not booked: ${listed(names)}.`,
      because: [pieces],
      advice: 'Book again in Pack, so that nobody else takes them for that time.',
    };
  },
});
