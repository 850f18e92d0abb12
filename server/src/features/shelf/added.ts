/** What several people add to one thing at once – readings, runs, faults – record by record. */
import { MOST_FAULTS, MOST_MEASURED, type Item } from '@idle-satchel/core/documents';
import type { ItemFields } from '@idle-satchel/core/api';
import { invalid } from '../../problem.js';

type Added = Pick<Item, 'meter' | 'runs' | 'faults'>;

/** Readings, runs and faults after those of a change; 422 where there would be too many. */
export function addedAfter(
  item: Added,
  { meter, runs, faults, forgotten = [] }: Pick<ItemFields, keyof Added | 'forgotten'>,
): Added {
  const after = <Each>(
    field: keyof Added,
    most: number,
    known: Readonly<Record<string, Each>> = {},
    more: Readonly<Record<string, Each>> = {},
  ): Record<string, Each> | undefined => {
    const taken = new Set(forgotten);
    const all = Object.entries({ ...known, ...more }).filter(([id]) => !taken.has(id));
    if (all.length > most)
      throw invalid([{ path: `/${field}`, reason: `may be ${most} at most: remove what is old` }]);
    return Object.keys(more).length > 0 || all.length < Object.keys(known).length
      ? Object.fromEntries(all)
      : undefined;
  };
  const readings = after('meter', MOST_MEASURED, item.meter, meter);
  const own = after('runs', MOST_MEASURED, item.runs, runs);
  const found = after('faults', MOST_FAULTS, item.faults, faults);
  return { ...(readings && { meter: readings }), ...(own && { runs: own }), ...(found && { faults: found }) };
}
