/** Figures of cases: what each weighs, and who may lift it. */
import { declare, DEFINITION, houseRule } from '../../../foundations/index.js';

export const casePieces = declare({
  key: 'pack.cases.*.pieces',
  label: 'Things in it',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'everything in it, however deep',
});
export const caseUnweighed = declare({
  key: 'pack.cases.*.unweighed',
  label: 'Not weighed, of these and the case',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'kinds without a weight',
});
export const caseWeight = declare({
  key: 'pack.cases.*.weight',
  label: 'Weight',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'sum(item)',
});
export const casePeople = declare({
  key: 'pack.cases.*.people',
  label: 'Fewest people to lift it',
  unit: 'people',
  basis: houseRule(
    'one up to a lifting index of 1; two up to two thirds of what both may lift alone together, three up to half; no more',
    'the equation covers neither teams, stairs nor carrying',
  ),
  method: 'the first of one, two and three who may',
});
export const teamLeft = declare({
  key: 'pack.cases.*.left',
  label: 'Left to those who lift it',
  unit: 'kg',
  basis: houseRule('two lift two thirds of what they may alone together, three half'),
  formula: 'share * people * each - weight',
  limits: { raises: 'pack.lift', risk: { below: 0 } },
});
