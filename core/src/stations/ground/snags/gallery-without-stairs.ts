import { inOrder } from '../../../foundations/index.js';
import { groundRule } from '../result.js';

/** A gallery that no stairs lead to on the plan: nobody knows how people and kit get up, or how fast they get out. */
export const galleryWithoutStairs = groundRule({
  rule: 'ground.gallery-without-stairs',
  reads: ({ own }) => ({ stairs: own.venue.stairs, areas: own.venue.areas, places: own.places }),
  *find({ stairs, areas, places }) {
    const reached = new Set(inOrder(stairs).flatMap(([, { foot, head }]) => [foot, head]));
    for (const [id, { kind, label }] of inOrder(areas)) {
      if (kind !== 'gallery' || reached.has(id)) continue;
      const used = Object.values(places).find(place => place.at && place.level === id);
      yield {
        severity: used ? 'risk' : 'note',
        subjects: [id],
        title: used
          ? `Kit stands on “${label}”, but no stairs to it are drawn.`
          : `No stairs to “${label}” are drawn.`,
        because: used ? [used.floor] : [],
        advice:
          'Draw the stairs and say which floors they join; carry nothing heavy up alone, and keep the way down free.',
      };
    }
  },
});
