/** The way on which gear is carried from the vehicle to the room. */
import { Int, Num, OneOf, Optional } from './decorators.js';

/** What wheels roll over on it, the worst of it; soft: gravel, grass, cobbles. */
export const FLOORS = ['hard', 'carpet', 'soft'] as const;
export type FloorOfWay = (typeof FLOORS)[number];

export class WayIn {
  /** From the vehicle to the room, m. */
  @Optional() @Num(0, 2000) distance?: number;
  /** Up or down. */
  @Optional() @Int(0, 500) steps?: number;
  @Optional() @Int(0, 50) doors?: number;
  /** Clear, of the narrowest and of the lowest of them, m. */
  @Optional() @Num(0.3, 12) width?: number;
  @Optional() @Num(0.5, 12) height?: number;
  /** Of the steepest ramp, %. */
  @Optional() @Num(0, 30) slope?: number;
  @Optional()
  @OneOf(FLOORS)
  floor?: FloorOfWay;
}
