import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useEffectEvent, useRef, useState, type KeyboardEvent } from 'react';
import { useNarrow } from '../../ui/narrow.js';
import { SHOWN, type ShelfRow, type ShelfTable } from './shelf-table.js';

/** Heights of a line, px: on a phone what a thing is stands below its tape code. */
const HEIGHT = { wide: 34, narrow: 58 } as const;
/** Lines that a page key goes. */
const PAGE = 15;

/** Tracks of a line; beside an open thing there is room for fewer columns, and on a phone for fewer still. */
const TRACKS =
  'grid grid-cols-[1.5rem_6rem_minmax(0,2.4fr)_minmax(0,1.1fr)_minmax(0,1.7fr)_minmax(0,1.2fr)_8rem] max-md:grid-cols-[1.5rem_minmax(0,1fr)_8rem] gap-x-3 items-center px-3';
const BESIDE =
  'grid grid-cols-[1.5rem_6rem_minmax(0,2.4fr)_minmax(0,1.1fr)_minmax(0,1.5fr)] gap-x-3 items-center px-3';
const NOT_BESIDE = new Set<string>(['whose', 'testedBy']);
const ON_PHONES = new Set<string>(['tape', 'state']);

/**
 * The lines of the shelf, of which only those in view are drawn. Arrow keys go from line to line, space chooses one,
 * Shift with an arrow chooses on the way, Enter opens it.
 */
export function ShelfRows({
  table,
  open,
  onOpen,
}: {
  table: ShelfTable;
  open: string | undefined;
  onOpen: (id: string) => void;
}) {
  const narrow = useNarrow();
  const shown = (SHOWN as readonly string[]).filter(id => open === undefined || !NOT_BESIDE.has(id));
  const tracks = open === undefined ? TRACKS : BESIDE;
  const scrolled = useRef<HTMLDivElement>(null);
  const { rows } = table.getRowModel();
  /** The line that has the focus. */
  const [at, setAt] = useState(0);
  const current = Math.min(at, rows.length - 1);
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing that it gives is remembered.
  const lines = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scrolled.current,
    estimateSize: () => (narrow ? HEIGHT.narrow : HEIGHT.wide),
    scrollPaddingStart: HEIGHT.wide,
    getItemKey: index => rows[index]?.id ?? index,
    overscan: 8,
  });
  // What is opened by its code is shown where it is in the list.
  const opened = useEffectEvent((id: string) => {
    const index = rows.findIndex(row => row.id === id);
    if (index >= 0) lines.scrollToIndex(index, { align: 'auto' });
  });
  useEffect(() => {
    if (open !== undefined) opened(open);
  }, [open]);
  const go = (to: number): void => {
    const next = Math.max(0, Math.min(rows.length - 1, to));
    setAt(next);
    lines.scrollToIndex(next);
    // The line may not be drawn yet: it is after the next frame.
    requestAnimationFrame(() =>
      scrolled.current?.querySelector<HTMLElement>(`[data-index="${next}"]`)?.focus(),
    );
  };
  const onKey = lineKeys(rows, current, go, onOpen);
  return (
    <div
      role="grid"
      aria-label="Things on the shelf"
      aria-rowcount={rows.length + 1}
      aria-multiselectable
      ref={scrolled}
      className="overflow-auto min-h-0 grow"
      onKeyDown={onKey}
    >
      <Columns {...{ table, tracks, shown }} />
      <div role="rowgroup" className="relative" style={{ height: lines.getTotalSize() }}>
        {lines.getVirtualItems().map(({ index, start, size }) => {
          const row = rows[index];
          return (
            row && (
              <Line
                key={row.id}
                {...{ row, index, start, size, tracks, shown }}
                isCurrent={index === current}
                isOpen={row.id === open}
                onFocus={() => setAt(index)}
                onOpen={onOpen}
              />
            )
          );
        })}
      </div>
    </div>
  );
}

/** What keys do on a line: go on, choose, open, and open or shut a group. */
const lineKeys =
  (rows: readonly ShelfRow[], current: number, go: (to: number) => void, onOpen: (id: string) => void) =>
  (event: KeyboardEvent): void => {
    if (event.target instanceof HTMLInputElement && event.key === ' ') return;
    const row = rows[current];
    const step = { ArrowDown: 1, ArrowUp: -1, PageDown: PAGE, PageUp: -PAGE }[event.key];
    if (step !== undefined) {
      if (event.shiftKey) {
        row?.toggleSelected(true);
        rows[current + step]?.toggleSelected(true);
      }
      go(current + step);
    } else if (event.key === 'Home') go(0);
    else if (event.key === 'End') go(rows.length - 1);
    else if (event.key === ' ') row?.toggleSelected();
    else if (event.key === 'Enter' && row) {
      if (row.getIsGrouped()) row.toggleExpanded();
      else onOpen(row.id);
    } else if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
      if (row?.getIsGrouped()) row.toggleExpanded(event.key === 'ArrowRight');
    } else return;
    event.preventDefault();
  };

/** The heads of the columns, by which the shelf is sorted, and the box that chooses all of it. */
function Columns({ table, tracks, shown }: { table: ShelfTable; tracks: string; shown: readonly string[] }) {
  return (
    <div
      role="row"
      aria-rowindex={1}
      className={`${tracks} border-b border-ink py-1 sticky top-0 z-10 bg-paper`}
    >
      <span role="columnheader" className="flex">
        <input
          type="checkbox"
          aria-label="Choose all that is shown"
          checked={table.getIsAllRowsSelected()}
          ref={box => {
            if (box) box.indeterminate = table.getIsSomeRowsSelected() && !table.getIsAllRowsSelected();
          }}
          onChange={() => table.toggleAllRowsSelected()}
        />
      </span>
      {table
        .getFlatHeaders()
        .filter(({ column: { id } }) => shown.includes(id))
        .map(({ column }) => {
          const sorted = column.getIsSorted();
          return (
            <span
              key={column.id}
              role="columnheader"
              aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
              className={ON_PHONES.has(column.id) ? '' : 'max-md:hidden'}
            >
              <button
                className="text-faint hover:text-ink text-[13px] font-semibold"
                onClick={() => column.toggleSorting()}
              >
                {String(column.columnDef.header)}
                <span aria-hidden>{sorted === 'asc' ? ' ↑' : sorted === 'desc' ? ' ↓' : ''}</span>
              </button>
            </span>
          );
        })}
    </div>
  );
}

interface LineProps {
  row: ShelfRow;
  index: number;
  start: number;
  size: number;
  tracks: string;
  shown: readonly string[];
  isCurrent: boolean;
  isOpen: boolean;
  onFocus: () => void;
  onOpen: (id: string) => void;
}

function Line({ row, index, start, size, tracks, shown, isCurrent, isOpen, onFocus, onOpen }: LineProps) {
  const place = { height: size, transform: `translateY(${start}px)` };
  const common = {
    'data-index': index,
    role: 'row',
    'aria-rowindex': index + 2,
    tabIndex: isCurrent ? 0 : -1,
    onFocus,
    style: place,
  };
  const box = (label: string) => (
    <span role="gridcell" className="flex">
      <input
        type="checkbox"
        tabIndex={-1}
        aria-label={label}
        checked={row.getIsSelected() || (row.getIsGrouped() && row.getIsAllSubRowsSelected())}
        onChange={event => row.toggleSelected(event.target.checked)}
        onClick={event => event.stopPropagation()}
      />
    </span>
  );
  if (row.getIsGrouped()) {
    const words =
      typeof row.groupingValue === 'string' && row.groupingValue !== '' ? row.groupingValue : 'not said';
    return (
      <div
        {...common}
        aria-expanded={row.getIsExpanded()}
        className="absolute inset-x-0 top-0 grid grid-cols-[2rem_1fr] gap-x-3 items-center px-3 bg-shade border-b border-rule cursor-pointer"
        onClick={() => row.toggleExpanded()}
      >
        {box(`Choose all of ${words}`)}
        <span role="gridcell" className="font-semibold truncate">
          <span aria-hidden>{row.getIsExpanded() ? '▾ ' : '▸ '}</span>
          {words} <span className="text-faint font-normal">· {row.getLeafRows().length}</span>
        </span>
      </div>
    );
  }
  const { tape, what, state, where, whose, testedBy, attention } = row.original;
  const [first] = attention;
  return (
    <div
      {...common}
      aria-selected={row.getIsSelected()}
      className={`absolute inset-x-0 top-0 ${tracks} border-b border-rule cursor-pointer text-[13.5px] hover:bg-shade ${isOpen ? 'bg-shade' : ''} ${row.getIsSelected() ? 'shadow-[inset_3px_0_var(--brass)]' : ''}`}
      onClick={() => onOpen(row.id)}
    >
      {box(`Choose ${tape}`)}
      <span role="gridcell" className="min-w-0">
        <span className="tape tape-small">{tape}</span>
        <span className="md:hidden block truncate text-[13px]">{what}</span>
      </span>
      <span role="gridcell" className="truncate max-md:hidden" title={what}>
        {what}
      </span>
      <span role="gridcell" className="truncate" title={first?.words ?? state}>
        {first && first.severity !== 'note' && (
          <span className={first.severity === 'stop' ? 'text-stop' : 'text-risk'}>
            <span aria-hidden>{first.severity === 'stop' ? '◆ ' : '◇ '}</span>
            <span className="sr-only">{first.severity}: </span>
          </span>
        )}
        {state}
      </span>
      <span role="gridcell" className="truncate text-faint max-md:hidden" title={where}>
        {where || '–'}
      </span>
      {shown.includes('whose') && (
        <>
          <span role="gridcell" className="truncate text-faint max-md:hidden" title={whose}>
            {whose}
          </span>
          <span role="gridcell" className="truncate text-faint max-md:hidden">
            {testedBy || '–'}
          </span>
        </>
      )}
    </div>
  );
}
