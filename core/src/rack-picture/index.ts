/** A rack to scale: its picture, and where a thing goes that is moved in it. */
export * from './moves.js';
export * from './picture.js';
export * from './words.js';
