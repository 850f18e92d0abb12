/** Light at the marks: what is measured there, and what the lamps that are brought along add to it. */
import { constant, taken, type Figure } from '../../foundations/index.js';
import { lightAtMark } from './figures/light.js';
import type { LampResult } from './lamp.js';

/** What was measured at a mark, and what every lamp adds. */
export function lightAt(
  id: string,
  {
    measured,
    lamps,
  }: { readonly measured: Figure | undefined; readonly lamps: Readonly<Record<string, LampResult>> },
): Figure {
  if (!measured) return lightAtMark.unknown([id], 'its mark is gone');
  const added = Object.values(lamps).flatMap(({ marks }) =>
    marks[id] ? [taken('lamp', marks[id].light)] : [],
  );
  const room = taken('room', measured);
  if (added.length === 0) return lightAtMark.calc([id], [room], { formula: 'room' });
  const brought = constant('room', 0, 'lx', 'not measured: only what is brought counts');
  return lightAtMark.calc([id], [room.value === null ? brought : room, ...added]);
}
