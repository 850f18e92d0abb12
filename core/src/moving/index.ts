/** Taking a plan to another venue. */
export { answersOf, matchVenues, type Match } from './match.js';
export { movedPlan, planAt, type Move } from './move-plan.js';
