import { numberOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';

/** Within so much of where somebody looks a lamp dazzles, degrees to the side and above the eyes. */
const DAZZLES = 20;

/** A lamp that shines straight into the eyes of whoever stands at a mark. */
export const lampGlare = shotsRule({
  rule: 'shots.lamp-glare',
  reads: ({ own, ground }) => ({ lamps: own.lamps, marks: ground.venue.marks }),
  *find({ lamps, marks }) {
    for (const [id, { label, marks: lit }] of Object.entries(lamps)) {
      for (const [mark, { side, above }] of Object.entries(lit)) {
        if ((numberOf(side) ?? 180) > DAZZLES || Math.abs(numberOf(above) ?? 90) > DAZZLES) continue;
        yield {
          severity: 'note',
          subjects: [id, mark],
          title: `${label} shines into the eyes of whoever is at ${marks?.[mark]?.label ?? 'a mark'}.`,
          because: [side, above],
          advice: 'Stand it 30 to 45° to the side and higher, or soften it: people must be able to read.',
        };
      }
    }
  },
});
