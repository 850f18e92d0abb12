import { ROLE_WORDS } from '@idle-satchel/core/roles';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wordsOf } from '../../api/client.js';
import { me } from '../../api/me.js';
import { useMe } from '../../ui/me.js';
import { Door, Loading } from '../door.js';
import { OwnData } from '../people/OwnData.js';
import { OrganisationChoice } from '../OrganisationChoice.js';
import { Factors } from './Factors.js';
import { InHand } from './InHand.js';
import { NewPassword } from './NewPassword.js';
import { NewPin } from './NewPin.js';
import { sessionsQuery } from './queries.js';
import { deviceWords } from './device-words.js';
import { useDoing } from './use-doing.js';
import { useWhen } from './when.js';

/** One’s own account: who one is here, the password, and the browsers that are signed in. */
export function AccountPage() {
  const own = useMe();
  const { problem, doing } = useDoing(sessionsQuery.queryKey);
  const [changing, setChanging] = useState(false);
  const [pinning, setPinning] = useState(false);
  const [failed, setFailed] = useState('');
  if (own?.account === undefined)
    return (
      <Door title="Your account">
        <p>This is a demo: everybody owns it, and nobody signs in.</p>
      </Door>
    );
  const role = own.role ?? 'guest';
  const signOut = (): void =>
    void call('POST /session/end', {}).then(
      next => me.set(next),
      (error: unknown) => setFailed(wordsOf(error)),
    );
  return (
    <Door title="Your account" actions={<OrganisationChoice />}>
      <p className="mb-1">
        {own.name}, who signs in as <b>{own.login}</b>.
      </p>
      <p className="mb-4">
        Your role here: <b>{role}</b>, who {ROLE_WORDS[role]}.
      </p>
      <p className="flex gap-3 mb-5">
        <button className="button" onClick={() => setChanging(true)}>
          Change the password
        </button>
        <button className="button" onClick={() => setPinning(true)}>
          Set a PIN
        </button>
        <button className="button" onClick={signOut}>
          Sign out
        </button>
      </p>
      {own.lentBy === undefined && <Factors />}
      <InHand />
      {pinning && <NewPin onClose={() => setPinning(false)} />}
      {changing && <NewPassword onClose={() => setChanging(false)} />}
      {(problem || failed) && <p className="text-stop mb-3">◆ {problem || failed}</p>}
      <Sessions doing={doing} />
      {own.lentBy === undefined && <OwnData name={own.name ?? ''} />}
    </Door>
  );
}

function Sessions({ doing }: { doing: (work: () => Promise<unknown>) => Promise<boolean> }) {
  const query = useQuery(sessionsQuery);
  const when = useWhen();
  const sessions = query.data?.sessions ?? [];
  return (
    <section aria-label="Signed in">
      <h2 className="mb-2">Where you are signed in</h2>
      <Loading query={query} what="where you are signed in" />
      {sessions.length > 0 && (
        <table className="max-w-3xl">
          <thead>
            <tr>
              <th>Browser</th>
              <th>Address</th>
              <th>Used last</th>
              <th>
                <span className="sr-only">End</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {sessions.map(({ id, device, address, seen, own }) => (
              <tr key={id}>
                <td title={device}>{deviceWords(device)}</td>
                <td>{address}</td>
                <td>{own ? 'this one, now' : when(seen)}</td>
                <td>
                  {!own && (
                    <button
                      className="link"
                      onClick={() => void doing(() => call('POST /sessions/:id/end', { id }))}
                    >
                      Sign it out
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {sessions.length > 1 && (
        <button className="link mt-2" onClick={() => void doing(() => call('POST /sessions/end-others', {}))}>
          Sign out all others
        </button>
      )}
      <p className="text-faint mt-3">
        A browser that is not used for a week, or was signed in a month ago, is signed out by itself. A phone
        that is lost: sign it out here, and change the password.
      </p>
    </section>
  );
}
