/** Every figure of Power. */
import { declare, DEFINITION, houseRule, standard } from '../../foundations/index.js';

const CURRENT = standard('power factor as active over apparent power (IEC 60050-131)');

export const deviceWatts = declare({
  key: 'power.devices.*.watts',
  label: 'Running',
  unit: 'W',
  basis: DEFINITION,
  formula: 'running',
});
export const deviceAmps = declare({
  key: 'power.devices.*.amps',
  label: 'Current',
  unit: 'A',
  basis: CURRENT,
  formula: 'P / (V * pf)',
});
export const deviceFedBy = declare({
  key: 'power.devices.*.fedBy',
  label: 'Fed by',
  unit: '',
  basis: DEFINITION,
  method: 'power links followed upstream',
  limits: { raises: 'power.unpowered', stop: { is: null } },
});

/** What is plugged into strips and wall sockets has the same figures. */
const loadsAt = <const Tree extends 'strips' | 'sockets'>(tree: Tree) => ({
  watts: declare({
    key: `power.${tree}.*.watts`,
    label: 'Plugged into it',
    unit: 'W',
    basis: DEFINITION,
    formula: 'sum(load)',
  }),
  amps: declare({
    key: `power.${tree}.*.amps`,
    label: 'Current through it',
    unit: 'A',
    basis: DEFINITION,
    formula: 'sum(load)',
  }),
  share: declare({
    key: `power.${tree}.*.share`,
    label: 'Of its rating',
    unit: '%',
    basis: DEFINITION,
    formula: '100 * amps / rating',
    limits: { raises: 'power.strip-over', stop: { above: 100 } },
  }),
});
export const atStrip = loadsAt('strips');
export const atSocket = loadsAt('sockets');

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
  formula: 'sum(socket)',
});
export const circuitCounted = declare({
  key: 'power.circuits.*.counted',
  label: 'Counted by the house rule',
  unit: 'A',
  basis: houseRule('load on a breaker', 'NEC 210.19/210.20; local code and a qualified person decide'),
  formula: "other + (school = 'eighty' ? 1.25 : 1) * ours",
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

export const leadDrop = declare({
  key: 'power.drops.*.drop',
  label: 'Voltage lost',
  unit: '%',
  basis: standard(
    'single-phase voltage drop, one way length, resistance only (IEC 60364-5-52 annex G); 3 % and 5 % as recommended there',
  ),
  formula: '100 * 2 * L * sum(I) * rho / A / V',
  limits: { raises: 'power.voltage-drop', stop: { above: 5 }, risk: { above: 3 } },
});

export const batteryUsable = declare({
  key: 'power.batteries.*.usable',
  label: 'Usable',
  unit: 'Wh',
  basis: houseRule(
    'battery reserve',
    'loses 0.04 % a cycle until its health is measured; at 20 °C or warmer',
  ),
  formula: 'V * Ah * (1 - 0.0004 * cycles) * (1 - reserve / 100)',
});
export const batteryLoad = declare({
  key: 'power.batteries.*.load',
  label: 'Load',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(load)',
});
export const batteryMinutes = declare({
  key: 'power.batteries.*.minutes',
  label: 'Lasts',
  unit: 'min',
  basis: standard('energy over power, at a steady load'),
  formula: '60 * usable / load',
});
export const batteryEnds = declare({
  key: 'power.batteries.*.ends',
  label: 'Empty at',
  unit: 'instant',
  basis: houseRule('switched on when rigging ends, then working throughout'),
  formula: 'later(start, rig - before + runtime)',
});
export const batteryMargin = declare({
  key: 'power.batteries.*.margin',
  label: 'Left at the end of the event',
  unit: 'min',
  basis: DEFINITION,
  formula: 'minutes(event_end, battery_end)',
  limits: { raises: 'power.battery-short', stop: { below: 0 }, risk: { below: 15 } },
});

export const powerTotal = declare({
  key: 'power.total',
  label: 'All together',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(load)',
});

export const POWER_FIGURES = [
  ...[deviceWatts, deviceAmps, deviceFedBy],
  ...[atStrip.watts, atStrip.amps, atStrip.share, atSocket.watts, atSocket.amps, atSocket.share],
  ...[circuitOther, circuitOurs, circuitCounted, circuitLeft, circuitShare, leadDrop],
  ...[batteryUsable, batteryLoad, batteryMinutes, batteryEnds, batteryMargin, powerTotal],
];
