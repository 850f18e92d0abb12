import { acceptPatch, type Snag } from '@idle-satchel/core';
import { useState } from 'react';
import { keepName, signedName } from '../api/signature.js';
import { useStore } from '../store/hooks.js';
import { Dialog } from '../ui/Dialog.js';
import { NameField } from './NameField.js';

/** Leaves a snag open by name and with a reason. */
export default function AcceptDialog({ snag, onClose }: { snag: Snag; onClose: () => void }) {
  const store = useStore();
  const [by, setBy] = useState(signedName());
  const [reason, setReason] = useState('');
  const accept = (): void => {
    const { bundle, assessment } = store.get();
    keepName(by.trim());
    const signature = { by: by.trim(), reason: reason.trim(), at: new Date().toISOString() };
    store.patchPlan('Accept a snag', acceptPatch(snag, bundle.plan, assessment, signature));
    onClose();
  };
  return (
    <Dialog title="Accept this snag" onClose={onClose}>
      <p className="mb-3">{snag.title}</p>
      <form
        className="grid gap-3"
        onSubmit={event => {
          event.preventDefault();
          accept();
        }}
      >
        <NameField value={by} onChange={setBy} />
        <label>
          Why it is all right
          <input
            className="field w-full"
            required
            maxLength={300}
            value={reason}
            onChange={e => setReason(e.target.value)}
            autoFocus
          />
        </label>
        <p className="text-faint">It opens again when its figures change.</p>
        <button className="button button-main justify-self-end" disabled={!by.trim() || !reason.trim()}>
          Accept
        </button>
      </form>
    </Dialog>
  );
}
