import { crossing, sidesOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';

/** Walls that cross each other enclose nothing: areas, sight and routes would be wrong. */
export const outlineCrossed: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.outline-crossed',
  station: 'ground',
  find: ({ own: { venue } }) => {
    const sides = sidesOf(venue.outline);
    const crossed = sides.some(([a, b], i) =>
      sides.some(([c, d], j) => {
        // Neighbours share a corner.
        const apart = Math.abs(i - j);
        if (apart <= 1 || apart === sides.length - 1) return false;
        return crossing(a, b, c, d) !== undefined && crossing(c, d, a, b) !== undefined;
      }),
    );
    return crossed
      ? [
          {
            severity: 'stop',
            subjects: [],
            title: 'The walls cross each other, so they enclose no room.',
            because: ['ground.floorArea'],
            advice: 'Correct the measures, or survey the outline again.',
          },
        ]
      : [];
  },
};
