export { withClosed } from './close.js';
export { FACE, faceOf } from './face.js';
export {
  BOX,
  schematicGraph,
  TAPE,
  type DeviceBox,
  type Pin,
  type SchematicGraph,
  type Wire,
} from './graph.js';
export { fitted, lettersIn, marksSvg, schematicMarks, type PaperMark } from './ink.js';
export {
  crossingsOf,
  drawnWith,
  layOut,
  nudgedWay,
  turnedOver,
  type DrawnSchematic,
  type ElkLayout,
  type ElkNode,
  type Frame,
} from './layout.js';
export { kindMarks, type KindMarks } from './kind-marks.js';
export { CARRIES_WORDS, PATTERNS } from './patterns.js';
