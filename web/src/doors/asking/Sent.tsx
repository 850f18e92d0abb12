import { showCalendarDay } from '@idle-satchel/core';
import type { Requests } from '@idle-satchel/core/api';
import { useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client.js';
import { useWhen } from '../access/when.js';
import type { Knowing } from './knowing.js';

const STATES = {
  sent: 'sent',
  kept: 'simulated',
  failed: 'failed',
  'by hand': 'made to be sent by hand',
} as const;

/** Messages of the last weeks, without the links that were in them; and the links that are good, to be taken back. */
export function Sent({
  requests,
  knowing,
  changes,
}: {
  requests: Requests;
  knowing: Knowing;
  changes: boolean;
}) {
  const queries = useQueryClient();
  const when = useWhen();
  const { messages, links } = requests;
  if (messages.length === 0 && links.length === 0) return null;
  const name = (id: string): string => knowing.people.get(id)?.name ?? 'somebody';
  const end = (id: string): void =>
    void call('POST /duty-links/:id/end', { id }).finally(
      () => void queries.invalidateQueries({ queryKey: ['requests'] }),
    );
  return (
    <div className="grid lg:grid-cols-2 gap-x-10 gap-y-3 pt-5">
      <section aria-label="Messages">
        <h2>Messages</h2>
        <ul>
          {messages.slice(0, 100).map(({ id, person, subject, state, at, text }) => (
            <li key={id} className="border-b border-rule py-1">
              <details>
                <summary>
                  {name(person)}: {subject}{' '}
                  <span className="text-faint">
                    {STATES[state]}, {when(at)}
                  </span>
                </summary>
                <p className="whitespace-pre-wrap text-faint">{text}</p>
              </details>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="Personal links">
        <h2>Links that are good</h2>
        <ul>
          {links.map(({ id, person, ends, calendar }) => (
            <li key={id} className="flex gap-3 items-baseline border-b border-rule py-1">
              <span className="grow">
                {name(person)}{' '}
                <span className="text-faint">
                  until {showCalendarDay(ends.slice(0, 10), knowing.dates)}
                  {calendar && ', with a calendar'}
                </span>
              </span>
              {changes && (
                <button
                  className="link"
                  aria-label={`Take back the link of ${name(person)}`}
                  onClick={() => end(id)}
                >
                  Take it back
                </button>
              )}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
