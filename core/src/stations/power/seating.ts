/** Whether plugs and wide adapters find room beside each other on a strip. */

import type { Port } from '../../documents/index.js';

/** What a plug of a cord takes of a strip, m. */
export const PLUG_WIDTH = 0.04;

/** What the plug that goes into an inlet covers, m; undefined for an adapter that nobody has measured. */
export const plugWidth = (inlet: Pick<Port, 'adapter'> | undefined): number | undefined =>
  inlet?.adapter ? inlet.adapter.width : PLUG_WIDTH;

/**
 * Whether plugs of some widths, m, fit into a row of outlets at a pitch, m, in any order: two neighbours reach half
 * their widths towards each other, and those at the ends may hang over. Exact: each order of different widths is tried,
 * and each plug is put into the first outlet in which it clears the one before.
 */
export function fitsSideBySide(widths: readonly number[], outlets: number, pitch: number): boolean {
  if (widths.length > outlets) return false;
  const counts = new Map<number, number>();
  for (const width of widths) counts.set(width, (counts.get(width) ?? 0) + 1);
  const kinds = [...counts.keys()];
  const left = kinds.map(width => counts.get(width) ?? 0);
  const least = new Map<string, number>();
  // Fewest outlets that what is left takes after a plug of a width; the first plug has the first outlet.
  const rest = (last: number | undefined): number => {
    if (left.every(count => count === 0)) return 0;
    const key = `${last} ${left.join()}`;
    const known = least.get(key);
    if (known !== undefined) return known;
    let best = Infinity;
    kinds.forEach((width, i) => {
      if (left[i] === 0) return;
      left[i] = (left[i] ?? 0) - 1;
      const step = last === undefined ? 1 : Math.max(1, Math.ceil((last + width) / 2 / pitch - 1e-9));
      best = Math.min(best, step + rest(width));
      left[i] = (left[i] ?? 0) + 1;
    });
    least.set(key, best);
    return best;
  };
  return rest(undefined) <= outlets;
}
