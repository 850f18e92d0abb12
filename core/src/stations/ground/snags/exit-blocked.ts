import type { Door, Venue } from '../../../documents/index.js';
import {
  alongSegment,
  distanceToSegment,
  EXIT_DEPTH,
  inOrder,
  isExit,
  type Point,
} from '../../../foundations/index.js';
import { groundRule } from '../result.js';
import { straightMoves } from '../moves.js';

/** The exit or fire door that a place on the ground is right in front of. */
function exitBefore(doors: Venue['doors'], at: Point): Door | undefined {
  return inOrder(doors).find(([, door]) => {
    const [a, b] = door.jambs;
    if (!isExit(door) || !a || !b) return false;
    const along = alongSegment(at, a, b);
    return along > 0 && along < 1 && distanceToSegment(at, a, b) < EXIT_DEPTH;
  })?.[1];
}

/** A device standing in front of an exit or fire door. */
export const exitBlocked = groundRule({
  rule: 'ground.exit-blocked',
  reads: ({ own, devices }) => ({ places: own.places, doors: own.venue.doors, devices }),
  *find({ places, doors, devices }) {
    for (const [id, { label }] of Object.entries(devices ?? {})) {
      const place = places[id];
      if (!place?.at || place.carrier !== id || place.level !== undefined) continue;
      const door = exitBefore(doors, place.at);
      if (!door) continue;
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${label} stands in front of “${door.label}”, which must stay free.`,
        because: [place.elevation],
        advice: 'Keep every exit free to its full width; the venue’s fire plan decides.',
      };
    }
  },
  fixes: (snag, { devices, rules }) => straightMoves(devices, snag.subjects[0] ?? '', rules.units),
});
