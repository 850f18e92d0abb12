import { lazy, Suspense } from 'react';
import { useOpenEvent, useUi } from '../store/hooks.js';

const DIALOGS = {
  rules: lazy(() => import('./RulesDialog.js')),
  shortcuts: lazy(() => import('./ShortcutsDialog.js')),
  find: lazy(() => import('./FindDialog.js')),
  history: lazy(() => import('../ui/HistoryDialog.js')),
};

/** The dialog that is open in this event, if any. */
export function EventDialogs() {
  const { ui } = useOpenEvent();
  const name = useUi(state => state.dialog);
  if (!name) return null;
  const Open = DIALOGS[name];
  return (
    <Suspense fallback={null}>
      <Open onClose={() => ui.set({ dialog: undefined })} />
    </Suspense>
  );
}
