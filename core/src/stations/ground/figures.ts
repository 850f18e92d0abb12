/** Every figure of Ground. */
import { declare, DEFINITION, houseRule, measurement } from '../../foundations/index.js';

const SURVEY = measurement('the survey of the venue');
const FLOOR =
  'height of the highest raised floor there, or of the gallery named, along its rise where it is raked';

export const extentLength = declare({
  key: 'ground.length',
  label: 'Extent, west to east',
  unit: 'm',
  basis: SURVEY,
  method: 'extent of the walls from west to east',
});
export const extentWidth = declare({
  key: 'ground.width',
  label: 'Extent, north to south',
  unit: 'm',
  basis: SURVEY,
  method: 'extent of the walls from north to south',
});
export const floorArea = declare({
  key: 'ground.floorArea',
  label: 'Floor area',
  unit: 'm²',
  basis: SURVEY,
  method: 'area of the outline (shoelace formula)',
});
export const dimensionLength = declare({
  key: 'ground.dimensions.*.length',
  label: 'Length',
  unit: 'm',
  basis: DEFINITION,
  formula: 'to - from',
});
export const aisleWidth = declare({
  key: 'ground.aisles.*.width',
  label: 'Width',
  unit: 'm',
  basis: SURVEY,
});
export const aisleWideEnough = declare({
  key: 'ground.aisles.*.wideEnough',
  label: 'Wide enough by the rule',
  unit: '',
  basis: houseRule('clear aisle width', 'the venue’s fire plan and local code decide'),
  formula: 'width >= rule - drawn',
  limits: { raises: 'ground.aisle-narrow', risk: { is: false } },
});
export const markFloor = declare({
  key: 'ground.marks.*.floor',
  label: 'Floor there',
  unit: 'm',
  basis: SURVEY,
  method: FLOOR,
});
export const markElevation = declare({
  key: 'ground.marks.*.elevation',
  label: 'Eyes above the zero level',
  unit: 'm',
  basis: DEFINITION,
  formula: 'floor + height',
});
export const markLight = declare({
  key: 'ground.marks.*.light',
  label: 'Light',
  unit: 'lx',
  basis: measurement('a meter at face height, its flat sensor towards the camera'),
  formula: 'reading',
});
export const placeFloor = declare({
  key: 'ground.places.*.floor',
  label: 'Floor there',
  unit: 'm',
  basis: SURVEY,
  method: FLOOR,
});
export const placeElevation = declare({
  key: 'ground.places.*.elevation',
  label: 'Above the zero level',
  unit: 'm',
  basis: DEFINITION,
  formula: 'floor + height',
});

export const GROUND_FIGURES = [
  ...[extentLength, extentWidth, floorArea, dimensionLength, aisleWidth, aisleWideEnough],
  ...[markFloor, markElevation, markLight, placeFloor, placeElevation],
];
