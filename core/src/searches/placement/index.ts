export { compared, effortOf, type Compared } from './compare.js';
export { gapOf } from './branch-and-bound.js';
export {
  findLayouts,
  layoutPatch,
  type Layout,
  type Layouts,
  type Position,
  type ServedShot,
} from './layouts.js';
export { whyNotHere, type WhyNot } from './why-not-here.js';
export { galleryAt, type Round } from './places.js';
export { GRID, LENS_HEIGHTS, prepare, type PlacementWish, type Prepared, type Progress } from './prepare.js';
export type { Reason } from './quality.js';
