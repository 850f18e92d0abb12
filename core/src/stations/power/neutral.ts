/** Neutral of several phases and of split systems. */
import type { MainsSystem, PhaseNumber } from '../../documents/index.js';

/** Current of a phase, A, and the power factor with which it is drawn, lagging. */
export interface PhaseCurrent {
  readonly amps: number;
  readonly factor: number;
}

/** Degrees by which the volts of each phase or leg follow those of the first. */
const ANGLES: Readonly<Record<MainsSystem, Readonly<Partial<Record<PhaseNumber, number>>>>> = {
  'one phase': { 1: 0 },
  'three phases': { 1: 0, 2: 120, 3: 240 },
  'split 120/240': { 1: 0, 2: 180 },
  'two legs of 120/208': { 1: 0, 2: 120 },
};

const RADIANS = Math.PI / 180;

/**
 * Current in the neutral, A: the sum of the phasors of the phases, each behind its volts by its own power factor.
 * At equal factors √(a² + b² + c² − ab − bc − ca) of three phases, |a − b| of opposite legs and √(a² + b² − ab) of two
 * legs of three phases. Third harmonics, which add up in it, are not among them.
 */
export function neutralOf(
  system: MainsSystem,
  currents: Readonly<Partial<Record<PhaseNumber, PhaseCurrent>>>,
): number {
  let [real, imaginary] = [0, 0];
  for (const [phase, { amps, factor }] of Object.entries(currents)) {
    const angle = ANGLES[system][phase as PhaseNumber];
    if (angle === undefined) continue;
    const behind = angle * RADIANS + Math.acos(Math.min(1, factor));
    real += amps * Math.cos(behind);
    imaginary -= amps * Math.sin(behind);
  }
  return Math.hypot(real, imaginary);
}

/** The most that the third harmonics of adapters without correction put on the neutral, × the current of a phase. */
export const WITH_HARMONICS = Math.sqrt(3);
