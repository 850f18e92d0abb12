import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';

/** An aisle narrower than the rule; only the people responsible for the venue can settle it. */
export const aisleNarrow: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.aisle-narrow',
  station: 'ground',
  find: ({ own }) =>
    Object.entries(own.aisles).flatMap(([id, { wideEnough }]) =>
      wideEnough.value === false
        ? [
            {
              severity: 'risk',
              subjects: [id],
              title: `“${own.venue.areas?.[id]?.label ?? 'The aisle'}” is narrower than the rule for clear aisles.`,
              because: [`ground.aisles.${id}.width`, `ground.aisles.${id}.wideEnough`],
              advice: 'Ask the venue: its fire plan and local code decide how wide it must stay.',
            },
          ]
        : [],
    ),
};
