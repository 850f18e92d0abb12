import { PIN_LENGTH } from '@idle-satchel/core/roles';
import { useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client.js';
import { Dialog } from '../../ui/Dialog.js';
import { EntryField } from '../entry/EntryField.js';
import { FormEnd } from '../entry/FormEnd.js';
import { useDraft } from '../entry/use-draft.js';
import { pinNamesQuery } from './queries.js';

/** Sets the PIN by which one takes over a device that others have signed in. */
export function NewPin({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const { field, submit, busy, problem } = useDraft({ password: '', pin: '' }, async draft => {
    await call('PUT /account/pin', {}, draft);
    await queries.invalidateQueries(pinNamesQuery);
    onClose();
  });
  return (
    <Dialog title="A PIN for devices that several use" onClose={onClose}>
      <form className="grid gap-2" onSubmit={submit}>
        <p>
          On a phone that somebody has signed in, you take over by your name and this PIN: ticks are signed by
          you then. It lets nobody in anywhere else.
        </p>
        <EntryField
          label="Password"
          type="password"
          autoComplete="current-password"
          required
          autoFocus
          {...field('password')}
        />
        <EntryField
          label="PIN"
          help={`${PIN_LENGTH.least} to ${PIN_LENGTH.most} digits, not all the same and no row of them`}
          type="password"
          inputMode="numeric"
          autoComplete="off"
          required
          {...field('pin')}
        />
        <FormEnd problem={problem} busy={busy}>
          Set it
        </FormEnd>
      </form>
    </Dialog>
  );
}
