import { counted, listed } from '../../../foundations/index.js';
import { packRule } from '../result.js';

/** Pieces that reach above the seat backs of a vehicle that has no wall there. */
export const aboveSeats = packRule({
  rule: 'pack.above-seats',
  reads: ({ own }) => ({ vehicles: own.vehicles }),
  *find({ vehicles }) {
    for (const [id, { label, above, pieces, forward }] of Object.entries(vehicles)) {
      if (above.length === 0) continue;
      const names = above.map(line => pieces[line]?.line.purpose ?? line);
      yield {
        severity: 'risk',
        subjects: [id],
        title:
          above.length <= 3
            ? `${listed(names)} in ${label} ${above.length === 1 ? 'reaches' : 'reach'} above the seat backs.`
            : `${counted(above.length, 'piece', 'pieces')} in ${label} reach above the seat backs.`,
        because: [forward],
        advice: 'Lash it down or fit a net: what lies loose up there comes forward when one brakes.',
      };
    }
  },
});
