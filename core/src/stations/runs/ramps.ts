/** Ramps over the leads that cross clear aisles. */
import type { Area } from '../../documents/index.js';
import { between, stretchesInside, walkAxis, type MapOf, type Point } from '../../foundations/index.js';
import type { Zone } from './floor.js';
import type { RunResult } from './result.js';

/** One ramp, right across an aisle. */
export interface Ramp {
  /** The aisle, and its name. */
  readonly aisle: string;
  readonly label: string;
  /** Clear width that it covers, m. */
  readonly width: number;
}

/** Leads that cross within this length of an aisle go under one ramp: as much as one is wide, m. */
const RAMP_WIDTH = 0.5;

/** Zones of one sort that any lead passes, each once. */
export const passed = (runs: readonly Pick<RunResult, 'crossings'>[], kind: Zone['kind']): readonly Zone[] =>
  [...new Map(runs.flatMap(run => run.crossings.map(zone => [zone.id, zone] as const))).values()].filter(
    zone => zone.kind === kind,
  );

type Crossing = Pick<RunResult, 'crossings' | 'points' | 'aloft'>;

/** A ramp for every place where leads cross an aisle; those beside each other share one. */
export const rampsOver = (
  runs: readonly Crossing[],
  areas: MapOf<Pick<Area, 'outline' | 'walk'>> | undefined,
): readonly Ramp[] =>
  passed(runs, 'aisle').flatMap(({ id, label, ramped }) => {
    const area = areas?.[id];
    const own = runs.filter(({ crossings }) => crossings.some(zone => zone.id === id));
    const places = area ? own.flatMap(run => placesIn(area, run)).sort((a, b) => a - b) : [];
    const ramps: Ramp[] = [];
    let from = -Infinity;
    // A lead that only grazes the aisle has a ramp as well.
    for (const place of places.length > 0 ? places : [0]) {
      if (place - from <= RAMP_WIDTH) continue;
      from = place;
      ramps.push({ aisle: id, label, width: ramped });
    }
    return ramps;
  });

/** How far along an aisle a lead crosses it, m, wherever it does. */
function placesIn(
  { outline, ...area }: Pick<Area, 'outline' | 'walk'>,
  { points, aloft }: Crossing,
): number[] {
  const axis = walkAxis({ outline, ...area }) === 'x' ? 0 : 1;
  return points.slice(1).flatMap((to, i) => {
    const from = points[i] as Point;
    if (aloft.has(i)) return [];
    return stretchesInside(outline, from, to).map(
      ([begin, end]) => between(from, to, (begin + end) / 2)[axis],
    );
  });
}
