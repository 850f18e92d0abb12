export { cableOf, compared, type Compared } from './compare.js';
export {
  findLayouts,
  layoutPatch,
  type Layout,
  type Layouts,
  type Position,
  type ServedShot,
} from './layouts.js';
export type { LeftOut } from './left-out.js';
export { findPositions, letterOf } from './positions.js';
export { REASON_WORDS } from './reason-words.js';
export { whyNotHere, type WhyNot } from './why-not-here.js';
export { galleryAt, type Round } from './places.js';
export { LENS_HEIGHTS, prepare, usualPlacement, type PlacementOptions, type Prepared } from './prepare.js';
export type { Reason } from './quality.js';
