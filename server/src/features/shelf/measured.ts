/** What was measured of a thing, to which several people add at once: record by record. */
import { MOST_MEASURED, type Item } from '@idle-satchel/core/documents';
import type { ItemChange } from '@idle-satchel/core/api';
import { invalid } from '../../problem.js';

type Measured = Pick<Item, 'meter' | 'runs'>;

/** Readings and runs after those of a change; 422 where there would be too many. */
export function measuredAfter(item: Measured, { meter, runs, forgotten = [] }: ItemChange): Measured {
  const after = <Each>(
    field: keyof Measured,
    known: Readonly<Record<string, Each>> = {},
    more: Readonly<Record<string, Each>> = {},
  ): Record<string, Each> | undefined => {
    const taken = new Set(forgotten);
    const all = Object.entries({ ...known, ...more }).filter(([id]) => !taken.has(id));
    if (all.length > MOST_MEASURED)
      throw invalid([{ path: `/${field}`, reason: `may be ${MOST_MEASURED} at most: remove what is old` }]);
    return Object.keys(more).length > 0 || all.length < Object.keys(known).length
      ? Object.fromEntries(all)
      : undefined;
  };
  const [readings, own] = [after('meter', item.meter, meter), after('runs', item.runs, runs)];
  return { ...(readings && { meter: readings }), ...(own && { runs: own }) };
}
