import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';

/** A gallery that no stairs lead to on the plan: nobody knows how people and kit get up, or how fast they get out. */
export const galleryWithoutStairs: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.gallery-without-stairs',
  station: 'ground',
  find: ({ own }) => {
    const reached = new Set(inOrder(own.venue.stairs).flatMap(([, { foot, head }]) => [foot, head]));
    return inOrder(own.venue.areas).flatMap(([id, { kind, label }]) => {
      if (kind !== 'gallery' || reached.has(id)) return [];
      const used = Object.values(own.places).find(place => place.at && place.level === id);
      return [
        {
          severity: used ? ('risk' as const) : ('note' as const),
          subjects: [id],
          title: used
            ? `Kit stands on “${label}”, but no stairs to it are drawn.`
            : `No stairs to “${label}” are drawn.`,
          because: used ? [`ground.places.${used.carrier}.floor`] : [],
          advice:
            'Draw the stairs and say which floors they join; carry nothing heavy up alone, and keep the way down free.',
        },
      ];
    });
  },
};
