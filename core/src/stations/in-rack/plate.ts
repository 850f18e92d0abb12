/** Plates with cut-outs, which hold things without ears on the rails. */
import type { Kind } from '../../documents/index.js';
import type { Point } from '../../foundations/index.js';
import { CLEARANCE, PANEL, PLAY, UNIT } from './units.js';

/** Between the holes of both sides, and from the edge of a unit to its outer holes, m (EIA-310, IEC 60297). */
const HOLES_APART = 0.4651;
const TO_HOLE = 0.00635;

/** A plate, m: its outside, the cut-out in its middle, and its holes from its lower left corner. */
export interface Plate {
  readonly width: number;
  readonly height: number;
  /** Undefined where nobody has measured how wide and high the thing is. */
  readonly cut: { readonly width: number; readonly height: number } | undefined;
  readonly holes: readonly Point[];
}

/** The plate that holds a thing of some size, without ears, and takes so many units. */
export function plateOf(size: Kind['size'], units: number): Plate {
  const { width, height } = size ?? {};
  const low = TO_HOLE - PLAY / 2;
  return {
    width: PANEL,
    height: units * UNIT - PLAY,
    cut:
      width === undefined || height === undefined
        ? undefined
        : { width: width + CLEARANCE, height: height + CLEARANCE },
    holes: [low, units * UNIT - PLAY - low].flatMap(y =>
      [-1, 1].map((side): Point => [(PANEL + side * HOLES_APART) / 2, y]),
    ),
  };
}
