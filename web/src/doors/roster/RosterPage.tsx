import { counted, daysAfter, SHEET_FILES, type DateLocale } from '@idle-satchel/core';
import { ROSTER_WAYS, type RosterWay } from '@idle-satchel/core/roster-sheet';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'wouter';
import { addressOf } from '../../api/client.js';
import { organisationQuery } from '../../api/queries.js';
import { useMay } from '../../ui/me.js';
import { today } from '../../ui/today.js';
import { useKept } from '../../ui/use-kept.js';
import { Door, Loading } from '../door.js';
import { RosterFound } from './RosterFound.js';
import { RosterGrid } from './RosterGrid.js';
import { useRoster } from './use-roster.js';

/** How far a roster looks ahead at first, days. */
const AHEAD = 28;

/** Who does what at all events of a span of days, looked for, changed by hand, and written into the plans. */
export function RosterPage() {
  const [days, setDays] = useKept('roster days', { from: today(), to: daysAfter(today(), AHEAD) });
  const [way, setWay] = useState<RosterWay>('fewest changes');
  const roster = useRoster(days.from, days.to);
  const dates = useQuery(organisationQuery).data?.dates;
  const plans = useMay('change', 'events');
  const { facts, progress, changes, span } = roster;
  return (
    <Door
      title="Roster"
      actions={
        <>
          <DayField label="From" day={days.from} onDay={from => setDays({ ...days, from })} />
          <DayField label="To" day={days.to} onDay={to => setDays({ ...days, to })} />
          {(['pdf', 'csv', 'xlsx', 'txt'] as const).map(sort => (
            <a key={sort} className="link" href={addressOf(`GET /roster/list.${sort}`, days)}>
              {SHEET_FILES[sort].short}
            </a>
          ))}
          <a className="link" href={addressOf('GET /roster/list.ics', days)}>
            Calendar
          </a>
          <Link className="link" to="/people/asking">
            Asking
          </Link>
          <Link className="link" to="/people">
            All people
          </Link>
        </>
      }
    >
      <Loading query={roster.span} what="the events" />
      <Loading query={roster.people} what="the people" />
      {facts && (
        <>
          {plans && (
            <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1 pb-2">
              <label>
                What counts after holes{' '}
                <select
                  className="field"
                  value={way}
                  onChange={({ target }) => setWay(target.value as RosterWay)}
                >
                  {ROSTER_WAYS.map(each => (
                    <option key={each}>{each}</option>
                  ))}
                </select>
              </label>
              {progress ? (
                <button className="button" onClick={roster.stop}>
                  Stop looking ({Math.round(100 * progress.share)} %)
                </button>
              ) : (
                <button className="button button-main" onClick={() => roster.look(way)}>
                  Look for a roster
                </button>
              )}
              {changes.length > 0 && (
                <>
                  <button className="button" disabled={roster.sending} onClick={roster.write}>
                    Write {counted(changes.length, 'change', 'changes')} into the plans
                  </button>
                  <button className="link" onClick={roster.letGo}>
                    Let them go
                  </button>
                </>
              )}
              {roster.back && (
                <button className="link" onClick={roster.back}>
                  Back one step
                </button>
              )}
              {roster.undo && changes.length === 0 && (
                <button className="link" disabled={roster.sending} onClick={roster.undo}>
                  Take back what was written
                </button>
              )}
              <span role="status" className="text-stop">
                {roster.problem}
              </span>
            </div>
          )}
          {facts.lines.length === 0 && <p className="py-3 text-faint">No event begins in this time.</p>}
          {facts.lines.length > 0 && (
            <RosterGrid
              facts={facts}
              draft={roster.draft}
              dates={dates}
              onDraft={plans ? roster.setDraft : undefined}
            />
          )}
          <LeftOut left={span.data?.leftOut ?? []} />
          <RosterFound facts={facts} found={roster.found} changes={changes} dates={dates} />
        </>
      )}
    </Door>
  );
}

function DayField({ label, day, onDay }: { label: string; day: string; onDay: (day: string) => void }) {
  return (
    <label>
      {label}{' '}
      <input
        type="date"
        className="field"
        value={day}
        onChange={({ target }) => target.value && onDay(target.value)}
      />
    </label>
  );
}

/** Events of the time of which no roster can be made. */
const LeftOut = ({ left }: { left: readonly { id: string; label: string; why: string }[] }) =>
  left.map(({ id, label, why }) => (
    <p key={id} className="text-risk pt-1">
      ? {label} is left out: {why}.
    </p>
  ));

export type Dates = DateLocale | undefined;
