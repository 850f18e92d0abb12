/** Every figure of Racks. */
import { declare, DEFINITION, houseRule } from '../../foundations/index.js';

export const itemWeight = declare({
  key: 'racks.racks.*.items.*.weight',
  label: 'Weight',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'weight',
});
export const itemWatts = declare({
  key: 'racks.racks.*.items.*.watts',
  label: 'Power',
  unit: 'W',
  basis: DEFINITION,
  formula: 'watts',
});
export const itemBehind = declare({
  key: 'racks.racks.*.items.*.behind',
  label: 'Left between front and rear',
  unit: 'm',
  basis: houseRule(
    'room for plugs behind each: 40 mm for BNC, 70 mm for mains, 50 mm for others',
    'bodies of the plugs and what their leads bend by',
  ),
  formula: 'depth - sum(item) - sum(plugs)',
  limits: { raises: 'racks.overlap', stop: { below: 0 } },
});
export const rackHave = declare({
  key: 'racks.racks.*.have',
  label: 'Units',
  unit: 'U',
  basis: DEFINITION,
  formula: 'units',
});
export const rackUsed = declare({
  key: 'racks.racks.*.used',
  label: 'Taken',
  unit: 'U',
  basis: DEFINITION,
  formula: 'sum(item)',
});
export const rackSpare = declare({
  key: 'racks.racks.*.spare',
  label: 'Free',
  unit: 'U',
  basis: DEFINITION,
  formula: 'have - used',
});
export const rackLoad = declare({
  key: 'racks.racks.*.load',
  label: 'In the case',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'sum(item)',
});
export const rackWeight = declare({
  key: 'racks.racks.*.weight',
  label: 'With the case',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'load + empty',
  limits: { raises: 'racks.too-heavy', note: { above: 23 } },
});
export const rackWatts = declare({
  key: 'racks.racks.*.watts',
  label: 'Power in',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(item)',
});
export const rackHeat = declare({
  key: 'racks.racks.*.heat',
  label: 'Heat between the rails',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(mounted)',
});
export const rackPassive = declare({
  key: 'racks.racks.*.passive',
  label: 'Leaves through one open face',
  unit: 'W',
  basis: houseRule(
    'one wholly open face, rise of 10 K',
    'natural convection: flow grows with the height of the opening to the power of 1.5; house figure for one unit',
  ),
  formula: 'one * (U / unit) ^ 1.5',
});

export const RACKS_FIGURES = [
  ...[itemWeight, itemWatts, itemBehind, rackHave, rackUsed, rackSpare, rackLoad, rackWeight],
  ...[rackWatts, rackHeat, rackPassive],
];
