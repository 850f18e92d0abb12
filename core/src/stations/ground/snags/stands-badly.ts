import type { Area } from '../../../documents/index.js';
import { inOrder, meet, type MapOf, type Point } from '../../../foundations/index.js';
import { drawnIn, edgeUnder, floorTaken, PASSED_BENEATH } from '../../floor-taken.js';
import { straightMoves } from '../moves.js';
import { groundRule, type GroundSeen } from '../result.js';

const areaOf = (areas: MapOf<Area>, kind: Area['kind'], taken: readonly Point[]): Area | undefined =>
  inOrder(areas).find(([, area]) => area.kind === kind && meet(area.outline, taken))?.[1];

/** What is wrong with where something stands, in words; undefined where nothing is. */
function faultOf(areas: MapOf<Area>, taken: readonly Point[], aisles: boolean): string | undefined {
  const seats = areaOf(areas, 'seating', taken);
  if (seats) return `stands among “${seats.label}”: nobody can sit there`;
  const edge = edgeUnder(areas, taken);
  if (edge) return `stands over the edge of “${edge.label}”`;
  const aisle = aisles ? areaOf(areas, 'keep-clear', taken) : undefined;
  return aisle && `reaches into “${aisle.label}”, which must stay clear`;
}

interface Standing {
  readonly places: GroundSeen['own']['places'];
  readonly areas: MapOf<Area>;
  readonly devices: GroundSeen['devices'];
  readonly kinds: GroundSeen['kinds']['kinds'];
}

/** What stands on the ground by itself, and the floor that it takes for sure. */
function* standing({ places, devices, kinds }: Standing) {
  for (const [id, device] of Object.entries(devices ?? {})) {
    const place = places[id];
    if (!place?.at || place.carrier !== id || place.level !== undefined || place.table !== undefined)
      continue;
    if (place.hangs || (device.resident && (device.place?.height ?? 0) >= PASSED_BENEATH)) continue;
    const kind = kinds[device.kind];
    // What is carried about stands nowhere.
    const taken = device.worked === 'roaming' ? undefined : floorTaken(place.at, device, kind);
    if (taken)
      yield { id, device, place, taken: drawnIn(taken), onStand: (kind?.optics ?? kind?.lamp) !== undefined };
  }
}

/** A stand among the seats, over the edge of a stage, or – but for cameras and lamps, which Shots judges – in an aisle. */
export const standsBadly = groundRule({
  rule: 'ground.stands-badly',
  reads: ({ own, devices, kinds }) => ({
    places: own.places,
    areas: own.venue.areas ?? {},
    devices,
    kinds: kinds.kinds,
  }),
  *find(reads) {
    for (const { id, device, place, taken, onStand } of standing(reads)) {
      const fault = faultOf(reads.areas, taken, !onStand);
      if (fault === undefined) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `${device.label} ${fault}.`,
        because: [place.elevation],
        advice: 'Move it, or draw the floor as it will be that day.',
      };
    }
  },
  fixes: (snag, { devices, rules }) => straightMoves(devices, snag.subjects[0] ?? '', rules.units),
});
