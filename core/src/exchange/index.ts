/** Venues as drawings that other programs read, and drawings taken over into venues. */
export * from './drawing.js';
export { dxfOf } from './dxf.js';
export { takenFrom, type Taken } from './from-drawing.js';
export { inkOf, namesOnPaper, type Ink, type StandOnPaper, type WrittenName } from './ink.js';
export { guessTarget, layerOf, TARGETS, type Target } from './layers.js';
export { toDrawing } from './to-drawing.js';
export { lookOf, type Look } from './look.js';
export {
  cellWritten,
  MOST_LINES,
  stockFrom,
  type StockChange,
  type StockFault,
  type StockHouse,
  type StockList,
} from './stock/index.js';
export { paperOf, svgOf } from './svg.js';
export { MOST_PIXELS, pictureHeader, withoutTales, type PictureHeader } from './picture-header.js';
