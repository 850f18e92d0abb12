/** Drawing in a venue: its parts, and the patches that move, copy, reshape and remove them. */
export * from './fresh.js';
export * from './parts.js';
export * from './reshape.js';
export * from './snap.js';
export * from './transform.js';
