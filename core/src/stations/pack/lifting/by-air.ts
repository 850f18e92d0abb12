/** Whether a case goes as a usual piece of luggage in the hold of an airliner. */
import type { Kinds } from '../../../documents/index.js';
import { constant, declare, houseRule, taken, type Figure } from '../../../foundations/index.js';

const USUAL = houseRule(
  'usual pieces: 158 cm of width, depth and height together, 23 kg; above 32 kg airlines take none as luggage',
  'carriers differ: ask yours; batteries go by their own rules',
);
export const airSides = declare({
  key: 'pack.cases.*.air.airSides',
  label: 'By air: its sides together, less than usual by',
  unit: 'm',
  basis: USUAL,
  formula: 'most - (wide + deep + tall)',
});
export const airWeight = declare({
  key: 'pack.cases.*.air.airWeight',
  label: 'By air: lighter than usual by',
  unit: 'kg',
  basis: USUAL,
  formula: 'most - weight',
});

/** m, kg. */
const SIDES = 1.58;
const KG = 23;

export interface ByAirliner {
  readonly airSides: Figure;
  readonly airWeight: Figure;
}

export function byAirliner(id: string, kind: Kinds['kinds'][string] | undefined, weight: Figure): ByAirliner {
  const { width, depth, height } = kind?.size ?? {};
  const airSidesOf =
    width === undefined || depth === undefined || height === undefined
      ? airSides.unknown([id], 'how large it is outside was not measured')
      : airSides.calc(
          [id],
          [
            constant('most', SIDES, 'm', 'usual'),
            constant('wide', width, 'm', 'outside'),
            constant('deep', depth, 'm', 'outside'),
            constant('tall', height, 'm', 'outside'),
          ],
        );
  return {
    airSides: airSidesOf,
    airWeight: airWeight.calc([id], [constant('most', KG, 'kg', 'usual'), taken('weight', weight)]),
  };
}
