/** What events of one occasion hand on to each other. */
import type { Handed, PackLines, PackReads } from './result.js';

/** Lines with the events of the same occasion that their things come from and go on to. */
export function withHandedOn({
  lines,
  before,
  after,
}: { readonly lines: PackLines } & Pick<PackReads['claims'], 'before' | 'after'>): PackLines {
  if (!before && !after) return lines;
  const of = (handed: typeof before, item: string | undefined): Handed | undefined =>
    handed && item !== undefined && handed.items.includes(item)
      ? { event: handed.event, ...(handed.rigged && { rigged: true }) }
      : undefined;
  return Object.fromEntries(
    Object.entries(lines).map(([id, line]) => {
      const [comesFrom, goesOnTo] = [of(before, line.item), of(after, line.item)];
      return [id, { ...line, ...(comesFrom && { comesFrom }), ...(goesOnTo && { goesOnTo }) }];
    }),
  );
}
