import { crossesItself, inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';

/** Walls that cross each other enclose nothing: areas, sight and routes would be wrong. So for what is drawn inside. */
export const outlineCrossed: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.outline-crossed',
  station: 'ground',
  find: ({ own: { venue } }) => {
    const walls = crossesItself(venue.outline)
      ? [
          {
            severity: 'stop' as const,
            subjects: [],
            title: 'The walls cross each other, so they enclose no room.',
            because: ['ground.floorArea'],
            advice: 'Correct the measures, or survey the outline again.',
          },
        ]
      : [];
    const areas = [...inOrder(venue.areas), ...inOrder(venue.stairs)].flatMap(([id, { label, outline }]) =>
      crossesItself(outline)
        ? [
            {
              severity: 'risk' as const,
              subjects: [id],
              title: `The outline of “${label}” crosses itself, so what lies inside it is not sure.`,
              because: [],
              advice: 'Pull its corners apart on the plan, or draw it again.',
            },
          ]
        : [],
    );
    return [...walls, ...areas];
  },
};
