import { fix } from '../../../edits.js';
import { inOrder } from '../../../foundations/index.js';
import { packedInto } from '../../../packed-into.js';
import { ridesApart } from '../packing/apart.js';
import { packRule } from '../result.js';

/** Two things in one case that must not share it, and one that rides without what it belongs to. */
export const ridesBadly = packRule({
  rule: 'pack.rides-apart',
  reads: ({ own, devices, kinds }) => ({
    ...{ rooms: own.rooms, travels: own.travels, lines: own.lines, loose: own.loose },
    ...{ devices, kinds: kinds.kinds },
  }),
  *find({ rooms, travels, lines, loose, devices, kinds }) {
    for (const [id, { label, ridesWith }] of inOrder(devices)) {
      const other = devices?.[ridesWith ?? ''];
      if (ridesWith === undefined || !other || !lines[id] || !lines[ridesWith]) continue;
      const [own, theirs] = [travels[id]?.[0], travels[ridesWith]?.[0]];
      // Where neither is packed yet, nothing is wrong yet.
      if (own === theirs || own === ridesWith || theirs === id) continue;
      const where = (at: string | undefined): string =>
        at === undefined ? 'no case' : (devices?.[at]?.label ?? at);
      yield {
        severity: 'risk',
        subjects: [id, ridesWith],
        title: `${label} rides in ${where(own)}, and what it belongs with, ${other.label}, in ${where(theirs)}.`,
        because: [loose],
        advice: 'Pack them into one case.',
      };
    }
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
  *fixes({ subjects: [id = '', other = ''] }, { own, packed, devices }) {
    if (devices?.[id]?.ridesWith !== other) return;
    for (const [line, mate] of [
      [id, other],
      [other, id],
    ] as const) {
      const to = own.travels[mate]?.[0];
      if (to !== undefined)
        yield fix(
          `${devices?.[line]?.label ?? line} into ${devices?.[to]?.label ?? to}`,
          packedInto(packed, [{ line, in: to }]),
        );
    }
  },
});
