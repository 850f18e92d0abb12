/** Surveying a venue from the numbers of a tape measure. */
export { createSurveyAssessor, surveyPlan } from './checked.js';
export { settling } from './settling.js';
export { SHAPES, shapeOf, type Measure, type ShapeName } from './shapes.js';
export { lightPinned, mobilePinned, notePinned } from './pinned.js';
export { nearestFirst, unmeasured, type Ask, type Unmeasured } from './unmeasured.js';
export { insideGuesses, ROW_SPACING } from './guesses.js';
export { readMarks } from './marks.js';
export {
  WALLS,
  type Survey,
  type SurveyedDoor,
  type SurveyedSocket,
  type SurveyedStage,
  type Wall,
} from './survey.js';
export { measuresOf, venueFrom } from './venue-from.js';
