export { deskMoves, deskPlaces, type DeskPlace, type DeskTask } from './desk/desk-places.js';
export * from './desk/new-place.js';
export * from './placement/index.js';
export * from './connect/index.js';
export { gapOf } from './gap.js';
export * from './search.js';
export * from './solver/index.js';
export * from './stock/index.js';
export * from './ways-out/index.js';
