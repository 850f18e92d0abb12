/** Cases as they are packed: their pictures, and where a thing is. */
export * from './moves.js';
export * from './picture.js';
export * from './where.js';
