import { MOST_GUEST_DAYS } from '@idle-satchel/core/roles';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { call } from '../../api/client.js';
import { eventsQuery } from '../../api/queries.js';
import { GuardedButton } from '../../ui/GuardedButton.js';
import { linkWith } from '../entry/token-here.js';
import { auditQuery, guestLinksQuery } from './queries.js';
import { ShownOnce } from './ShownOnce.js';
import { useDoing } from './use-doing.js';
import { useWhen } from './when.js';

/** Links to the day of one event, for people without an account: a choir’s leader, the caretaker. */
export function GuestLinks() {
  const links = useQuery(guestLinksQuery).data?.links ?? [];
  const events = useInfiniteQuery(eventsQuery).data?.pages.flatMap(page => page.events) ?? [];
  const when = useWhen();
  const { problem, doing } = useDoing(guestLinksQuery.queryKey, auditQuery.queryKey);
  const [chosen, setChosen] = useState('');
  const [label, setLabel] = useState('');
  const [days, setDays] = useState('3');
  const [link, setLink] = useState<string>();
  const event = chosen || events[0]?.id || '';
  const count = Number(days);
  const isCount = Number.isInteger(count) && count >= 1 && count <= MOST_GUEST_DAYS;
  const make = (submitted: FormEvent): void => {
    submitted.preventDefault();
    void doing(async () => {
      const made = await call('POST /guest-links', {}, { event, label: label.trim(), days: count });
      setLink(linkWith('/guest', made.token));
      setLabel('');
    });
  };
  const missing =
    event === ''
      ? 'there is no event yet'
      : label.trim() === ''
        ? 'say who it is for'
        : isCount
          ? undefined
          : `from 1 to ${MOST_GUEST_DAYS} days`;
  return (
    <section aria-labelledby="guests">
      <h2 id="guests" className="mb-1">
        Links for guests
      </h2>
      <p className="text-faint mb-2">
        Whoever has such a link sees the day of one event: no names, no prices, nothing to change.
      </p>
      <form className="flex flex-wrap gap-3 items-end" onSubmit={make}>
        <label>
          <span className="block">Event</span>
          <select
            className="field max-w-[30ch]"
            value={event}
            onChange={({ target }) => setChosen(target.value)}
          >
            {events.map(({ id, label: name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="block">For</span>
          <input
            className="field"
            maxLength={80}
            placeholder="the caretaker"
            value={label}
            onChange={({ target }) => setLabel(target.value)}
          />
        </label>
        <label>
          <span className="block">Good for, days</span>
          <input
            className="field w-24"
            inputMode="numeric"
            aria-invalid={!isCount}
            value={days}
            onChange={({ target }) => setDays(target.value)}
          />
        </label>
        <GuardedButton className="button button-main" why={missing}>
          Make a link
        </GuardedButton>
      </form>
      {problem && <p className="text-stop mt-2">◆ {problem}</p>}
      {link !== undefined && (
        <ShownOnce label="The link for guests." link={link} onDone={() => setLink(undefined)} />
      )}
      {links.length > 0 && (
        <ul className="mt-2">
          {links.map(({ id, label: whom, eventLabel, ends }) => (
            <li key={id} className="flex flex-wrap gap-x-3 py-0.5">
              <span>
                {whom}: {eventLabel}
              </span>
              <span className="text-faint">good until {when(ends)}</span>
              <button
                className="link"
                onClick={() => void doing(() => call('POST /guest-links/:id/end', { id }))}
              >
                Take it back
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
