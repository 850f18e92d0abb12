/** Figures of how a rack stands: where its centre of gravity is, and how far it leans before it falls. */
import { declare, houseRule, standard } from '../../foundations/index.js';

export const centre = declare({
  key: 'racks.racks.*.balance.centre',
  label: 'Centre of gravity, high',
  unit: 'm',
  basis: standard('centre of gravity: sum of weights times heights over the sum of weights'),
  method: 'each thing in the middle of its body, the case in the middle of its own',
});
export const along = declare({
  key: 'racks.racks.*.balance.along',
  label: 'Centre of gravity, from the front',
  unit: 'm',
  basis: standard('centre of gravity: sum of weights times distances over the sum of weights'),
  method: 'each thing in the middle of its body, the case in the middle of its own',
});
export const height = declare({
  key: 'racks.racks.*.balance.height',
  label: 'Of its height',
  unit: '%',
  basis: houseRule('low enough up to 45 % of the height'),
  formula: '100 * centre / high',
  limits: { raises: 'racks.top-heavy', note: { above: 45 } },
});
export const lower = declare({
  key: 'racks.racks.*.balance.lower',
  label: 'Could be lower by, of its height',
  unit: '%',
  basis: houseRule(
    'worth saying from 10 % of the height on',
    'least sum of weights times heights: what is heaviest for its units lowest, nothing free between',
  ),
  method: 'the same things on the same rails, those heaviest for each unit lowest',
});
export const tip = declare({
  key: 'racks.racks.*.balance.tip',
  label: 'Falls when it leans by',
  unit: '°',
  basis: houseRule(
    'steady from 20° on; below 10° it does not stand by itself',
    'tipping angle: distance to the nearest edge of its feet over the height of the centre of gravity',
  ),
  formula: 'atan(min(front, rear, side) / centre)',
  limits: { raises: 'racks.top-heavy', stop: { below: 10 }, risk: { below: 20 } },
});
export const mass = declare({
  key: 'racks.racks.*.balance.mass',
  label: 'Weight as it stands',
  unit: 'kg',
  basis: standard('sum of weights'),
  formula: 'sum(weight)',
});
export const comesOut = declare({
  key: 'racks.racks.*.items.*.comesOut',
  label: 'Comes out by',
  unit: 'm',
  basis: houseRule('a drawer comes out by its whole depth'),
  formula: 'out',
});
export const openTip = declare({
  key: 'racks.racks.*.items.*.openTip',
  label: 'Open, the rack falls when it leans by',
  unit: '°',
  basis: houseRule(
    'below 10° it does not stand by itself',
    'tipping angle: distance to the feet there over the height of the centre of gravity',
  ),
  limits: { raises: 'racks.drawer-tips', stop: { below: 0 }, risk: { below: 10 } },
});
export const over = declare({
  key: 'racks.racks.*.items.*.over',
  label: 'As heavy as what is under it',
  unit: '×',
  basis: houseRule('heavy things low: no more than twice as heavy as what is under them, from 4 kg on'),
  formula: 'item / under',
  limits: { raises: 'racks.top-heavy', note: { above: 2 } },
});
