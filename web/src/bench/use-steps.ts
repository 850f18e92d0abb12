import { inWords, stepsIn, type Reading } from '@idle-satchel/core';
import { useReading } from '../store/hooks.js';

/** How far a press of an arrow key moves things here, m, without and with Shift. */
export const useSteps = (): ReturnType<typeof stepsIn> => stepsIn(useReading().system);

/** `arrows 0.1 m, with Shift 1 m`. */
export function stepWords({ system }: Reading): string {
  const { near, far } = stepsIn(system);
  return `${inWords(near, 'm', system)}, with Shift ${inWords(far, 'm', system)}`;
}
