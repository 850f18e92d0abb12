import { Num, Optional } from './decorators.js';

/** Seconds of attention that one of each takes, where the house reckons otherwise than is usual. */
export class Attention {
  @Optional() @Num(0, 600) cut?: number;
  /** A camera made ready by voice. */
  @Optional() @Num(0, 600) call?: number;
  @Optional() @Num(0, 600) caption?: number;
  @Optional() @Num(0, 600) slide?: number;
  @Optional() @Num(0, 600) reframe?: number;
  @Optional() @Num(0, 600) clip?: number;
  @Optional() @Num(0, 600) cue?: number;
  @Optional() @Num(0, 600) chat?: number;
  /** For each metre between places, s. */
  @Optional() @Num(0, 60) walk?: number;
}
