/** Every figure of Racks. */
import { declare, DEFINITION, houseRule, standard, type Declared } from '../../foundations/index.js';
import * as air from './air-figures.js';
import * as balance from './balance-figures.js';

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
});
export const rackWatts = declare({
  key: 'racks.racks.*.watts',
  label: 'Power in',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(item)',
});
export const wiredSaves = declare({
  key: 'racks.racks.*.saves',
  label: 'Saved on the day where it stays wired',
  unit: 'min',
  basis: houseRule('minutes of one person for each lead within it'),
  formula: 'links * per_link',
});
export const wiredAdds = declare({
  key: 'racks.racks.*.adds',
  label: 'Carried for that: the case and its fittings',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'empty + sum(fitting)',
});
export const itemRoom = declare({
  key: 'racks.racks.*.items.*.room',
  label: 'Left behind it',
  unit: 'm',
  basis: houseRule(
    'room for plugs behind it: 40 mm for BNC, 70 mm for mains, 50 mm for others, unless they were measured',
    'bodies of the plugs and what their leads bend by',
  ),
  formula: 'depth - item - plugs - sum(sway)',
  limits: { raises: 'racks.too-deep', stop: { below: 0 } },
});
export const itemBefore = declare({
  key: 'racks.racks.*.items.*.before',
  label: 'Left before it under the lid',
  unit: 'm',
  basis: DEFINITION,
  formula: 'room - item - sum(sway)',
  limits: { raises: 'racks.too-deep', stop: { below: 0 } },
});
export const itemBend = declare({
  key: 'racks.racks.*.items.*.bend',
  label: 'Left behind it for the bend of its lead',
  unit: 'm',
  basis: houseRule(
    'coax turns by five times its thickness at least (4.5, 7 or 10.3 mm), fibre by 30 mm; straight plugs',
    'least radius of a bend that stays, as makers of coax and patch cords state it',
  ),
  formula: 'depth - item - sum(other) - plug - radius - sum(sway)',
  limits: { raises: 'racks.bent', note: { below: 0 } },
});
export const itemShared = declare({
  key: 'racks.racks.*.items.*.shared',
  label: 'In the same place as another',
  unit: 'L',
  basis: standard('EIA-310: units of 44.45 mm, panels of 482.6 mm'),
  formula: 'litres * wide * high * min(item)',
  limits: { raises: 'racks.overlap', stop: { above: 0 } },
});
export const itemHeadroom = declare({
  key: 'racks.racks.*.items.*.headroom',
  label: 'Left above it on its tray',
  unit: 'm',
  basis: houseRule('sheet of a tray of 3 mm'),
  formula: 'units * unit - sheet - item',
  limits: { raises: 'racks.tray-full', stop: { below: 0 } },
});
export const trayRoom = declare({
  key: 'racks.racks.*.items.*.beside',
  label: 'Width left on it',
  unit: 'm',
  basis: houseRule('440 mm between the sides of a tray'),
  formula: 'tray - sum(item)',
  limits: { raises: 'racks.tray-full', stop: { below: 0 } },
});
export const trayLeft = declare({
  key: 'racks.racks.*.items.*.carries',
  label: 'Load left on it',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'limit - sum(item)',
  limits: { raises: 'racks.too-heavy', stop: { below: 0 } },
});
export const railsLeft = declare({
  key: 'racks.racks.*.loads.*',
  label: 'Load left on the rails',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'limit - sum(item)',
  limits: { raises: 'racks.too-heavy', stop: { below: 0 } },
});
export const loadLeft = declare({
  key: 'racks.racks.*.loadLeft',
  label: 'Load left',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'limit - load',
  limits: { raises: 'racks.too-heavy', stop: { below: 0 } },
});

const all = (group: Readonly<Record<string, Declared>>): Declared[] => Object.values(group);

export const RACKS_FIGURES = [
  ...[itemWeight, itemWatts, itemBehind, itemRoom, itemBefore, itemBend, itemShared, itemHeadroom],
  ...[
    trayRoom,
    trayLeft,
    railsLeft,
    rackHave,
    rackUsed,
    rackSpare,
    rackLoad,
    loadLeft,
    rackWeight,
    rackWatts,
    wiredSaves,
    wiredAdds,
  ],
  ...all(air),
  ...all(balance),
];
