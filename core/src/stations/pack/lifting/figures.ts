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
  formula: 'share * sum(each) - weight',
  limits: { raises: 'pack.lift', risk: { below: 0 } },
});
export const lifterLeft = declare({
  key: 'pack.cases.*.lifters.*.left',
  label: 'Left of what they lift, with an even share of it',
  unit: 'kg',
  basis: houseRule('nobody carries more of a case than they may lift alone'),
  formula: 'each - weight / people',
  limits: { raises: 'pack.lifter', risk: { below: 0 } },
});
export const stairsPeople = declare({
  key: 'pack.cases.*.stairsPeople',
  label: 'Fewest people on the steps',
  short: 'On the steps',
  unit: 'people',
  basis: houseRule('on stairs 70 % of what people may lift, alone or together'),
  method: 'the first of one, two and three who may',
});
export const stairsLeft = declare({
  key: 'pack.cases.*.stairsLeft',
  label: 'Left to those who lift it, on the steps',
  unit: 'kg',
  basis: houseRule('on stairs 70 % of what people may lift, alone or together'),
  formula: 'stairs * share * sum(each) - weight',
  limits: { raises: 'pack.stairs', risk: { below: 0 } },
});
