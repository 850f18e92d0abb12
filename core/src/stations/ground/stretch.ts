/** Correcting a measured length: everything beyond it moves along, everything within it keeps its proportion. */
import type { Plan, Venue } from '../../documents/index.js';
import { pointerOf, type Json, type Operation, type Point } from '../../foundations/index.js';
import { dropFromVenue, setAllInVenue } from './set-venue.js';

const rounded = (metres: number): number => Math.round(metres * 1000) / 1000;

/** Shortest length a dimension may be given, m. */
export const SHORTEST = 0.1;

/**
 * Operations on the plan that give a dimension of the venue a new length, for this event only: walls, pillars,
 * areas, doors, marks, sockets and other dimensions follow in `venueChanges`, and so does what stands there.
 * Empty when the dimension is unknown or the length is below `SHORTEST`.
 */
export function stretchVenue(
  venue: Venue,
  plan: Pick<Plan, 'venueChanges' | 'devices'>,
  dimension: string,
  length: number,
): Operation[] {
  const measured = venue.dimensions?.[dimension];
  if (!measured || !(length >= SHORTEST)) return [];
  const { axis, from, to } = measured;
  const along = axis === 'x' ? 0 : 1;
  const factor = length / (to - from);
  const shift = length - (to - from);
  const moved = (value: number): number =>
    rounded(value <= from ? value : value >= to ? value + shift : from + (value - from) * factor);
  const movedPoint = (at: Point): Point => (along === 0 ? [moved(at[0]), at[1]] : [at[0], moved(at[1])]);
  const movedAll = (points: readonly Point[]): Point[] => points.map(movedPoint);

  const values: [string, Json][] = [];
  const set = (path: string, before: Json, after: Json): void => {
    if (JSON.stringify(before) !== JSON.stringify(after)) values.push([path, after]);
  };
  set('/outline', venue.outline, movedAll(venue.outline));
  for (const map of ['pillars', 'marks', 'sockets', 'networkSockets'] as const) {
    for (const [id, { at }] of Object.entries(venue[map] ?? {}))
      set(pointerOf(map, id, 'at'), at, movedPoint(at));
  }
  for (const [id, { outline }] of Object.entries(venue.areas ?? {})) {
    set(pointerOf('areas', id, 'outline'), outline, movedAll(outline));
  }
  for (const [id, { jambs }] of Object.entries(venue.doors ?? {})) {
    set(pointerOf('doors', id, 'jambs'), jambs, movedAll(jambs));
  }
  for (const [id, other] of Object.entries(venue.dimensions ?? {})) {
    if (other.axis !== axis) continue;
    set(pointerOf('dimensions', id, 'from'), other.from, moved(other.from));
    set(pointerOf('dimensions', id, 'to'), other.to, moved(other.to));
  }
  const devices = Object.entries(plan.devices ?? {}).flatMap(([id, { place }]): Operation[] => {
    if (!place?.at) return [];
    const value = movedPoint(place.at);
    return value[along] === place.at[along]
      ? []
      : [{ op: 'replace', path: `/devices/${id}/place/at`, value }];
  });
  const changes = setAllInVenue(plan.venueChanges, values);
  // What was guessed is measured now.
  const known = Object.entries(venue.guesses ?? {}).filter(
    ([, { path }]) => path === `/dimensions/${dimension}`,
  );
  const present = changes.length > 0 ? {} : plan.venueChanges;
  const dropped = dropFromVenue(
    present,
    known.map(([id]) => `/guesses/${id}`),
  );
  return [...changes, ...dropped, ...devices];
}
