export { compared, effortOf, type Compared } from './compare.js';
export { gapOf } from './branch-and-bound.js';
export {
  findLayouts,
  layoutPatch,
  whyNotHere,
  type Layout,
  type Layouts,
  type Position,
  type ServedShot,
  type WhyNot,
} from './layouts.js';
export { galleryAt, type Round } from './places.js';
export { GRID, LENS_HEIGHTS, prepare, type PlacementWish, type Prepared, type Progress } from './prepare.js';
export type { Reason } from './quality.js';
