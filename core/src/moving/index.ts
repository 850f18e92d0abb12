/** Taking a plan to another venue. */
export { matchVenues, type Match } from './match.js';
export { movedPlan, type Move } from './move-plan.js';
