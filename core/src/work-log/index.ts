/** How long work took on the day, and what a house learns of it. */
export { learnedFrom, type Learned, type LoggedWork } from './paces.js';
export { WORK_STATES, workUnderWay, type WorkLine, type WorkState, type WorkUnderWay } from './under-way.js';
export { paceLines, type PaceLine } from './pace-lines.js';
