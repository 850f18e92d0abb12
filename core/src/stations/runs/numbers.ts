/** Numbers of leads, as they stand on lists and on the tape at both ends: those that are printed stay. */
import type { PrintedLabel } from '../../documents/index.js';
import type { MapOf } from '../../foundations/index.js';

/**
 * `R1`, `R2` … across the floor, `P1` … in racks and on tables, by the link of each lead. A number that was printed is
 * kept while its lead stays across the floor, or inside; others take the next that is free.
 */
export function runNumbers({
  runs,
  printed,
}: {
  readonly runs: Readonly<Record<string, { readonly crosses: boolean }>>;
  readonly printed: MapOf<PrintedLabel> | undefined;
}): Readonly<Record<string, string>> {
  const prefixOf = (id: string): string => (runs[id]?.crosses ? 'R' : 'P');
  const numbers = new Map<string, string>();
  const taken = new Set<string>();
  for (const id of Object.keys(runs)) {
    const number = printed?.[id]?.number;
    if (number === undefined || !number.startsWith(prefixOf(id)) || taken.has(number)) continue;
    numbers.set(id, number);
    taken.add(number);
  }
  const next = new Map<string, number>();
  for (const id of Object.keys(runs)) {
    if (numbers.has(id)) continue;
    const prefix = prefixOf(id);
    let index = (next.get(prefix) ?? 0) + 1;
    while (taken.has(`${prefix}${index}`)) index++;
    next.set(prefix, index);
    numbers.set(id, `${prefix}${index}`);
  }
  return Object.fromEntries(numbers);
}
