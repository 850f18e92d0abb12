/** How much of the floor a device takes. */
import type { Area, Device, Kind } from '../documents/index.js';
import { contains, floorAt, inOrder, squareAround, type MapOf, type Point } from '../foundations/index.js';
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

/** Less than this they only touch, m: walls and rows are drawn to a few centimetres. */
export const TOUCH = 0.05;

/** An outline drawn in by a few centimetres towards its middle, so that what only touches does not meet. */
export function drawnIn(outline: readonly Point[]): Point[] {
  const middle = outline.reduce(
    ([x, y], [px, py]) => [x + px / outline.length, y + py / outline.length],
    [0, 0],
  );
  return outline.map(([x, y]) => {
    const [dx, dy] = [(middle[0] ?? 0) - x, (middle[1] ?? 0) - y];
    const away = Math.hypot(dx, dy);
    const share = away === 0 ? 0 : Math.min(1, TOUCH / away);
    return [x + dx * share, y + dy * share];
  });
}

/** A step of the floor that no stand is levelled over, m. */
const STEP = 0.15;

/**
 * The raised floor over whose edge what takes some floor would stand, one foot up and one down; undefined where it
 * stands level, as on a rake that rises evenly.
 */
export function edgeUnder(areas: MapOf<Area>, taken: readonly Point[]): Area | undefined {
  const heights = taken.map(corner => floorAt(areas, corner));
  if (Math.max(...heights) - Math.min(...heights) <= STEP) return undefined;
  return inOrder(areas).find(([, { kind, floor, rake, outline }]) => {
    const on = taken.filter(corner => contains(outline, corner)).length;
    return kind === 'raised' && floor !== undefined && !rake && on > 0 && on < taken.length;
  })?.[1];
}
