import {
  alongSegment,
  distanceToSegment,
  EXIT_DEPTH,
  inOrder,
  isExit,
  type Rule,
} from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';
import { straightMoves } from '../moves.js';

/** A device standing in front of an exit or fire door. */
export const exitBlocked: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.exit-blocked',
  station: 'ground',
  find: ({ own, devices }) =>
    Object.entries(devices ?? {}).flatMap(([id, device]) => {
      const place = own.places[id];
      if (!place?.at || place.carrier !== id || place.level !== undefined) return [];
      const { at } = place;
      const door = inOrder(own.venue.doors).find(([, each]) => {
        const [a, b] = each.jambs;
        if (!isExit(each) || !a || !b) return false;
        const along = alongSegment(at, a, b);
        return along > 0 && along < 1 && distanceToSegment(at, a, b) < EXIT_DEPTH;
      });
      return door
        ? [
            {
              severity: 'stop' as const,
              subjects: [id],
              title: `${device.label} stands in front of “${door[1].label}”, which must stay free.`,
              because: [`ground.places.${id}.elevation`],
              advice: 'Keep every exit free to its full width; the venue’s fire plan decides.',
            },
          ]
        : [];
    }),
  fixes: (snag, { devices }) => straightMoves(devices, snag.subjects[0] ?? ''),
};
