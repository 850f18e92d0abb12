export { extraPatch, kitPatch, kitsToTake, printedPatch } from './edits.js';
export { groupedLines, GROUPINGS, type Grouping, type ListGroup, type ListLine } from './grouped.js';
export { changedSince, printedOf, type Since } from './since.js';
export { whyListed, type Why } from './why.js';
