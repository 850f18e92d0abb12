import type { Fix, Snag } from '@idle-satchel/core';
import { useOpenEvent } from '../store/hooks.js';

/** Severity is never shown by colour alone: a glyph and its word go with it. */
const SEVERITY = {
  stop: { glyph: '◆', tone: 'text-stop' },
  risk: { glyph: '◇', tone: 'text-risk' },
  note: { glyph: '○', tone: 'text-note' },
} as const;

export function SeverityWord({ severity }: Pick<Snag, 'severity'>) {
  const { glyph, tone } = SEVERITY[severity];
  return (
    <span className={`font-semibold whitespace-nowrap ${tone}`}>
      <span aria-hidden>{glyph} </span>
      {severity}
    </span>
  );
}

/** Applies a fix as one edit, and goes on to the next snag that has one. */
export function useApplyFix(): (fix: Fix) => void {
  const { store, ui } = useOpenEvent();
  return fix => {
    store.commit(fix.label.slice(0, 120), fix.changes);
    ui.set({ snag: undefined, mending: true });
  };
}
