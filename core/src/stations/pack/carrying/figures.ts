/** Figures of carrying everything from the vehicle to the room. */
import { declare, DEFINITION, houseRule, standard } from '../../../foundations/index.js';

export const carriedPieces = declare({
  key: 'pack.carried.pieces',
  label: 'Cases and loose things to carry',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'what is in a case goes with that; vehicles stay outside',
});
export const carriedWeight = declare({
  key: 'pack.carried.weight',
  label: 'Weight that is carried',
  unit: 'kg',
  basis: houseRule('everything that was weighed, without what goes on its wheels'),
  formula: 'sum(cased) + loose',
});
export const carriedTrips = declare({
  key: 'pack.carried.trips',
  label: 'Trips of one person',
  unit: 'trips',
  basis: houseRule(
    'one for each who carries or pushes a case; loose things two at a time, and no more than one lifts alone',
  ),
  formula: 'sum(cased) + max(ceil(loose / each), ceil(things / hands))',
});
export const carriedEach = declare({
  key: 'pack.carried.each',
  label: 'One trip, there and back',
  unit: 's',
  basis: houseRule('usual paces, until a log of one’s own says otherwise'),
  formula: '2 * (distance / pace + steps * step + doors * door) + handling',
});
export const carriedWork = declare({
  key: 'pack.carried.work',
  label: 'Carrying everything in',
  unit: 'min',
  basis: houseRule('minutes of one person'),
  formula: 'trips * each / 60',
});
export const carriedAtOnce = declare({
  key: 'pack.carried.atOnce',
  label: 'One person carries it all at once',
  unit: '',
  basis: houseRule('both hands and the back, and no more than one lifts alone; on stairs 70 % of it'),
  method: 'no more than three pieces, and their weight against what one lifts',
});
export const carriedFar = declare({
  key: 'pack.carried.far',
  label: 'Carried so far before a rest',
  unit: 'm',
  basis: standard('ISO 11228-1, recommended mass by carrying distance'),
  method: 'linear between the distances of the standard, once a minute; no farther than its last, 20 m',
});
