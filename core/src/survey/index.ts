/** Surveying a venue from the numbers of a tape measure. */
export { createSurveyAssessor, surveyPlan } from './checked.js';
export { settling } from './settling.js';
export { SHAPES, shapeOf, type Measure, type ShapeName } from './shapes.js';
export { lightPinned, mobilePinned, notePinned } from './pinned.js';
export { nearestFirst, unmeasured, type Ask, type Unmeasured } from './unmeasured.js';
export { WALLS, type Survey, type SurveyedSocket, type Wall } from './survey.js';
export { AISLE_GUESS, measuresOf, venueFrom } from './venue-from.js';
