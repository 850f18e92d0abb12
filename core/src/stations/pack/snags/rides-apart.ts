import { ridesApart } from '../packing/apart.js';
import { packRule } from '../result.js';

/** Two things in one case that must not share it. */
export const ridesBadly = packRule({
  rule: 'pack.rides-apart',
  reads: ({ own, kinds }) => ({ rooms: own.rooms, kinds: kinds.kinds }),
  *find({ rooms, kinds }) {
    for (const [id, { label, held, fill }] of Object.entries(rooms)) {
      const lines = Object.entries(held);
      for (const [i, [one, a]] of lines.entries()) {
        for (const [other, b] of lines.slice(i + 1)) {
          const why = ridesApart(kinds[a.kind ?? ''], kinds[b.kind ?? '']);
          if (why === undefined) continue;
          yield {
            severity: 'risk',
            subjects: [id, one, other],
            title: `${a.purpose} and ${b.purpose} ride in ${label}: ${why}.`,
            because: [fill],
            advice: 'Pack one of them elsewhere.',
          };
        }
      }
    }
  },
});
