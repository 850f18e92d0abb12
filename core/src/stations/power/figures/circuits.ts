/** Figures of circuits. */
import { declare, DEFINITION, houseRule, standard } from '../../../foundations/index.js';
import { CURRENT } from './loads.js';

export const circuitWorst = declare({
  key: 'power.circuits.*.worst',
  label: 'Most is on it from',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'later(start, after)',
});
export const circuitPhase = declare({
  key: 'power.circuits.*.phases.*',
  label: 'Counted at most',
  unit: 'A',
  basis: DEFINITION,
  method: 'the stretch of the phase in which most counts',
});
export const circuitOther = declare({
  key: 'power.circuits.*.other',
  label: 'Already on it',
  unit: 'A',
  basis: CURRENT,
});
export const circuitOurs = declare({
  key: 'power.circuits.*.ours',
  label: 'Ours',
  unit: 'A',
  basis: DEFINITION,
  formula: 'sum(load)',
});
export const circuitCounted = declare({
  key: 'power.circuits.*.counted',
  label: 'Counted by the house rule',
  unit: 'A',
  basis: houseRule('load on a breaker', 'NEC 210.19/210.20; local code and a qualified person decide'),
  formula: "other + ours + (school = 'eighty' ? 0.25 : 0) * sum(lasting)",
});
export const circuitLeft = declare({
  key: 'power.circuits.*.left',
  label: 'Still left for ours',
  unit: 'A',
  basis: houseRule('load on a breaker', 'NEC 210.19/210.20; local code and a qualified person decide'),
  formula: "(breaker - counted) / (school = 'eighty' ? 1.25 : 1)",
});
export const circuitShare = declare({
  key: 'power.circuits.*.share',
  label: 'Of the breaker',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * counted / breaker',
  limits: { raises: 'power.circuit-over', stop: { above: 100 }, risk: { above: 80 } },
});
export const circuitSide = declare({
  key: 'power.circuits.*.side',
  label: 'On one side of the ring at most',
  unit: 'A',
  basis: standard('the cables of a ring may carry 20 A, and load is spread along it (BS 7671 433.1.204)'),
  formula: 'counted',
  limits: { raises: 'power.ring-lopsided', note: { above: 20 } },
});
