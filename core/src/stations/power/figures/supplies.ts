/** Figures of supplies, of what arrives at the end of their leads, and of power over network cable. */
import { declare, DEFINITION, houseRule, standard } from '../../../foundations/index.js';

export const supplyWatts = declare({
  key: 'power.supplies.*.watts',
  label: 'Gives',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(load)',
});
export const supplyAmps = declare({
  key: 'power.supplies.*.amps',
  label: 'On its rail',
  unit: 'A',
  basis: DEFINITION,
  formula: 'sum(load)',
});
export const supplyFree = declare({
  key: 'power.supplies.*.free',
  label: 'Outlets left',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'outlets - count(plug)',
});
export const supplyShare = declare({
  key: 'power.supplies.*.share',
  label: 'Of what its outlets give together',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * watts / together',
  limits: { raises: 'power.supply-over', stop: { above: 100 } },
});
export const outletShare = declare({
  key: 'power.outlets.*.share',
  label: 'Of what its outlet gives',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * watts / gives',
  limits: { raises: 'power.supply-over', stop: { above: 100 } },
});
const DIRECT = standard('Ohm, there and back, with the source at its lowest volts');
export const leadResistance = declare({
  key: 'power.outlets.*.resistance',
  label: 'Its lead, there and back',
  unit: 'Ω',
  basis: DIRECT,
  formula: '2 * L * rho / A',
});
export const arrivingVolts = declare({
  key: 'power.outlets.*.volts',
  label: 'Volts that arrive',
  unit: 'V',
  basis: DIRECT,
  formula: '(Vs + sqrt(Vs ^ 2 - 4 * R * P)) / 2',
});
export const arrivingAmps = declare({
  key: 'power.outlets.*.amps',
  label: 'Current at the lowest volts',
  unit: 'A',
  basis: DIRECT,
  formula: '(Vs - V) / R',
});
export const arrivingHolds = declare({
  key: 'power.outlets.*.holds',
  label: 'Watts before its volts collapse',
  unit: 'W',
  basis: DIRECT,
  formula: 'Vs ^ 2 / (4 * R) - P',
  limits: { raises: 'power.rail-low', stop: { below: 0 } },
});
export const arrivingSpare = declare({
  key: 'power.outlets.*.spare',
  label: 'Above its least volts',
  unit: 'V',
  basis: DEFINITION,
  formula: 'V - least',
  limits: { raises: 'power.rail-low', stop: { below: 0 } },
});
export const fuseShare = declare({
  key: 'power.outlets.*.fuse',
  label: 'Of its fuse, with a quarter to spare',
  unit: '%',
  basis: houseRule(
    'a fuse is rated for 1.25 × the current at the lowest volts',
    'at the source end of the lead',
  ),
  formula: '100 * 1.25 * I / fuse',
  limits: { raises: 'power.fuse-small', risk: { above: 100 }, stop: { above: 125 } },
});
const ETHERNET = standard('power over Ethernet (IEEE 802.3-2022, clauses 33 and 145)');
export const poeClass = declare({
  key: 'power.poe.*.poeClass',
  label: 'Class',
  unit: '',
  basis: ETHERNET,
  formula: 'signed',
});
export const poeCounted = declare({
  key: 'power.poe.*.counted',
  label: 'Counted at the switch',
  unit: 'W',
  basis: ETHERNET,
  method: 'watts at the source, by class',
});
export const poeGets = declare({
  key: 'power.poe.*.gets',
  label: 'It may take',
  unit: 'W',
  basis: ETHERNET,
  method: 'watts at the device, by class',
});
export const poeShare = declare({
  key: 'power.poe.*.share',
  label: 'Of what its class allows',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * watts / gets',
  limits: { raises: 'power.poe-class', stop: { above: 100 } },
});
export const poeSource = declare({
  key: 'power.poe.*.source',
  label: 'Taken at the switch, cable and all',
  unit: 'W',
  basis: ETHERNET,
  formula: 'Vs * 2 * P / (Vs + sqrt(Vs ^ 2 - 4 * r * L * P))',
});
export const poeAll = declare({
  key: 'power.poeBudgets.*.counted',
  label: 'Counted for all that it feeds',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(counted)',
});
export const poeBudgetShare = declare({
  key: 'power.poeBudgets.*.share',
  label: 'Of its budget, by class',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * counted / budget',
  limits: { raises: 'power.poe-over', risk: { above: 100 } },
});
