import { call } from '../../api/client.js';
import { Dialog } from '../../ui/Dialog.js';
import { EntryField } from '../entry/EntryField.js';
import { NewPasswordField } from '../entry/NewPasswordField.js';
import { useEntry } from '../entry/use-entry.js';

/** Changes one’s own password. */
export function NewPassword({ onClose }: { onClose: () => void }) {
  const { field, submit, busy, problem } = useEntry({ password: '', next: '' }, async draft => {
    const me = await call('PUT /account/password', {}, draft);
    onClose();
    return me;
  });
  return (
    <Dialog title="Change the password" onClose={onClose}>
      <form className="grid gap-2" onSubmit={submit}>
        <EntryField
          label="Password until now"
          type="password"
          autoComplete="current-password"
          required
          autoFocus
          {...field('password')}
        />
        <NewPasswordField label="New password" {...field('next')} />
        {problem && <p className="text-stop">◆ {problem}</p>}
        <p className="text-faint">Every other browser that is signed in is signed out.</p>
        <button className="button button-main justify-self-end" disabled={busy}>
          Change it
        </button>
      </form>
    </Dialog>
  );
}
