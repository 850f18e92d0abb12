/** What was measured of a thing on the shelf: watts by a plug-in meter, and batteries run down. */
import { Flag, Num, OneOf, Optional, Text } from './decorators.js';
import { DRAWING_STATES, type DrawingState } from './power-words.js';
import { Instant } from './time-decorators.js';

/** Readings of a thing, and runs of its battery, that are kept at most. */
export const MOST_MEASURED = 200;

/** What a meter at its plug or in its lead showed. */
export class MeterReading {
  @Instant() at!: string;
  /** What the thing did just then. */
  @OneOf(DRAWING_STATES) state!: DrawingState;
  @Num(0, 20000) watts!: number;
  /** Power factor, where the meter shows that too. */
  @Optional() @Num(0.1, 1) factor?: number;
  @Text(80, 1) by!: string;
  /** It counts, in place of what the book says. */
  @Optional() @Flag() accepted?: boolean;
}

/** A battery that was full and was drawn upon for a time. */
export class BatteryRun {
  @Instant() at!: string;
  @Num(1, 6000) minutes!: number;
  /** What it gave in that time, Wh. */
  @Num(0.1, 20000) wattHours!: number;
  /** What was left in it, as it showed, %; absent = nothing. */
  @Optional() @Num(0, 95) left?: number;
  /** Air about it, °C; absent = that of a heated room. */
  @Optional() @Num(-20, 50) celsius?: number;
  /** What a meter before its charger counted until it was full again, Wh. */
  @Optional() @Num(0.1, 40000) returned?: number;
  @Text(80, 1) by!: string;
  /** Its health is told by it. */
  @Optional() @Flag() accepted?: boolean;
}
