/** Figures of what the building feeds: residual-current devices, phases, a generator, and switching on. */
import { declare, DEFINITION, houseRule, standard } from '../../../foundations/index.js';

export const residualLeakage = declare({
  key: 'power.residuals.*.leakage',
  label: 'Leaks to earth',
  unit: 'mA',
  basis: houseRule('standing leakage', '0.5 mA for each adapter until it is measured'),
  formula: 'sum(leak)',
});
export const residualShare = declare({
  key: 'power.residuals.*.share',
  label: 'Of what may leak',
  unit: '%',
  basis: standard('standing leakage at most 30 % of the residual trip (IEC 60364-5-53)'),
  formula: '100 * leakage / (standing * trip)',
  limits: { raises: 'power.leakage', risk: { above: 100 } },
});
export const phaseAmps = declare({
  key: 'power.building.phases.*',
  label: 'On this phase at most',
  unit: 'A',
  basis: DEFINITION,
  formula: 'sum(circuit)',
});
export const neutralAmps = declare({
  key: 'power.building.neutral',
  label: 'In the neutral',
  unit: 'A',
  basis: standard('sum of the phasors of the phases, each with its own power factor'),
  method: 'the phasors of the phases added',
});
export const neutralMost = declare({
  key: 'power.building.neutralMost',
  label: 'In the neutral, harmonics among it, at most',
  unit: 'A',
  basis: standard('third harmonics add up in the neutral (IEC 60364-5-52 annex E)'),
  formula: 'third * fullest',
});
export const generatorLoad = declare({
  key: 'power.building.generator',
  label: 'On the generator at most',
  unit: 'VA',
  basis: DEFINITION,
  formula: 'V * sum(load)',
});
export const generatorShare = declare({
  key: 'power.building.generatorShare',
  label: 'Of what it may be loaded to',
  unit: '%',
  basis: houseRule('a generator is loaded to 70 % of its VA'),
  formula: '100 * load / (most * gives)',
  limits: { raises: 'power.generator-over', risk: { above: 100 }, stop: { above: 100 / 0.7 } },
});
const TRIP = standard(
  'instantaneous trip of a breaker: B 3 – 5 ×, C 5 – 10 ×, D 10 – 20 × its rating (IEC 60898-1)',
);
export const startTogether = declare({
  key: 'power.startUps.*.together',
  label: 'All switched on at once',
  unit: 'A',
  basis: TRIP,
  formula: 'sum(inrush)',
});
export const startSingle = declare({
  key: 'power.startUps.*.single',
  label: 'The largest on top of the rest',
  unit: 'A',
  basis: TRIP,
  formula: 'max(inrush) + ours + other',
});
export const startShare = declare({
  key: 'power.startUps.*.share',
  label: 'All at once, of what may trip it',
  unit: '%',
  basis: TRIP,
  formula: '100 * together / (times * breaker)',
  limits: { raises: 'power.inrush', risk: { above: 100 } },
});
export const startSingleShare = declare({
  key: 'power.startUps.*.singleShare',
  label: 'One by one, of what is sure to trip it',
  unit: '%',
  basis: TRIP,
  formula: '100 * single / (times * breaker)',
  limits: { raises: 'power.inrush', stop: { above: 100 } },
});
