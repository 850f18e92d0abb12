import { useState } from 'react';
import { call } from '../../api/client.js';
import { noPasskeysHere, signInByPasskey } from '../../api/passkeys.js';
import { cameIn } from './came-in.js';
import { EntryField } from './EntryField.js';
import { EntryPage } from './EntryPage.js';
import { useDraft } from './use-draft.js';

/** Signing in by name and password, with a code where the account asks for one; or by a passkey. */
export default function SignIn() {
  /** The password fits, and a code is asked for besides. */
  const [asks, setAsks] = useState(false);
  const { field, submit, run, busy, problem } = useDraft(
    { login: '', password: '', code: '' },
    async ({ code, ...draft }) => {
      const next = await call('POST /session', {}, { ...draft, ...(asks && { code }) });
      if (next.wantsCode) setAsks(true);
      else await cameIn(next);
    },
  );
  return (
    <EntryPage title="Sign in">
      <form className="grid gap-2" onSubmit={submit}>
        <EntryField label="Sign-in name" autoComplete="username" required autoFocus {...field('login')} />
        <EntryField
          label="Password"
          type="password"
          autoComplete="current-password"
          required
          {...field('password')}
        />
        {asks && (
          <EntryField
            label="Code of the authenticator"
            help="Six digits from your phone; or one of your codes on paper"
            autoComplete="one-time-code"
            required
            autoFocus
            {...field('code')}
          />
        )}
        {problem && (
          <p role="alert" className="text-stop">
            ◆ {problem}
          </p>
        )}
        <p className="flex flex-wrap gap-3">
          <button className="button button-main" disabled={busy}>
            Sign in
          </button>
          {noPasskeysHere() === undefined && (
            <button
              type="button"
              className="button"
              disabled={busy}
              onClick={() => run(() => signInByPasskey().then(cameIn))}
            >
              Use a passkey
            </button>
          )}
        </p>
      </form>
      <p className="text-faint mt-4">
        No account yet? Whoever owns this house can send you an invitation. A password that is forgotten is
        made anew in the same way.
      </p>
    </EntryPage>
  );
}
