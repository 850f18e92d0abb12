export * from './foundations/index.js';
export { assess, createAssessor, type Assessment, type Assessor, type Results } from './assess.js';
export { applyFix, fixesFor } from './fixes.js';
export { allFigures, reportOf, type Report } from './report.js';
export { acceptPatch, bucklePatch, readingOf, type AcceptedSnag, type BuckleState, type Difference } from './review.js';
export { seenBundle } from './seen.js';
export type * from './documents/index.js';
