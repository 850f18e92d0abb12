/** Figures of batteries. */
import { declare, DEFINITION, houseRule, standard } from '../../../foundations/index.js';

export const batteryUsable = declare({
  key: 'power.batteries.*.usable',
  label: 'Usable',
  unit: 'Wh',
  basis: houseRule(
    'battery reserve and what the cold leaves',
    'loses 0.04 % a cycle until its health is measured',
  ),
});
export const batteryHealth = declare({
  key: 'power.batteries.*.health',
  label: 'Health',
  unit: '%',
  basis: houseRule(
    'a battery below 70 % is tested or retired',
    'loses 0.04 % a cycle until its health is measured',
  ),
  limits: { raises: 'power.battery-worn', risk: { below: 70 } },
});
export const batteryEnergy = declare({
  key: 'power.batteries.*.phases.*',
  label: 'Drawn of it',
  unit: 'Wh',
  basis: DEFINITION,
  method: 'watts by the length of each stretch',
});
export const standIn = declare({
  key: 'power.standIns.*.minutes',
  label: 'On a battery in its place',
  unit: 'min',
  basis: standard('charge over what all that hangs on it takes; Peukert for lead-acid (exponent 1.2)'),
  method: 'the battery of the shelf that fits its volts and lasts longest',
});
export const batteryLoad = declare({
  key: 'power.batteries.*.load',
  label: 'Load at most',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(load)',
});
export const batteryAmps = declare({
  key: 'power.batteries.*.amps',
  label: 'Current at most',
  unit: 'A',
  basis: standard('current as power over the lowest volts'),
  formula: 'load / V',
});
export const batteryShare = declare({
  key: 'power.batteries.*.share',
  label: 'Of what it gives at most',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * amps / limit',
  limits: { raises: 'power.battery-amps', stop: { above: 100 } },
});
export const batteryMinutes = declare({
  key: 'power.batteries.*.minutes',
  label: 'Lasts',
  unit: 'min',
  basis: standard(
    'charge less what is drawn, integrated along the day; Peukert for lead-acid (exponent 1.2)',
  ),
  method: 'run down along the running order; beyond its end, what was on last stays on',
});
export const batteryEnds = declare({
  key: 'power.batteries.*.ends',
  label: 'Empty at',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'later(start, on + runtime)',
});
export const batteryGap = declare({
  key: 'power.batteries.*.gap',
  label: 'Empty before it is changed for',
  unit: 'min',
  basis: DEFINITION,
  method: 'from when it is empty to its change',
  limits: { raises: 'power.battery-short', stop: { above: 0 } },
});
export const chargeAt = declare({
  key: 'power.charges.*.at',
  label: 'Look at it',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'later(start, after)',
});
export const chargeExpected = declare({
  key: 'power.charges.*.expected',
  label: 'It should show',
  unit: '%',
  basis: standard('charge less what is drawn, integrated along the day'),
  method: 'what is left of its charge then, with what is kept back',
});
export const batteryDark = declare({
  key: 'power.batteries.*.dark',
  label: 'First of what it feeds goes dark',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'ends',
});
export const standbyUsable = declare({
  key: 'power.standbys.*.usable',
  label: 'Usable',
  unit: 'Wh',
  basis: houseRule('battery reserve and what the cold leaves'),
});
export const standbyLoad = declare({
  key: 'power.standbys.*.load',
  label: 'Carries',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(load)',
});
export const standbyVoltAmps = declare({
  key: 'power.standbys.*.voltAmps',
  label: 'The same with its power factor',
  unit: 'VA',
  basis: DEFINITION,
  formula: 'V * sum(load)',
});
export const standbyShare = declare({
  key: 'power.standbys.*.share',
  label: 'Of the VA that it gives',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * volt_amps / gives',
  limits: { raises: 'power.standby-over', stop: { above: 100 } },
});
export const standbyMinutes = declare({
  key: 'power.standbys.*.minutes',
  label: 'Carries that on for',
  unit: 'min',
  basis: standard('charge that is usable, less what is lost on the way, over power; Peukert for lead-acid'),
  method: 'from full, at usual work',
});
export const innerUsable = declare({
  key: 'power.inners.*.usable',
  label: 'Usable inside',
  unit: 'Wh',
  basis: houseRule('battery reserve and what the cold leaves'),
});
export const innerAlone = declare({
  key: 'power.inners.*.alone',
  label: 'Carries on by itself for',
  unit: 'min',
  basis: standard('charge over power, at its usual work'),
  method: 'what is usable at the temperature then, over its load',
});
export const innerDark = declare({
  key: 'power.inners.*.dark',
  label: 'Goes dark at',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'later(fed_until, alone)',
});
export const innerFed = declare({
  key: 'power.inners.*.fed',
  label: 'Fed with less than it takes, it lasts',
  unit: 'min',
  basis: standard('charge over what is missing of its power'),
  method: 'what it takes at its usual work, less what it is charged with',
});
export const innerOver = declare({
  key: 'power.inners.*.over',
  label: 'Of that, beyond the day',
  unit: 'min',
  basis: DEFINITION,
  formula: 'fed - day',
  limits: { raises: 'power.inner-drains', risk: { below: 0 } },
});
export const batteryMargin = declare({
  key: 'power.batteries.*.margin',
  label: 'Left at the end of the event',
  unit: 'min',
  basis: DEFINITION,
  formula: 'minutes(event_end, dark)',
  limits: { raises: 'power.battery-short', stop: { below: 0 }, risk: { below: 15 } },
});
