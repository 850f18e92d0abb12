import { counted } from '../../../foundations/index.js';
import { stockLeft } from '../../claimed.js';
import { packRule } from '../result.js';

/** Less tape, or fewer ramps, mats or hooks on the shelf than the floor needs. */
export const stockShort = packRule({
  rule: 'pack.stock-short',
  reads: ({ own, shelf, claims, runs }) => ({
    claims: claims.claims,
    lines: own.lines,
    items: shelf.items,
    tape: own.tapeRolls,
    ramps: own.rampPieces,
    mats: runs.mats,
    hooks: runs.hooks,
  }),
  *find({ lines, claims, items, tape, ramps, mats, hooks }) {
    const wanted = [
      ['tape00000', tape, 'roll of tape', 'rolls of tape', 'risk'],
      ['ramps0000', ramps, 'piece of cable ramp', 'pieces of cable ramp', 'stop'],
      ['mats00000', mats, 'cable mat', 'cable mats', 'stop'],
      ['hooks0000', hooks, 'hook over a door', 'hooks over doors', 'risk'],
    ] as const;
    for (const [key, figure, one, more, severity] of wanted) {
      const line = lines[key];
      const { all, theirs, have } = stockLeft(line?.item, items, claims);
      if (!line || line.count <= have) continue;
      yield {
        severity,
        subjects: [key],
        title: `The floor needs ${counted(line.count, one, more)}; the shelf has ${theirs === 0 ? have : `${have} left, since others have booked ${theirs} of ${all}`}.`,
        because: [figure],
        advice: 'Bring more: a lead across a walked floor that is not covered is a trip hazard.',
      };
    }
  },
});
