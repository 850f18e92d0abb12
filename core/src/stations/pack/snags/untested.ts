import { counted, listed } from '../../../foundations/index.js';
import { packRule } from '../result.js';
import { setAside } from '../set-aside.js';
import { takesMains } from '../takes-mains.js';

/** How many are named one by one. */
const NAMED = 3;

/** Things that take mains and have no electrical test noted, in a house that notes such tests of others. */
export const untested = packRule({
  rule: 'pack.untested',
  reads: ({ own, shelf, kinds }) => ({
    ...{ lines: own.lines, pieces: own.pieces, items: shelf.items, kinds: kinds.kinds },
  }),
  *find({ lines, pieces, items, kinds }) {
    if (!Object.values(items).some(({ tested }) => tested)) return;
    const missing = setAside(lines, items).filter(({ item }) => {
      const kind = kinds[item.kind];
      return kind && item.tested === undefined && item.owner?.how !== 'resident' && takesMains(kind);
    });
    if (missing.length === 0) return;
    const names = missing.slice(0, NAMED).map(({ item }) => item.tape);
    if (missing.length > NAMED) names.push(`${missing.length - NAMED} more`);
    yield {
      severity: 'note',
      subjects: [],
      title: `Of ${counted(missing.length, 'thing', 'things')} on mains no electrical test is noted: ${listed(names)}.`,
      because: [pieces],
      advice: 'Note the date on each test label on the shelf, or have them tested as your house does.',
    };
  },
});
