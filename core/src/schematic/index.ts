export { withClosed } from './close.js';
export { FACE, faceOf } from './face.js';
export { BOX, FACE_SCALE, LETTERS, NAME_BASE, TAPE, type DeviceBox, type Pin } from './box.js';
export { schematicGraph, withoutOffers, type SchematicGraph, type Wire } from './graph.js';
export { schematicMarks } from './ink.js';
export {
  crossingsOf,
  drawnWith,
  layOut,
  layOutWithin,
  nudgedWay,
  turnedOver,
  withoutFrames,
  type DrawnSchematic,
  type ElkLayout,
  type ElkNode,
  type Frame,
} from './layout.js';
export { kindMarks, type KindMarks } from './kind-marks.js';
export { CARRIES_WORDS, PATTERNS } from './patterns.js';
