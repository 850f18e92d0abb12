import { inOrder, inWords, meet, squareAround } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { footprintOf } from '../../floor-taken.js';
import { movesOf } from '../words.js';

/** A camera or lamp whose stand, or whoever works it, reaches into an aisle that must stay clear. */
export const standInAisle = shotsRule({
  rule: 'shots.stand-in-aisle',
  reads: ({ own, equipment, ground, rules }) => ({
    cameras: own.cameras,
    lamps: own.lamps,
    equipment,
    areas: ground.venue.areas,
    places: ground.places,
    units: rules.units,
  }),
  *find({ cameras, lamps, equipment, areas, places, units }) {
    for (const [id, { label, at }] of [...Object.entries(cameras), ...Object.entries(lamps)]) {
      const [device, place] = [equipment?.[id], places[id]];
      if (!at || !device || !place || place.level !== undefined) continue;
      const side = footprintOf(device.worked);
      const square = squareAround(at, side);
      const aisle = inOrder(areas).find(
        ([, { kind, outline }]) => kind === 'keep-clear' && meet(outline, square),
      );
      if (!aisle) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `${label} needs ${inWords(side, 'm', units)} of floor and reaches into “${aisle[1].label}”, which must stay clear.`,
        because: [place.elevation],
        advice: 'People leave that way: the venue’s fire plan decides.',
      };
    }
  },
  fixes: (snag, seen) => movesOf(seen, snag.subjects[0]),
});
