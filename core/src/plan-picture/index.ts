/** The plan as a picture, alike on the screen and on paper: what things look like and where their names go. */
export * from './figures.js';
export * from './ground-names.js';
export * from './groups.js';
export * from './place-names.js';
export * from './scale.js';
export * from './seat-rows.js';
export * from './run-tapes.js';
export * from './standing-names.js';
