/** Lengths that stand for what nobody measured yet, m: round to whoever reads them, so that nobody takes them for measured. */
import { FOOT, type UnitSystem } from '../foundations/index.js';

/** Clear width of an aisle. */
const AISLE = 1.4;
/** From row to row, where nobody measured; the least that people get through. */
export const ROW_SPACING = { usual: 0.95, least: 0.6 } as const;
/** The stage of a hall. */
const STAGE = { depth: 3, height: 0.6 } as const;

/** Below so much a guess is told to 2 inches, from there on to half a foot, m. */
const LONG = 0.9;

/** A guess, m, as a tape of the house would have it: half feet or 2 inches where units are imperial. */
export function guessIn(metres: number, system: UnitSystem = 'metric'): number {
  if (system === 'metric') return metres;
  const step = metres < LONG ? FOOT / 6 : FOOT / 2;
  return Math.round(Math.round(metres / step) * step * 1000) / 1000;
}

/** What is guessed of the inside of a room. */
export const insideGuesses = (system?: UnitSystem) => ({
  aisle: guessIn(AISLE, system),
  rowSpacing: guessIn(ROW_SPACING.usual, system),
  stageDepth: guessIn(STAGE.depth, system),
  stageHeight: guessIn(STAGE.height, system),
});
