import type { ReactNode } from 'react';
import { Dialog } from '../../ui/Dialog.js';
import { EntryField } from '../entry/EntryField.js';
import { FormEnd } from '../entry/FormEnd.js';
import { useDraft } from '../entry/use-draft.js';

/** Something about how one is let in is changed: one proves once more who one is. */
export function PasswordFirst({
  title,
  button,
  named,
  send,
  onClose,
  children,
}: {
  title: string;
  button: string;
  /** What is given a name; absent where nothing is. */
  named?: string;
  send: (draft: { password: string; label: string }) => Promise<unknown>;
  onClose: () => void;
  children: ReactNode;
}) {
  const { field, submit, busy, problem } = useDraft({ password: '', label: '' }, send);
  return (
    <Dialog title={title} onClose={onClose}>
      <form className="grid gap-2" onSubmit={submit}>
        <div>{children}</div>
        {named !== undefined && (
          <EntryField label={named} maxLength={80} required autoFocus {...field('label')} />
        )}
        <EntryField
          label="Password"
          type="password"
          autoComplete="current-password"
          required
          autoFocus={named === undefined}
          {...field('password')}
        />
        <FormEnd problem={problem} busy={busy}>
          {button}
        </FormEnd>
      </form>
    </Dialog>
  );
}
