import { listed, type MapOf } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import type { PackedLine } from '../../../documents/index.js';
import { fitsAlone } from '../../../packing/boxes.js';
import { boxFor, spacesOf } from '../../../packing/spaces.js';
import type { CaseRoom } from '../packing/room.js';
import { packRule } from '../result.js';

/** Lines that are larger than any compartment of the case that they are in; what nobody has measured is let pass. */
const tooLarge = ({ hold, sizes }: CaseRoom): string[] => {
  const [space] = spacesOf(hold);
  return Object.entries(sizes).flatMap(([line, size]) =>
    !size.guessed && space && !fitsAlone(boxFor(size, hold, 0, undefined), space.sides) ? [line] : [],
  );
};

/** Something in a case that it is too large for, however it is turned. */
export const packTooLarge = packRule({
  rule: 'pack.too-large',
  reads: ({ own, packed }) => ({ rooms: own.rooms, packed }),
  *find({ rooms }) {
    for (const [id, room] of Object.entries(rooms)) {
      const lines = tooLarge(room);
      if (lines.length === 0) continue;
      const names = lines.map(line => room.held[line]?.purpose ?? line);
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${listed(names)} ${lines.length === 1 ? 'is' : 'are'} larger than ${room.label} is inside, however turned.`,
        because: [room.inner],
        advice: 'Take another case for it.',
      };
    }
  },
  *fixes({ subjects: [id = ''] }, { own, packed }) {
    const room = own.rooms[id];
    const out = room ? recordsOf(tooLarge(room), packed) : [];
    if (out.length > 0)
      yield fix(
        `Take ${out.length === 1 ? 'it' : 'them'} out of ${room?.label ?? 'the case'}`,
        inPlan().each(out, (edit, record) => edit.drop('packed', record)),
      );
  },
});

const recordsOf = (lines: readonly string[], packed: MapOf<PackedLine> | undefined): string[] =>
  Object.entries(packed ?? {}).flatMap(([record, { line }]) => (lines.includes(line) ? [record] : []));
