import { counted, daysAfter, showCalendarDay, showDayAndClock } from '@idle-satchel/core';
import type { BookingLine } from '@idle-satchel/core/api';
import { dayBars, dayBounds, type DayBar } from '@idle-satchel/core/shelf-list';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'wouter';
import { itemsQuery, organisationQuery } from '../../api/queries.js';
import { OWN_ZONE } from '../../ui/days.js';
import { Door, Loading } from '../door.js';
import { useLiveList } from '../use-live-list.js';
import { bookingsQuery } from './queries.js';
import { today } from '../../ui/today.js';

const HOURS = [0, 3, 6, 9, 12, 15, 18, 21, 24];
/** Tape codes that are named in a line. */
const NAMED = 8;

/** Who has what of the shelf on a day. */
export function BookingsPage() {
  const [day, setDay] = useState(today());
  const { from, to } = dayBounds(day, OWN_ZONE);
  const query = useQuery(bookingsQuery(from, to));
  useLiveList(['bookings'], message => message.shelf === true);
  const { data: { dates } = {} } = useQuery(organisationQuery);
  const bars = dayBars(query.data?.bookings ?? [], day, OWN_ZONE);
  return (
    <Door
      title="Bookings"
      actions={
        <>
          <button className="button" onClick={() => setDay(daysAfter(day, -1))}>
            Day before
          </button>
          <input
            type="date"
            className="field"
            aria-label="Day"
            value={day}
            onChange={event => event.target.value && setDay(event.target.value)}
          />
          <button className="button" onClick={() => setDay(daysAfter(day, 1))}>
            Day after
          </button>
          <Link className="link" to="/shelf">
            The shelf
          </Link>
        </>
      }
    >
      <p className="text-faint pb-2">{showCalendarDay(day, dates)}</p>
      <Loading query={query} what="the bookings" />
      {query.data && bars.length === 0 && (
        <p className="text-faint py-3">
          Nothing is booked on that day. An event books what is on its list when it is confirmed in Pack.
        </p>
      )}
      {bars.length > 0 && (
        <div role="list" aria-label="Bookings of the day">
          <div aria-hidden className="relative h-5 text-faint text-[12px] mx-4">
            {HOURS.map(hour => (
              <span
                key={hour}
                className="absolute -translate-x-1/2"
                style={{ left: `${(hour / 24) * 100}%` }}
              >
                {hour}:00
              </span>
            ))}
          </div>
          {bars.map(bar => (
            <Bar key={bar.of.id} bar={bar} dates={dates} />
          ))}
        </div>
      )}
    </Door>
  );
}

/** One booking: a line of the day, and what it has. */
function Bar({
  bar: { of, begins, ends, free },
  dates,
}: {
  bar: DayBar<BookingLine>;
  dates: Parameters<typeof showDayAndClock>[1]['dates'];
}) {
  const { data } = useQuery(itemsQuery);
  const tapes = new Map(data?.items.map(({ id, tape }) => [id, tape]));
  const [all, setAll] = useState(false);
  const shown = all ? of.items : of.items.slice(0, NAMED);
  const when = (at: string): string => showDayAndClock(at, { zone: OWN_ZONE, dates });
  return (
    <div role="listitem" className="border-b border-rule py-2">
      <div aria-hidden className="relative h-3 mx-4 border-x border-rule">
        {free > ends && (
          <span
            className="absolute inset-y-0 border border-faint border-dashed"
            style={{ left: `${ends * 100}%`, width: `${(free - ends) * 100}%` }}
          />
        )}
        <span
          className="absolute inset-y-0 bg-(--oil)"
          style={{ left: `${begins * 100}%`, width: `${(ends - begins) * 100}%` }}
        />
      </div>
      <p className="pt-1">
        {of.event === null ? (
          <b>{of.label}</b>
        ) : (
          <Link className="link font-semibold" to={`/events/${of.event}/pack`}>
            {of.label}
          </Link>
        )}{' '}
        <span className="text-faint">
          · {when(of.from)} – {when(of.to)}
          {of.free !== of.to && ` · free again ${when(of.free)}`} · {of.author}
        </span>
      </p>
      <p className="flex flex-wrap gap-1 items-baseline pt-1">
        {shown.map(({ item, count }) => (
          <Link key={item} to={`/shelf/${item}`} className="tape tape-small">
            {tapes.get(item) ?? '?'}
            {count !== undefined && ` × ${count}`}
          </Link>
        ))}
        {of.items.length > shown.length && (
          <button className="link" onClick={() => setAll(true)}>
            and {counted(of.items.length - shown.length, 'thing', 'things')} more
          </button>
        )}
      </p>
    </div>
  );
}
