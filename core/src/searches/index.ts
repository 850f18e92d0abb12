export * from './placement/index.js';
