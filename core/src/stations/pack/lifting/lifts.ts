/** The lifts that a case is taken through, and what is said of each. */
import type { Figure } from '../../../foundations/index.js';
import type { AtDoor } from './doors.js';
import type { ByAirliner } from './by-air.js';
import type { Push } from './push.js';

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

/** Somebody who is named among those who lift a case. */
export interface LifterResult {
  readonly name: string;
  /** Under 18. */
  readonly young: boolean;
  readonly left: Figure;
}

export interface CaseResult {
  readonly label: string;
  /** How many lift it; none: it goes on its wheels; undefined where it was not said. */
  readonly by: number | undefined;
  readonly wheels: boolean;
  readonly pieces: Figure;
  readonly unweighed: Figure;
  readonly weight: Figure;
  readonly lifts: Readonly<Record<LiftName, Lift>>;
  /** Fewest people to lift it; unknown where three may not, or its size was not measured. */
  readonly people: Figure;
  /** Of two or more who are to lift it: what is left to them. */
  readonly left?: Figure;
  /** Those who are named, by id. */
  readonly lifters: Readonly<Record<string, LifterResult>>;
  /** Where there are steps on the way in: fewest people there, and what is left to those who lift it. */
  readonly stairsPeople?: Figure;
  readonly stairsLeft?: Figure;
  /** Of one on wheels. */
  readonly push?: Push;
  /** Where doors of the way in were measured. */
  readonly door?: AtDoor;
  readonly air: ByAirliner;
}
