import { call } from '../../api/client.js';
import { Dialog } from '../../ui/Dialog.js';
import { EntryField } from '../entry/EntryField.js';
import { FormEnd } from '../entry/FormEnd.js';
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
        <p className="text-faint">Every other browser that is signed in is signed out.</p>
        <FormEnd problem={problem} busy={busy}>
          Change it
        </FormEnd>
      </form>
    </Dialog>
  );
}
