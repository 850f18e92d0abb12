import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';

/** Rooms outside these extents are mostly typed in the wrong unit, m. */
const SMALLEST = 3;
const LARGEST = 400;

/** A room so small or so large that feet, centimetres and metres were probably mixed up. */
export const unitsSlip: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.units-slip',
  station: 'ground',
  find: ({ own }) => {
    const odd = (['length', 'width'] as const).filter(name => {
      const extent = numberOf(own[name]) ?? SMALLEST;
      return extent < SMALLEST || extent > LARGEST;
    });
    return odd.map(name => ({
      severity: 'risk' as const,
      subjects: [name],
      title: `The venue is ${(numberOf(own[name]) ?? 0).toFixed(1)} m ${name === 'length' ? 'from west to east' : 'from north to south'}: was another unit meant?`,
      because: [`ground.${name}`],
      advice: 'Type lengths with their unit, such as 26 m or 85′ 4″.',
    }));
  },
};
