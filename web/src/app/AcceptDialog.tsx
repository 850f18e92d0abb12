import { acceptPatch, type Snag } from '@idle-satchel/core';
import { useForm, useWatch } from 'react-hook-form';
import { keepName, signedName } from '../api/signature.js';
import { useStore } from '../store/hooks.js';
import { Dialog } from '../ui/Dialog.js';
import { NameField } from './NameField.js';
import { GuardedButton } from '../ui/GuardedButton.js';

/** Leaves a snag open by name and with a reason. */
export default function AcceptDialog({ snag, onClose }: { snag: Snag; onClose: () => void }) {
  const store = useStore();
  const { register, handleSubmit, control } = useForm({ defaultValues: { by: signedName(), reason: '' } });
  const { by = '', reason = '' } = useWatch({ control });
  const accept = handleSubmit(signed => {
    const { bundle, assessment } = store.get();
    keepName(signed.by.trim());
    const signature = {
      by: signed.by.trim(),
      reason: signed.reason.trim(),
      at: new Date().toISOString(),
    };
    store.patchPlan('Accept a snag', acceptPatch(snag, bundle.plan, assessment, signature));
    onClose();
  });
  return (
    <Dialog title="Accept this snag" onClose={onClose}>
      <p className="mb-3">{snag.title}</p>
      <form className="grid gap-3" onSubmit={event => void accept(event)}>
        <NameField field={register('by')} />
        <label>
          Why it is all right
          <input className="field w-full" required maxLength={300} autoFocus {...register('reason')} />
        </label>
        <p className="text-faint">It opens again when its figures change.</p>
        <GuardedButton
          className="button button-main"
          why={!by.trim() ? 'your name is missing' : !reason.trim() ? 'say why it is all right' : undefined}
        >
          Accept
        </GuardedButton>
      </form>
    </Dialog>
  );
}
