/** Figures that a test hands to a formula. */
import { declare, DEFINITION, type Figure, type Unit } from '../src/foundations/index.js';

/** A figure of a value and a unit, as some station would have worked it out. */
export const givenFigure = (value: number, unit: Unit): Figure =>
  declare({ key: 'test.given', label: 'Given', unit, basis: DEFINITION, method: 'given' }).found([], value);
