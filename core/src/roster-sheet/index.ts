/** A roster on a screen: what is known, what is drafted, how that reads as a grid, and what it changes in the plans. */
export { cellsMaker } from './cells.js';
export { changesOf, planChangesOf, type PlanChange, type RosterChange } from './changes.js';
export {
  cellsOf,
  offeredTo,
  openJobs,
  rowsOf,
  type CellJob,
  type OpenJob,
  type RosterCell,
  type RosterRow,
} from './grid.js';
export { jobLines, rosterList, type JobLine } from './list.js';
export { ROSTER_WAYS, type RosterWay } from '../searches/roster/stages.js';
export { rosterEventOf } from '../searches/roster/from-plan.js';
export type { RosterEvent } from '../searches/roster/problem.js';
export {
  draftOf,
  factsOf,
  keyOfJob,
  NO_DRAFT,
  personOn,
  problemOf,
  withKept,
  withoutEvents,
  withPerson,
  type Draft,
  type RosterFacts,
  type RosterLine,
} from './state.js';
