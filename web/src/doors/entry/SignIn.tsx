import { call } from '../../api/client.js';
import { EntryField } from './EntryField.js';
import { EntryPage } from './EntryPage.js';
import { useEntry } from './use-entry.js';

/** Signing in by name and password. */
export default function SignIn() {
  const { field, submit, busy, problem } = useEntry({ login: '', password: '' }, draft =>
    call('POST /session', {}, draft),
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
        {problem && (
          <p role="alert" className="text-stop">
            ◆ {problem}
          </p>
        )}
        <button className="button button-main justify-self-start" disabled={busy}>
          Sign in
        </button>
      </form>
      <p className="text-faint mt-4">
        No account yet? Whoever owns this house can send you an invitation. A password that is forgotten is
        made anew in the same way.
      </p>
    </EntryPage>
  );
}
