import { useState } from 'react';
import { addressOf, call, messageOf } from '../../api/client.js';
import { ShownOnce } from '../access/ShownOnce.js';

/** The address of a calendar of one’s duties: it has a token of its own, and no names in it. */
export function OwnCalendar({ token }: { token: string }) {
  const [address, setAddress] = useState('');
  const [problem, setProblem] = useState('');
  const make = (): void =>
    void call('POST /duties/calendar', {}, { token }).then(
      made =>
        setAddress(
          `${window.location.origin}${addressOf('GET /calendar/:token', { token: `${made.token}.ics` })}`,
        ),
      (error: unknown) => setProblem(messageOf(error)),
    );
  return (
    <section aria-label="Your calendar" className="border-t border-ink pt-3 mt-3">
      <h2>Your calendar</h2>
      <p className="text-faint">
        A calendar that you add by its address follows what changes. Whoever has the address sees when and
        where you help, but no names.
      </p>
      {problem && <p className="text-stop">{problem}</p>}
      {address ? (
        <>
          <ShownOnce
            label="Add this address to your calendar."
            link={address}
            onDone={() => setAddress('')}
          />
          <a className="link" href={address.replace(/^https?:/, 'webcal:')}>
            Open it in the calendar of this device
          </a>
        </>
      ) : (
        <button className="button mt-2" onClick={make}>
          Make the address of a calendar
        </button>
      )}
    </section>
  );
}
