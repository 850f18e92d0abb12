/** How many outlets of a strip its plugs take, where some are wider than from one outlet to the next. */
import { fitsSideBySide, PLUG_WIDTH } from '../../stations/power/seating.js';
import type { Load, Strip } from './problem.js';

/** Whether some plugs find room beside each other; true where nobody knows the pitch. */
export const areSeated = (loads: readonly Load[], { outlets, pitch }: Strip): boolean =>
  loads.length <= outlets &&
  (pitch === undefined ||
    fitsSideBySide(
      loads.map(({ width = PLUG_WIDTH }) => width),
      outlets,
      pitch,
    ));

/** Parts of an outlet that are told apart: sums of them are exact. */
const PARTS = 64;

export type OutletsTaken = (load: Load, strip: Strip) => number;

/**
 * Outlets of a strip that a plug takes at least, whatever of some loads is beside it: so that what fits is never ruled
 * out by the sum of what all take. Only the widest count as wide, the others as plugs of a cord. What this lets pass is
 * for `areSeated` to tell.
 */
export function outletsTaken(loads: readonly Load[]): OutletsTaken {
  const widths = loads.map(({ width = PLUG_WIDTH }) => width);
  const widest = Math.max(PLUG_WIDTH, ...widths);
  const known = new Map<string, readonly [narrow: number, wide: number]>();
  return ({ width = PLUG_WIDTH }, { outlets, pitch }) => {
    if (pitch === undefined || widths.some(each => each < PLUG_WIDTH)) return 1;
    const key = `${outlets} ${pitch}`;
    const taken = known.get(key) ?? takenBy(widest, outlets, pitch);
    known.set(key, taken);
    return taken[width === widest ? 1 : 0];
  };
}

/** Outlets that the plug of a cord takes, and one of another width. */
function takenBy(width: number, outlets: number, pitch: number): readonly [narrow: number, wide: number] {
  /** Most plugs of a cord beside so many of these; -1 where those do not fit by themselves. */
  const beside = (wide: number): number => {
    for (let narrow = outlets - wide; narrow >= 0; narrow--) {
      const all = [...Array<number>(wide).fill(width), ...Array<number>(narrow).fill(PLUG_WIDTH)];
      if (fitsSideBySide(all, outlets, pitch)) return narrow;
    }
    return -1;
  };
  const narrow = outlets / beside(0);
  let least = Infinity;
  for (let wide = 1; wide <= outlets && beside(wide) >= 0; wide++)
    least = Math.min(least, (outlets - beside(wide) * narrow) / wide);
  const inParts = (taken: number): number => Math.floor(taken * PARTS) / PARTS;
  return [inParts(narrow), width === PLUG_WIDTH ? inParts(narrow) : Math.max(0, inParts(least))];
}
