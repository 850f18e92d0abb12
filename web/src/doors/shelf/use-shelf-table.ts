/** The shelf as its table shows it: what is looked for, sorted, grouped and chosen. */
import { wordFinder, type DateLocale } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { shelfLine, type ShelfLine, type ShelfView } from '@idle-satchel/core/shelf-list';
import { useTable, type ExpandedState, type RowSelectionState } from '@tanstack/react-table';
import { useDeferredValue, useMemo, useState } from 'react';
import type { KindsById } from './item-names.js';
import { COLUMNS, features, type Grouping } from './shelf-table.js';
import { today } from '../../ui/today.js';

/** What of the shelf is looked for, and how it is grouped. */
export interface Sought {
  readonly wanted: string;
  readonly view: ShelfView;
  readonly grouping: Grouping;
}

export function useShelfTable(
  items: readonly ItemLine[],
  kinds: KindsById,
  dates: DateLocale | undefined,
  { view, grouping, wanted }: Sought,
) {
  const [rowSelection, setRowSelection] = useState<RowSelectionState>({});
  const [expanded, setExpanded] = useState<ExpandedState>(true);
  const all = useMemo(() => {
    const on = { today: today(), dates };
    return items.map(item => shelfLine(item, kinds, on));
  }, [items, kinds, dates]);
  // Made anew with the shelf, so that it knows no more than that.
  const holds = useMemo(() => (all.length > 0 ? wordFinder() : () => true), [all]);
  // Typing goes on while a long shelf is looked through.
  const words = useDeferredValue(wanted);
  const data = useMemo(
    () => all.filter(line => line.views.has(view) && holds(line.words, words)),
    [all, holds, view, words],
  );
  const table = useTable({
    features,
    columns: COLUMNS,
    data,
    getRowId: (line: ShelfLine) => line.id,
    state: { rowSelection, expanded, grouping: grouping === '' ? [] : [grouping] },
    onRowSelectionChange: setRowSelection,
    onExpandedChange: setExpanded,
    groupedColumnMode: false,
    autoResetExpanded: false,
  });
  return { table, shown: data.length, rowSelection, chooseNothing: () => setRowSelection({}) };
}
