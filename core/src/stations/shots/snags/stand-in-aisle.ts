import { inOrder, meet, squareAround, type Rule } from '../../../foundations/index.js';
import { footprintOf } from '../standing.js';
import { movesOf, type ShotsSeen } from '../words.js';

/** A camera or lamp whose stand, or whoever works it, reaches into an aisle that must stay clear. */
export const standInAisle: Rule<ShotsSeen> = {
  rule: 'shots.stand-in-aisle',
  station: 'shots',
  find: ({ own, devices, ground }) =>
    [...Object.entries(own.cameras), ...Object.entries(own.lamps)].flatMap(([id, { label, at }]) => {
      const device = devices?.[id];
      if (!at || !device || device.place?.level !== undefined) return [];
      const side = footprintOf(device.worked);
      const aisle = inOrder(ground.venue.areas).find(
        ([, area]) => area.kind === 'keep-clear' && meet(area.outline, squareAround(at, side)),
      );
      return aisle
        ? [
            {
              severity: 'risk' as const,
              subjects: [id],
              title: `${label} needs ${side} m of floor and reaches into “${aisle[1].label}”, which must stay clear.`,
              because: [`ground.places.${id}.elevation`],
              advice: 'People leave that way: the venue’s fire plan decides.',
            },
          ]
        : [];
    }),
  fixes: (snag, seen) => movesOf(seen, snag.subjects[0]),
};
