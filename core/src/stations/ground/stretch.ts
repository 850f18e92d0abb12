/** Correcting a measured length: everything beyond it moves along, everything within it keeps its proportion. */
import type { Plan, Venue } from '../../documents/index.js';
import { pointerOf, sameJson, type Json, type Operation, type Point } from '../../foundations/index.js';
import { partsOf, placing } from '../../drafting/parts.js';
import { applyVenueChanges, changeForEvent } from './venue-changes.js';
import { inPlan } from '../../edits.js';

const rounded = (metres: number): number => Math.round(metres * 1000) / 1000;

/** Shortest length a dimension may be given, m. */
export const SHORTEST = 0.1;

/**
 * Operations on the plan that give a dimension of the venue a new length, for this event only: walls, pillars,
 * areas, doors, marks, sockets, whatever else is drawn and other dimensions follow in `venueChanges`, and so does
 * what stands there. Empty when the dimension is unknown or the length is below `SHORTEST`.
 */
export function stretchVenue(
  surveyed: Venue,
  plan: Pick<Plan, 'venueChanges' | 'devices'>,
  dimension: string,
  length: number,
): Operation[] {
  const { venue } = applyVenueChanges(surveyed, plan.venueChanges);
  const measured = venue.dimensions?.[dimension];
  if (!measured || !(length >= SHORTEST)) return [];
  const { axis, from, to } = measured;
  const along = axis === 'x' ? 0 : 1;
  const factor = length / (to - from);
  const shift = length - (to - from);
  const moved = (value: number): number =>
    rounded(value <= from ? value : value >= to ? value + shift : from + (value - from) * factor);
  const movedPoint = (at: Point): Point => (along === 0 ? [moved(at[0]), at[1]] : [at[0], moved(at[1])]);

  const patch: Operation[] = [];
  const set = (path: string, before: Json, after: Json): void => {
    if (!sameJson(before, after)) patch.push({ op: 'replace', path, value: after });
  };
  for (const part of partsOf(venue)) {
    const { path, value } = placing(part, part.points.map(movedPoint));
    set(path, placing(part, part.points).value, value);
  }
  for (const [id, other] of Object.entries(venue.dimensions ?? {})) {
    if (other.axis !== axis) continue;
    set(pointerOf('dimensions', id, 'from'), other.from, moved(other.from));
    set(pointerOf('dimensions', id, 'to'), other.to, moved(other.to));
  }
  // What was guessed is measured now.
  for (const [id, { path }] of Object.entries(venue.guesses ?? {})) {
    if (path === `/dimensions/${dimension}`) patch.push({ op: 'remove', path: `/guesses/${id}` });
  }
  const devices = Object.entries(plan.devices ?? {}).flatMap(([id, { place }]): Operation[] => {
    if (!place?.at) return [];
    const value = movedPoint(place.at);
    return value[along] === place.at[along] ? [] : inPlan().put('devices', id, 'place', 'at', value).patch;
  });
  return [...changeForEvent(surveyed, plan.venueChanges, patch), ...devices];
}
