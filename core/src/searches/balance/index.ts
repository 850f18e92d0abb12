export { annealed } from './anneal.js';
export { plainNames, programmeOf, type BalanceNames } from './exact.js';
export * from './problem.js';
export { sharedOut, type SharedOut } from './share-out.js';
export { shareOut, type Balance, type BalanceWay, type Move } from './ways.js';
export type { BalanceTask } from './from-plan.js';
