/** What pages need to know of roles and of coming in, without what a server keeps by them. */
export * from './lasting.js';
export { OF_MONEY } from './of-money.js';
export * from './roles.js';
