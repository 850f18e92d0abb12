import { ANSWER_WORDS, showDay } from '@idle-satchel/core';
import {
  cellsMaker,
  openJobs,
  rowsOf,
  type Draft,
  type RosterCell,
  type RosterFacts,
  type RosterLine,
  type RosterRow,
} from '@idle-satchel/core/roster-sheet';
import { memo, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Link } from 'wouter';
import { CellPanel } from './CellPanel.js';
import type { Dates } from './RosterPage.js';

interface Place {
  readonly row: number;
  readonly column: number;
}

/** Everybody by every event. Arrow keys go from cell to cell; Enter goes to what can be done about it. */
export function RosterGrid({
  facts,
  draft,
  dates,
  onDraft,
}: {
  facts: RosterFacts;
  draft: Draft;
  dates: Dates;
  onDraft: ((draft: Draft) => void) | undefined;
}) {
  const rows = useMemo(() => rowsOf(facts), [facts]);
  const cellsIn = useMemo(() => cellsMaker(facts), [facts]);
  const cells = useMemo(() => rows.map(({ person }) => cellsIn(person, draft)), [rows, cellsIn, draft]);
  const open = useMemo(() => openJobs(facts, draft), [facts, draft]);
  const [place, setPlace] = useState<Place>({ row: 0, column: 0 });
  const grid = useRef<HTMLTableElement>(null);
  const panel = useRef<HTMLElement>(null);
  const at = {
    row: Math.min(place.row, rows.length - 1),
    column: Math.min(place.column, facts.lines.length - 1),
  };
  /** Whether the keyboard moved, and the cell that it moved to takes the focus. */
  const moved = useRef(false);
  useEffect(() => {
    if (!moved.current) return;
    moved.current = false;
    grid.current?.querySelector<HTMLElement>('td[tabindex="0"]')?.focus();
  }, [at.row, at.column]);
  const key = (event: KeyboardEvent): void => {
    if (event.key === 'Enter') {
      event.preventDefault();
      panel.current?.querySelector('button')?.focus();
      return;
    }
    const to = stepped(event, at, { row: rows.length - 1, column: facts.lines.length - 1 });
    if (!to) return;
    event.preventDefault();
    event.stopPropagation();
    moved.current = true;
    setPlace(to);
  };
  const [row, line] = [rows[at.row], facts.lines[at.column]];
  const backToGrid = (): void => grid.current?.querySelector<HTMLElement>('td[tabindex="0"]')?.focus();
  return (
    <div className="grid lg:grid-cols-[minmax(0,1fr)_19rem] gap-x-6 gap-y-3">
      <div className="overflow-auto max-h-[62vh] border-y border-rule">
        <table
          ref={grid}
          role="grid"
          aria-label="Roster"
          className="border-separate border-spacing-0 text-[13px]"
          onKeyDown={key}
        >
          <thead>
            <tr>
              <th className="sticky left-0 top-0 z-20 bg-paper w-40 min-w-36">Name</th>
              {facts.lines.map(each => (
                <Head key={each.id} line={each} dates={dates} />
              ))}
            </tr>
            <tr>
              <th className="sticky left-0 z-10 bg-paper font-semibold text-risk">◇ Nobody yet</th>
              {facts.lines.map(each => (
                <td key={each.id} className="align-top text-risk border-l border-rule px-2">
                  {open
                    .filter(({ line: { id } }) => id === each.id)
                    .map(({ key: job, job: { label } }) => (
                      <div key={job}>{label}</div>
                    ))}
                </td>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((each, i) => (
              <Row
                key={each.person}
                row={each}
                cells={cells[i] ?? []}
                active={i === at.row ? at.column : -1}
                index={i}
                onPlace={setPlace}
              />
            ))}
          </tbody>
        </table>
      </div>
      {row && line && (
        <CellPanel
          ref={panel}
          {...{ facts, draft, line, dates, onDraft }}
          row={row}
          cell={cells[at.row]?.[at.column]}
          says={row.at[at.column]?.says}
          onLeave={backToGrid}
        />
      )}
    </div>
  );
}

/** Where a key leads from a cell; undefined for keys that lead nowhere. */
function stepped(
  { key, ctrlKey, metaKey }: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey'>,
  { row, column }: Place,
  last: Place,
): Place | undefined {
  const far = ctrlKey || metaKey;
  const within = (value: number, most: number): number => Math.max(0, Math.min(most, value));
  const steps: Readonly<Record<string, Place>> = {
    ArrowLeft: { row, column: within(column - 1, last.column) },
    ArrowRight: { row, column: within(column + 1, last.column) },
    ArrowUp: { row: within(row - 1, last.row), column },
    ArrowDown: { row: within(row + 1, last.row), column },
    Home: { row: far ? 0 : row, column: 0 },
    End: { row: far ? last.row : row, column: last.column },
    PageUp: { row: within(row - 10, last.row), column },
    PageDown: { row: within(row + 10, last.row), column },
  };
  return steps[key];
}

function Head({ line: { id, event }, dates }: { line: RosterLine; dates: Dates }) {
  return (
    <th className="sticky top-0 z-10 bg-paper text-ink min-w-36 max-w-44 align-bottom px-2 whitespace-normal">
      <Link className="link" to={`/events/${id}/hands`}>
        {event.label}
      </Link>
      <span className="block font-normal text-faint">
        {showDay(event.from, { zone: event.zone, dates })}
        {event.fixed && ' · only looked at'}
      </span>
    </th>
  );
}

const Row = memo(function Row({
  row,
  cells,
  active,
  index,
  onPlace,
}: {
  row: RosterRow;
  cells: readonly RosterCell[];
  active: number;
  index: number;
  onPlace: (place: Place) => void;
}) {
  return (
    <tr>
      <th
        scope="row"
        className="sticky left-0 bg-paper font-normal text-ink whitespace-nowrap border-b border-rule"
      >
        {row.name}
        {row.past > 0 && <span className="text-faint"> · {row.past} before</span>}
      </th>
      {cells.map((cell, column) => (
        <td
          key={column}
          tabIndex={column === active ? 0 : -1}
          aria-selected={column === active}
          className={`align-top cursor-default border-l border-rule px-2 ${column === active ? 'outline-2 -outline-offset-2 outline-brass' : ''}`}
          onClick={() => onPlace({ row: index, column })}
          onFocus={() => onPlace({ row: index, column })}
        >
          <Cell cell={cell} says={row.at[column]?.says ?? ''} young={row.at[column]?.young === true} />
        </td>
      ))}
    </tr>
  );
});

/** What of saying is worth a word in a cell. */
const SAID: Readonly<Record<string, string>> = {
  'is away': 'away',
  'would rather not': 'rather not',
  comes: 'comes',
};

function Cell({
  cell: { jobs, gone, against },
  says,
  young,
}: {
  cell: RosterCell;
  says: string;
  young: boolean;
}) {
  return (
    <>
      {jobs.map(({ key, job, fresh, kept, learning }) => (
        <div key={key} className={fresh ? 'font-semibold' : ''}>
          {fresh && <span className="text-brass">+ </span>}
          {job.label}
          {[learning && 'learning', job.accepted && !fresh && ANSWER_WORDS.yes, kept && 'kept']
            .filter(word => word !== false && word !== undefined)
            .map(word => (
              <span key={word} className="text-faint font-normal">
                {' '}
                · {word}
              </span>
            ))}
        </div>
      ))}
      {gone.map(({ label }) => (
        <div key={label} className="text-faint">
          <s>{label}</s>
        </div>
      ))}
      {against.length > 0 && (
        <div className="text-risk" title={against.join('; ')}>
          <span aria-hidden>◇</span> {against.length === 1 ? 'one thing' : `${against.length} things`} against
          it
        </div>
      )}
      {(jobs.length === 0 || says === 'would rather not') && SAID[says] !== undefined && (
        <span className="text-faint">{SAID[says]}</span>
      )}
      {young && jobs.length > 0 && <span className="text-faint">under 18</span>}
    </>
  );
}
