/** Where on its way a lead goes under a ramp or over a door. */
import type { Venue } from '../../documents/index.js';
import { between, contains, distance, type Point } from '../../foundations/index.js';
import type { Zone } from './floor.js';
import type { RunResult } from './result.js';
import { alongFloor } from './occupancy.js';
import { alongLine } from './pins.js';

export interface CrossingMark {
  readonly zone: Zone;
  readonly at: Point;
  /** Metres along the way. */
  readonly along: number;
}

/** `ramp over Aisle`, `overhead at Main door`. */
export const crossingWords = ({ kind, label }: Pick<Zone, 'kind' | 'label'>): string =>
  kind === 'aisle' ? `ramp over ${label}` : `overhead at ${label}`;

/** A mark for each aisle and door of a run, in the order it comes to them. */
export function crossingMarks(
  run: Pick<RunResult, 'points' | 'floors' | 'aloft' | 'crossings'>,
  { areas, doors }: Pick<Venue, 'areas' | 'doors'>,
): CrossingMark[] {
  return run.crossings
    .flatMap((zone): CrossingMark[] => {
      const at =
        zone.kind === 'aisle'
          ? middleInside(run, areas?.[zone.id]?.outline)
          : nearestTo(run, doors?.[zone.id]?.jambs);
      return at ? [{ zone, at, along: alongLine(run.points, at) }] : [];
    })
    .sort((a, b) => a.along - b.along);
}

function middleInside(
  run: Pick<RunResult, 'points' | 'floors' | 'aloft'>,
  outline: readonly Point[] | undefined,
): Point | undefined {
  if (!outline) return undefined;
  const inside: Point[] = [];
  alongFloor(run, 0.1, at => {
    if (contains(outline, at)) inside.push(at);
  });
  return inside[inside.length >> 1];
}

function nearestTo(
  run: Pick<RunResult, 'points' | 'floors' | 'aloft'>,
  jambs: readonly Point[] | undefined,
): Point | undefined {
  const [a, b] = jambs ?? [];
  if (!a || !b) return undefined;
  const middle = between(a, b, 0.5);
  let best: Point | undefined;
  alongFloor(run, 0.1, at => {
    if (!best || distance(at, middle) < distance(best, middle)) best = at;
  });
  return best;
}
