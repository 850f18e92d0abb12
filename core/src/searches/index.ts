export * from './desk/desk-places.js';
export * from './placement/index.js';
