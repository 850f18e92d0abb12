/** Every figure of Pack. */
import { declare, DEFINITION, houseRule, measurement } from '../../foundations/index.js';
import * as lifting from './lifting/figures.js';
import * as packing from './packing/figures.js';
import * as vehicles from './vehicles/figures.js';
import * as money from './money/figures.js';
import * as carrying from './carrying/figures.js';
import { airSides, airWeight } from './lifting/by-air.js';
import { doorLeft, doorTilted } from './lifting/doors.js';
import { atEnd, atStart, index, recommended } from './lifting/niosh.js';
import { keepRolling, keepShare, startRolling, startShare } from './lifting/push.js';

export const packPieces = declare({
  key: 'pack.pieces',
  label: 'Pieces',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'every line of the checklist by its count',
});
export const packMissing = declare({
  key: 'pack.missing',
  label: 'Nothing set aside for',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'lines of the checklist for which nothing on the shelf is set aside',
});
export const packWeight = declare({
  key: 'pack.weight',
  label: 'Weight',
  unit: 'kg',
  basis: houseRule('everything that was weighed, without tape and ramps'),
  formula: 'sum(item)',
});
export const tapeRolls = declare({
  key: 'pack.tapeRolls',
  label: 'Cloth tape',
  unit: 'rolls',
  basis: houseRule(
    'one strip along whatever lies on the floor, two where more than three leads lie together',
  ),
  formula: 'ceil(taped / roll)',
});
export const rampPieces = declare({
  key: 'pack.rampPieces',
  label: 'Cable ramps',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'sum(pieces)',
});

export const usedUp = declare({
  key: 'pack.usedUp.*',
  label: 'Used up',
  unit: 'pieces',
  basis: houseRule('from the checks to the end of what is live'),
  method: 'for each device as many as it takes at once, as often as they run out',
});
export const spares = declare({
  key: 'pack.spares.*',
  label: 'Spares',
  unit: 'pieces',
  basis: houseRule('spares of leads, and the chance that is accepted that a kind runs out'),
  method:
    'the fewest with which no more than the accepted chance is left that more fail than are spare, each by itself (binomial)',
});

export const workedHere = declare({
  key: 'pack.workedHere.*',
  label: 'At this venue',
  unit: '',
  basis: measurement('what was noted there'),
  method: 'the newest that was noted of the thing itself, else of another of its kind',
});

export const PACK_FIGURES = [
  workedHere,
  ...[usedUp, spares],
  ...[packPieces, packMissing, packWeight, tapeRolls, rampPieces],
  ...Object.values(packing),
  ...Object.values(vehicles),
  ...Object.values(lifting),
  ...[atStart, atEnd, recommended, index],
  ...[keepRolling, startRolling, keepShare, startShare],
  ...[doorLeft, doorTilted, airSides, airWeight],
  ...Object.values(carrying),
  ...Object.values(money),
];
