import { showDayAndClock, type DateLocale } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { Link } from 'wouter';
import { call, wordsOf } from '../../api/client.js';
import { author } from '../../api/signature.js';
import { fromField, OWN_ZONE } from '../../ui/days.js';
import { GuardedButton } from '../../ui/GuardedButton.js';
import { itemBookingsQuery } from './queries.js';

/** When a thing is booked, and for which events it is only planned; it can be booked for something else. */
export function ItemBookings({ item, dates }: { item: ItemLine; dates: DateLocale | undefined }) {
  const queries = useQueryClient();
  const calendar = useQuery(itemBookingsQuery(item.id));
  const [wish, setWish] = useState({ label: '', from: '', to: '' });
  const [problem, setProblem] = useState('');
  const when = (at: string): string => showDayAndClock(at, { zone: OWN_ZONE, dates });
  const ask = async (work: () => Promise<unknown>): Promise<void> => {
    setProblem('');
    try {
      await work();
      setWish({ label: '', from: '', to: '' });
    } catch (error) {
      setProblem(wordsOf(error));
    } finally {
      await queries.invalidateQueries({ queryKey: ['bookings'] });
    }
  };
  const [from, to] = [fromField(wish.from, OWN_ZONE), fromField(wish.to, OWN_ZONE)];
  const missing =
    wish.label.trim() === ''
      ? 'say what for'
      : from === undefined || to === undefined
        ? 'say from when to when'
        : from >= to
          ? 'it ends before it begins'
          : undefined;
  const book = (event: FormEvent): void => {
    event.preventDefault();
    if (missing !== undefined || from === undefined || to === undefined) return;
    const booking = {
      ...{ label: wish.label.trim(), from, to, items: [{ item: item.id }] },
      ...{ author: author(), zone: OWN_ZONE },
    };
    void ask(() => call('POST /bookings', {}, booking));
  };
  const { bookings = [], planned = [] } = calendar.data ?? {};
  return (
    <section aria-label="Bookings" className="pt-3">
      <h2>Bookings</h2>
      <ul>
        {bookings.map(({ id, event, label, from: begins, to: ends }) => (
          <li key={id} className="py-1 border-b border-rule">
            {event === null ? label : <Link to={`/events/${event}/pack`}>{label}</Link>}{' '}
            <span className="text-faint">
              · {when(begins)} – {when(ends)}
            </span>
            {event === null && (
              <button
                className="link ml-2"
                aria-label={`Release: ${label}`}
                onClick={() => void ask(() => call('POST /bookings/:id/release', { id }, {}))}
              >
                Release
              </button>
            )}
          </li>
        ))}
        {planned.map(({ event, label, from: begins }) => (
          <li key={event} className="py-1 border-b border-rule text-faint">
            <Link to={`/events/${event}/pack`}>{label}</Link> · {when(begins)} · planned, not booked
          </li>
        ))}
        {calendar.data && bookings.length + planned.length === 0 && (
          <li className="text-faint">Nobody wants it yet.</li>
        )}
      </ul>
      <form
        aria-label="Book it"
        className="flex flex-wrap gap-x-3 gap-y-1 items-baseline pt-1"
        onSubmit={book}
      >
        <input
          className="field grow"
          aria-label="What it is booked for"
          placeholder="Book it for …"
          maxLength={80}
          value={wish.label}
          onChange={event => setWish({ ...wish, label: event.target.value })}
        />
        {(['from', 'to'] as const).map(side => (
          <label key={side}>
            <span className="text-faint">{side} </span>
            <input
              type="datetime-local"
              className="field"
              value={wish[side]}
              onChange={event => setWish({ ...wish, [side]: event.target.value })}
            />
          </label>
        ))}
        <GuardedButton why={missing}>Book</GuardedButton>
      </form>
      {problem && (
        <p role="alert" className="text-stop">
          {problem}
        </p>
      )}
    </section>
  );
}
