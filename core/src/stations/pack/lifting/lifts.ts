/** The lifts that a case is taken through, and what is said of each. */
import type { Figure } from '../../../foundations/index.js';

/** What somebody whom nobody named may lift, kg (ISO 11228-1, nearly everybody). */
export const ANYBODY = 15;

/** Lifts that a case is taken through, from the floor to so high, m. House figures. */
export const LIFTS = {
  step: { words: 'up a stage step', to: 0.3 },
  boot: { words: 'into a boot', to: 0.65 },
  table: { words: 'onto a table', to: 0.75 },
} as const;
export type LiftName = keyof typeof LIFTS;

/** Why there is no number of people for a case. */
export const TOO_HEAVY = 'too heavy for three: split it, or let it go on wheels';

export interface Lift {
  readonly atStart: Figure;
  readonly atEnd: Figure;
  readonly recommended: Figure;
  readonly index: Figure;
}

export interface CaseResult {
  readonly label: string;
  readonly wheels: boolean;
  readonly pieces: Figure;
  readonly unweighed: Figure;
  readonly weight: Figure;
  readonly lifts: Readonly<Record<LiftName, Lift>>;
  /** Fewest people to lift it; unknown where three may not, or its size was not measured. */
  readonly people: Figure;
  /** Of two or more who are to lift it: what is left to them. */
  readonly left?: Figure;
}
