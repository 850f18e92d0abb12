export { annealed } from './anneal.js';
export type { BalanceNames } from './exact.js';
export type { BalanceTask } from './from-plan.js';
export * from './problem.js';
export { sharedOut, type BalanceAim, type SharedOut, type WaysToShare } from './share-out.js';
export { shareOut, type Balance, type BalanceWay, type Move } from './ways.js';
