/** What no set of poses out of some cells is worth more than. */
import type { Wanted } from './demands.js';
import type { Cell } from './cells.js';
import { SAME_SIDE, served } from './score.js';

/** A cell for each camera, and whether that camera is locked. */
export interface Choice {
  readonly cells: readonly Cell[];
  readonly locked: readonly boolean[];
}

/**
 * Gives the bound of a choice of cells, points: every camera has, for each shot, the best quality found anywhere in
 * its cell, at the least cost found anywhere in it, and loses no more to the others than any two of those cells must.
 */
export function bounding({ shots, moments }: Wanted): (choice: Choice) => number {
  // A shot at one time of its own has at most a first and a second camera, which is reckoned with their sides.
  const alone = new Set(moments.flatMap(([only, ...more]) => (only && more.length === 0 ? only.shot : [])));
  for (const { shot } of moments.filter(moment => moment.length > 1).flat()) alone.delete(shot);
  const together = moments.filter(([only]) => only && !alone.has(only.shot));
  return ({ cells, locked }) => {
    const rows = cells.map(({ best }, i) => ({ quality: best, locked: locked[i] ?? false }));
    let bound = served(rows, together, shots);
    for (const { cheapest } of cells) bound -= cheapest;
    shots.forEach(({ points, second }, i) => {
      // What a third camera loses too is left out of a shot that is reckoned alone.
      bound += points * (alone.has(i) ? bestTwo(cells, i, second) : -second * lost(cells, i));
    });
    return bound;
  };
}

/** What any poses of the cells lose at least by seeing a shot from the same side, as a share of a second camera. */
function lost(cells: readonly Cell[], i: number): number {
  let sum = 0;
  for (let a = 0; a < cells.length; a++) {
    const one = cells[a] as Cell;
    if (one.least[i] === 0) continue;
    for (let b = a + 1; b < cells.length; b++) {
      const other = cells[b] as Cell;
      const both = Math.min(one.least[i] as number, other.least[i] as number);
      if (both > 0 && one.sameSideAs(other, i)) sum += SAME_SIDE * both;
    }
  }
  return sum;
}

/** The worth of the best two cameras on a shot, where two that must see it from the same side lose by it. */
function bestTwo(cells: readonly Cell[], i: number, second: number): number {
  let most = 0;
  for (let a = 0; a < cells.length; a++) {
    const one = cells[a] as Cell;
    const q = one.best[i] as number;
    if (q > most) most = q;
    for (let b = a + 1; b < cells.length; b++) {
      const other = cells[b] as Cell;
      const p = other.best[i] as number;
      if (Math.max(p, q) + second * Math.min(p, q) <= most) continue;
      const share = one.sameSideAs(other, i) ? second * (1 - SAME_SIDE) : second;
      most = Math.max(most, Math.max(p, q) + share * Math.min(p, q));
    }
  }
  return most;
}
