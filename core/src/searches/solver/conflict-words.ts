/** Why nothing fits, as it is told: rules by their words, each once, and what of them would have to give way. */
import type { Conflict } from './why-none.js';

export interface ConflictSaid {
  readonly rules: readonly string[];
  readonly proven: boolean;
  readonly relaxed: readonly { readonly rule: string; readonly by: number; readonly unit: string }[];
}

/** Less than this is the solver’s rounding. */
const ROUNDING = 1e-6;

/** Units that come in parts; of all others whole ones give way. */
export const saidOf = (
  { rules, proven, relaxed }: Conflict,
  inParts: readonly string[] = [],
): ConflictSaid => ({
  rules: [...new Set(rules.map(({ words }) => words))],
  proven,
  relaxed: relaxed.map(({ rule: { words, unit }, by }) => ({
    ...{ rule: words, unit },
    by: inParts.includes(unit) ? by : Math.ceil(by - ROUNDING),
  })),
});
