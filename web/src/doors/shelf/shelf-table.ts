/** The table of the shelf: its columns, and how it is sorted, grouped and chosen from. */
import type { ShelfLine } from '@idle-satchel/core/shelf-list';
import {
  columnGroupingFeature,
  createColumnHelper,
  createExpandedRowModel,
  createGroupedRowModel,
  createSortedRowModel,
  rowExpandingFeature,
  rowSelectionFeature,
  rowSortingFeature,
  sortFn_alphanumeric,
  tableFeatures,
  type ReactTable,
  type Row,
} from '@tanstack/react-table';

export const features = tableFeatures({
  rowSortingFeature,
  columnGroupingFeature,
  rowExpandingFeature,
  rowSelectionFeature,
  sortedRowModel: createSortedRowModel(),
  groupedRowModel: createGroupedRowModel(),
  expandedRowModel: createExpandedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric },
});

const helper = createColumnHelper<typeof features, ShelfLine>();

/** How wide each column is, as tracks of a grid; those that are left out of phones are 0 there. */
export const COLUMNS = helper.columns([
  helper.accessor('tape', { header: 'Tape', sortFn: 'alphanumeric' }),
  helper.accessor('what', { header: 'What', sortFn: 'alphanumeric' }),
  helper.accessor('state', { header: 'State', sortFn: 'alphanumeric' }),
  helper.accessor('where', { header: 'Where it is', sortFn: 'alphanumeric' }),
  helper.accessor('whose', { header: 'Whose', sortFn: 'alphanumeric' }),
  helper.accessor('testedBy', { header: 'Test due', sortFn: 'alphanumeric' }),
  helper.accessor('family', { header: 'Family' }),
  helper.accessor('home', { header: 'Home' }),
  helper.accessor('kit', { header: 'Kit' }),
]);

/** Columns that are shown; the others are only grouped by. */
export const SHOWN = ['tape', 'what', 'state', 'where', 'whose', 'testedBy'] as const;

/** What the shelf can be grouped by, and what that is called. */
export const GROUPINGS = {
  '': 'not grouped',
  family: 'family',
  what: 'kind',
  home: 'home place',
  where: 'where it is',
  kit: 'kit',
  whose: 'whose it is',
  state: 'state',
} as const;
export type Grouping = keyof typeof GROUPINGS;

export type ShelfTable = ReactTable<typeof features, ShelfLine>;
export type ShelfRow = Row<typeof features, ShelfLine>;
