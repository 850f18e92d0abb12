/** Figures of supplies, of what arrives at the end of their leads, and of power over network cable. */
import { declare, DEFINITION, houseRule, measurement, standard } from '../../../foundations/index.js';

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
export const fuseWire = declare({
  key: 'power.outlets.*.wire',
  label: 'Its fuse, of what the wire carries',
  unit: '%',
  basis: standard('currents of flexible cords by cross section (IEC 60364-5-52, HD 516)'),
  formula: '100 * fuse / carries',
  limits: { raises: 'power.fuse-large', risk: { above: 100 } },
});
export const fuseBreaks = declare({
  key: 'power.outlets.*.breaks',
  label: 'Highest volts, of what its fuse breaks',
  unit: '%',
  basis: measurement('the volts of direct current printed on the fuse'),
  formula: '100 * V / breaks',
  limits: { raises: 'power.fuse-large', stop: { above: 100 } },
});
export const roundPlug = declare({
  key: 'power.outlets.*.plug',
  label: 'Its round plug',
  unit: '',
  basis: measurement('outside and inside of plug and socket, and what the middle is'),
  method: 'both sides beside each other',
  limits: { raises: 'power.dc-plug', stop: { isNot: 'fits' } },
});
export const usbVolts = declare({
  key: 'power.outlets.*.usbVolts',
  label: 'Volts that both agree on',
  unit: 'V',
  basis: standard('the highest fixed volts that both sides know (USB Power Delivery)'),
  method: 'what both say',
  limits: { raises: 'power.usb-volts', stop: { is: 0 } },
});
export const usbGives = declare({
  key: 'power.outlets.*.usbGives',
  label: 'Its outlet and cable give',
  unit: 'W',
  basis: standard('3 A without a mark, 5 A with one, above 20 V only marked for 240 W (USB Type-C)'),
  formula: 'min(gives, V * carries)',
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
