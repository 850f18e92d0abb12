/** Figures of vehicles: what each may carry, what rests on its axles, what the lashings must hold. */
import { declare, DEFINITION, houseRule, standard } from '../../../foundations/index.js';

export const vehicleLoad = declare({
  key: 'pack.vehicles.*.load',
  label: 'Loaded',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'sum(item)',
});
export const vehicleUnweighed = declare({
  key: 'pack.vehicles.*.unweighed',
  label: 'Not weighed, of what is loaded',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'pieces with something in them of which nobody knows the weight',
});
export const vehiclePayload = declare({
  key: 'pack.vehicles.*.payload',
  label: 'May carry',
  unit: 'kg',
  basis: standard('Regulation (EU) 2021/535: running order holds a driver of 75 kg and 90 % of the fuel'),
  formula: 'gross - running - people * each',
});
export const vehicleLeft = declare({
  key: 'pack.vehicles.*.left',
  label: 'Payload left',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'payload - load',
  limits: { raises: 'pack.overloaded', stop: { below: 0 } },
});
export const roofLoad = declare({
  key: 'pack.vehicles.*.roof',
  label: 'On its roof',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'sum(item)',
});
export const roofLeft = declare({
  key: 'pack.vehicles.*.roofLeft',
  label: 'Roof bars, left',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'rated - roof',
  limits: { raises: 'pack.overloaded', stop: { below: 0 } },
});
export const vehicleFill = declare({
  key: 'pack.vehicles.*.fill',
  label: 'Taken of its room',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * sum(item) / room',
});
export const rearAxle = declare({
  key: 'pack.vehicles.*.rear',
  label: 'On the rear axle',
  unit: 'kg',
  basis: houseRule('further people sit midway between the axles'),
  method:
    'lever about the front axle: what it carries empty, and each piece by how far behind that axle it lies',
});
export const frontAxle = declare({
  key: 'pack.vehicles.*.front',
  label: 'On the front axle',
  unit: 'kg',
  basis: houseRule('all of it less what the rear axle carries'),
  formula: 'empty + rearEmpty + people * each + load - rear',
});
export const rearLeft = declare({
  key: 'pack.vehicles.*.rearLeft',
  label: 'Rear axle, left',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'rated - rear',
  limits: { raises: 'pack.overloaded', stop: { below: 0 } },
});
export const frontLeft = declare({
  key: 'pack.vehicles.*.frontLeft',
  label: 'Front axle, left',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'rated - front',
  limits: { raises: 'pack.overloaded', stop: { below: 0 } },
});
export const heldForward = declare({
  key: 'pack.vehicles.*.forward',
  label: 'Lashings hold forward, as a weight',
  unit: 'kg',
  basis: standard('EN 12195-1: 0.8 of its weight'),
  formula: 'share * load',
});
export const heldSideways = declare({
  key: 'pack.vehicles.*.sideways',
  label: 'Sideways and back, as a weight',
  unit: 'kg',
  basis: standard('EN 12195-1: half of its weight'),
  formula: 'share * load',
});
