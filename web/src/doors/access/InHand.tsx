import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client.js';
import { useMe } from '../../ui/me.js';
import { EntryField } from '../entry/EntryField.js';
import { useEntry } from '../entry/use-entry.js';
import { pinNamesQuery } from './queries.js';

/** Who has this device in hand: several people use one phone in turns, and each signs with their own name. */
export function InHand() {
  const me = useMe();
  const people = useQuery(pinNamesQuery).data?.people ?? [];
  const others = people.filter(({ id }) => id !== me?.account);
  const [chosen, setChosen] = useState<string>();
  const lentBy = me?.lentBy;
  if (others.length === 0 && !lentBy) return null;
  return (
    <section aria-labelledby="in-hand" className="mb-5">
      <h2 id="in-hand" className="mb-1">
        Somebody else has it in hand
      </h2>
      <p className="flex flex-wrap gap-2">
        {others.map(({ id, name }) => (
          <button
            key={id}
            className="button chosen"
            aria-pressed={chosen === id}
            onClick={() => setChosen(chosen === id ? undefined : id)}
          >
            {name}
          </button>
        ))}
      </p>
      {chosen !== undefined && <Proof key={chosen} account={chosen} by="pin" />}
      {lentBy && (
        <>
          <p className="mt-3">{lentBy.name} has signed it in, and has it back by their password.</p>
          <Proof account={lentBy.id} by="password" />
        </>
      )}
    </section>
  );
}

/** How somebody proves who they are: by their PIN, or whoever signed it in by their password. */
function Proof({ account, by }: { account: string; by: 'pin' | 'password' }) {
  const { field, submit, busy, problem } = useEntry({ [by]: '' }, async draft => {
    const next = await call('POST /session/person', {}, { account, ...draft });
    // Back to what they were at: an event that was left has sent what it had.
    window.history.back();
    return next;
  });
  return (
    <form className="flex flex-wrap gap-3 items-start mt-2" onSubmit={submit}>
      <EntryField
        label={by === 'pin' ? 'PIN' : 'Password'}
        {...(by === 'pin' && { help: 'As a hand, until somebody else takes over', autoFocus: true })}
        type="password"
        inputMode={by === 'pin' ? 'numeric' : 'text'}
        autoComplete={by === 'pin' ? 'off' : 'current-password'}
        required
        {...field(by)}
      />
      <button className="button button-main mt-6" disabled={busy}>
        {by === 'pin' ? 'Take over' : 'Have it back'}
      </button>
      {problem && <p className="text-stop basis-full">◆ {problem}</p>}
    </form>
  );
}
