/** The shelf as its table shows it: what is looked for, sorted, grouped and chosen. */
import { wordFinder, type DateLocale, type WordFinder } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { shelfLine, type ShelfLine, type ShelfView } from '@idle-satchel/core/shelf-list';
import { useTable, type ExpandedState, type RowSelectionState } from '@tanstack/react-table';
import { useEffect, useMemo, useState } from 'react';
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
  const finder = useMemo(() => (all.length > 0 ? wordFinder() : undefined), [all]);
  useEffect(() => (finder ? learnAtRest(finder, all) : undefined), [finder, all]);
  const data = useMemo(
    () => all.filter(line => line.views.has(view) && (finder?.holds(line.words, wanted) ?? true)),
    [all, finder, view, wanted],
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

/** Takes the words of the shelf apart while the page rests: the first letter typed would wait for all of them. */
function learnAtRest({ learn }: WordFinder, lines: readonly ShelfLine[]): (() => void) | undefined {
  if (typeof requestIdleCallback !== 'function') return undefined;
  let next = 0;
  let call = requestIdleCallback(step);
  function step(deadline: IdleDeadline): void {
    while (next < lines.length && deadline.timeRemaining() > 1) learn(lines[next++]!.words);
    if (next < lines.length) call = requestIdleCallback(step);
  }
  return () => cancelIdleCallback(call);
}
