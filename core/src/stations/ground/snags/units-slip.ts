import { inWords, numberOf } from '../../../foundations/index.js';
import { groundRule } from '../result.js';

/** Rooms outside these extents are mostly typed in the wrong unit, m. */
const SMALLEST = 3;
const LARGEST = 400;

/** A room so small or so large that feet, centimetres and metres were probably mixed up. */
export const unitsSlip = groundRule({
  rule: 'ground.units-slip',
  reads: ({ own: { length, width }, rules }) => ({ length, width, units: rules.units }),
  *find({ units, ...extents }) {
    for (const name of ['length', 'width'] as const) {
      const extent = numberOf(extents[name]) ?? SMALLEST;
      if (extent >= SMALLEST && extent <= LARGEST) continue;
      yield {
        severity: 'risk',
        subjects: [name],
        title: `The venue is ${inWords(extent, 'm', units)} ${name === 'length' ? 'from west to east' : 'from north to south'}: was another unit meant?`,
        because: [extents[name]],
        advice: 'Type lengths with their unit, such as 26 m or 85′ 4″.',
      };
    }
  },
});
