import { Redo2, Undo2 } from 'lucide-react';
import { useEvent, useStore } from '../store/hooks.js';

/** What is being saved, or what was undone, refused or changed by somebody else; and what this device cannot keep. */
export function SavingWords() {
  const saving = useEvent(state => state.saving);
  const message = useEvent(state => state.message);
  return (
    <>
      <NotKept />
      <span
        role="status"
        className="flex-1 min-w-0 truncate text-[13px] text-faint text-right"
        title={message}
      >
        {[message, saving === 'saving' ? 'saving …' : ''].filter(Boolean).join(' ')}
      </span>
    </>
  );
}

/** Where what was done is while the server does not have it; stays for as long as that is so. */
function NotKept() {
  const offline = useEvent(({ saving }) => saving === 'offline');
  const onDevice = useEvent(state => state.onDevice);
  const waiting = useEvent(state => state.waiting);
  if (onDevice === 'failed' && waiting > 0)
    return (
      <span role="alert" className="text-stop text-[13px] whitespace-nowrap" title={FULL}>
        ◆ not kept on this device
      </span>
    );
  if (!offline) return null;
  return (
    <span className="text-risk text-[13px] whitespace-nowrap">
      ◇ not connected{waiting > 0 && ` · ${waiting} ${onDevice === 'kept' ? 'kept here' : 'being kept'}`}
    </span>
  );
}

const FULL =
  'This device takes nothing more: leave this page open until all is sent, or make room. It is tried again.';

export function UndoButtons() {
  const store = useStore();
  const canUndo = useEvent(state => state.canUndo);
  const canRedo = useEvent(state => state.canRedo);
  const undo = canUndo ? 'Undo (u)' : 'Nothing to undo';
  const redo = canRedo ? 'Redo (Shift+u)' : 'Nothing to redo';
  return (
    <span className="flex gap-2 text-faint">
      <button
        aria-label={undo}
        title={undo}
        disabled={!canUndo}
        className="disabled:opacity-40"
        onClick={() => void store.undo()}
      >
        <Undo2 size={17} />
      </button>
      <button
        aria-label={redo}
        title={redo}
        disabled={!canRedo}
        className="disabled:opacity-40"
        onClick={() => void store.redo()}
      >
        <Redo2 size={17} />
      </button>
    </span>
  );
}
