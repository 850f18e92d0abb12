import { PHASE_ORDER, PHASE_WORDS, type Figure } from '@idle-satchel/core';
import { FigureRow } from '../../ledger/Ledger.js';

/** A figure in each phase of the day in which there is one. */
export function ByPhase({ of }: { of: Readonly<Record<string, Figure>> }) {
  const phases = PHASE_ORDER.flatMap(phase => (of[phase] ? [[phase, of[phase]] as const] : []));
  if (phases.length === 0) return null;
  return (
    <details>
      <summary className="text-faint">By phase</summary>
      {phases.map(([phase, figure]) => (
        <FigureRow key={phase} label={PHASE_WORDS[phase]} figure={figure} />
      ))}
    </details>
  );
}
