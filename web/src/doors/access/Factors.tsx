import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client.js';
import { addPasskey, noPasskeysHere } from '../../api/passkeys.js';
import { ownDataQuery } from '../people/queries.js';
import { AuthenticatorDialog } from './AuthenticatorDialog.js';
import { PasswordFirst } from './PasswordFirst.js';
import { factorsQuery } from './queries.js';
import { RecoveryCodes } from './RecoveryCodes.js';
import { useWhen } from './when.js';

interface Open {
  readonly what: 'authenticator' | 'end' | 'codes' | 'passkey' | 'endPasskey';
  /** Of the passkey. */
  readonly id?: string;
}

/** What lets one in besides the password: an authenticator, codes on paper, passkeys. */
export function Factors() {
  const { data: factors } = useQuery(factorsQuery);
  const queries = useQueryClient();
  const [open, setOpen] = useState<Open>();
  const when = useWhen();
  const close = (): void => {
    setOpen(undefined);
    for (const { queryKey } of [factorsQuery, ownDataQuery]) void queries.invalidateQueries({ queryKey });
  };
  if (!factors) return null;
  const { authenticator, recoveryCodes, passkeys } = factors;
  const noPasskeys = noPasskeysHere();
  return (
    <section aria-labelledby="factors" className="mb-5 max-w-3xl">
      <h2 id="factors" className="mb-1">
        What else lets you in
      </h2>
      {authenticator ? (
        <p className="mb-2">
          An authenticator on your phone: signing in asks for its code.{' '}
          {recoveryCodes === 1 ? '1 code on paper is' : `${recoveryCodes} codes on paper are`} left.{' '}
          <button className="link" onClick={() => setOpen({ what: 'codes' })}>
            Make new ones
          </button>{' '}
          <button className="link" onClick={() => setOpen({ what: 'end' })}>
            Ask for no code any more
          </button>
        </p>
      ) : (
        <p className="mb-2">
          <button className="button" onClick={() => setOpen({ what: 'authenticator' })}>
            Set up an authenticator
          </button>{' '}
          <span className="text-faint">Whoever finds out your password still needs your phone.</span>
        </p>
      )}
      <ul className="mb-2">
        {passkeys.map(({ id, label, made, used }) => (
          <li key={id}>
            Passkey <b>{label}</b>, made {when(made)}, {used === null ? 'never used' : `used ${when(used)}`}{' '}
            <button
              className="link"
              aria-label={`End ${label}`}
              onClick={() => setOpen({ what: 'endPasskey', id })}
            >
              End it
            </button>
          </li>
        ))}
      </ul>
      {noPasskeys === undefined ? (
        <button className="button" onClick={() => setOpen({ what: 'passkey' })}>
          Add a passkey
        </button>
      ) : (
        <p className="text-faint">{noPasskeys}</p>
      )}
      {open && <FactorDialog open={open} onClose={close} />}
    </section>
  );
}

/** What is asked beside the password, and what comes of it. */
interface Asked {
  readonly title: string;
  readonly button: string;
  readonly words: string;
  readonly named?: string;
  readonly send: (draft: { password: string; label: string }) => Promise<unknown>;
}

/** Whatever is changed asks for the password first. */
function FactorDialog({ open, onClose }: { open: Open; onClose: () => void }) {
  const [codes, setCodes] = useState<readonly string[]>();
  if (codes) return <RecoveryCodes codes={codes} onClose={onClose} />;
  if (open.what === 'authenticator') return <AuthenticatorDialog onCodes={setCodes} onClose={onClose} />;
  const asked: Readonly<Record<typeof open.what, Asked>> = {
    codes: {
      title: 'New codes on paper',
      button: 'Make them',
      words: 'Those you have do not count any more then.',
      send: async ({ password }) =>
        setCodes((await call('POST /account/recovery-codes', {}, { password })).codes.map(each => each.code)),
    },
    end: {
      title: 'No code any more',
      button: 'Ask for no code',
      words: 'Signing in asks for the password alone then. Your codes on paper do not count any more.',
      send: ({ password }) => call('POST /account/authenticator/end', {}, { password }).then(onClose),
    },
    passkey: {
      title: 'Add a passkey',
      button: 'Make it',
      named: 'Name of this device',
      words:
        'This device keeps a key for you, and asks for your finger, face or code when you sign in. No password and no other code is asked for then: leave it on no device that others unlock.',
      send: ({ password, label }) => addPasskey(password, label).then(onClose),
    },
    endPasskey: {
      title: 'End a passkey',
      button: 'End it',
      words: 'It lets nobody in any more. Take it off the device as well.',
      send: ({ password }) =>
        call('POST /account/passkeys/:id/end', { id: open.id ?? '' }, { password }).then(onClose),
    },
  };
  const { words, ...rest } = asked[open.what];
  return (
    <PasswordFirst {...rest} onClose={onClose}>
      {words}
    </PasswordFirst>
  );
}
