import type { Venue } from '../../../documents/index.js';
import { contains, exitFloor, inOrder, isExit, meet, type Point } from '../../../foundations/index.js';
import { floorTaken, PASSED_BENEATH } from '../../floor-taken.js';
import { groundRule } from '../result.js';
import { straightMoves } from '../moves.js';

/** The floor before every exit and fire door. */
const exitsOf = (doors: Venue['doors']): { readonly label: string; readonly floor: Point[] }[] =>
  inOrder(doors).flatMap(([, door]) => (isExit(door) ? [{ label: door.label, floor: exitFloor(door) }] : []));

/** A device, seats or furniture in front of an exit or fire door. */
export const exitBlocked = groundRule({
  rule: 'ground.exit-blocked',
  reads: ({ own, devices, kinds }) => ({
    places: own.places,
    doors: own.venue.doors,
    areas: own.venue.areas,
    devices,
    kinds: kinds.kinds,
  }),
  *find({ places, doors, areas, devices, kinds }) {
    const exits = exitsOf(doors);
    for (const [id, device] of Object.entries(devices ?? {})) {
      const place = places[id];
      if (!place?.at || place.carrier !== id || place.level !== undefined) continue;
      const { at } = place;
      if (place.hangs || (device.resident && (device.place?.height ?? 0) >= PASSED_BENEATH)) continue;
      const taken = floorTaken(at, device, kinds[device.kind]);
      const door = exits.find(({ floor }) => (taken ? meet(floor, taken) : contains(floor, at)));
      if (!door) continue;
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${device.label} stands in front of “${door.label}”, which must stay free.`,
        because: [place.elevation],
        advice: 'Keep every exit free to its full width; the venue’s fire plan decides.',
      };
    }
    for (const [id, { kind, label, outline, underside = 0 }] of inOrder(areas)) {
      if (!STANDS.has(kind) || underside >= PASSED_BENEATH) continue;
      const door = exits.find(({ floor }) => meet(floor, outline));
      if (!door) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `“${label}” reaches in front of “${door.label}”, which must stay free.`,
        because: [],
        advice: 'Take away what stands there, or draw it as it is; the venue’s fire plan decides.',
      };
    }
  },
  *fixes(snag, { devices, rules }) {
    yield* straightMoves(devices, snag.subjects[0] ?? '', rules.units);
  },
});

/** Chairs and furniture. */
const STANDS: ReadonlySet<string> = new Set(['seating', 'obstacle', 'desk']);
