/** How much of the floor a device takes. */
import type { Device, Kind } from '../documents/index.js';
import { squareAround, type Point } from '../foundations/index.js';
import { workedByHand } from './equipment.js';

/** People pass beneath what hangs from this height on, m. */
export const PASSED_BENEATH = 2.1;

/** Whether something hangs over people’s heads instead of standing: no camera, no lamp, and on no stand that is known. */
export const hangsAloft = (
  { place, support }: Pick<Device, 'place' | 'support'>,
  kind: Pick<Kind, 'optics' | 'lamp'> | undefined,
): boolean => (place?.height ?? 0) >= PASSED_BENEATH && support === undefined && !kind?.optics && !kind?.lamp;

/** Side of the floor a support takes, m: a locked-off stand, and one with room for who works it. */
const FOOTPRINT = { locked: 0.8, operated: 1.2 } as const;

export const footprintOf = (worked: Device['worked']): number =>
  FOOTPRINT[workedByHand(worked) ? 'operated' : 'locked'];

/**
 * The floor that a device takes for sure, however it is turned: that of a stand for cameras and lamps, a square of its
 * narrower side for anything else of which the size is known; undefined where it is not.
 */
export function floorTaken(
  at: Point,
  { worked }: Pick<Device, 'worked'>,
  kind: Pick<Kind, 'optics' | 'lamp' | 'size'> | undefined,
): Point[] | undefined {
  if (kind?.optics ?? kind?.lamp) return squareAround(at, footprintOf(worked));
  const { width, depth } = kind?.size ?? {};
  return width === undefined || depth === undefined ? undefined : squareAround(at, Math.min(width, depth));
}
