/** Where the lines of the checklist travel, as far as somebody has said so. */
import { TURNS, type Turn } from '../foundations/packing-words.js';
import { Flag, Int, Num, One, OneOf, Optional, Ref, Text } from './decorators.js';

/** The corner of a thing at the left, front and bottom of its compartment, m, and how it is turned. */
export class PutAt {
  @Num(0, 4) x!: number;
  @Num(0, 4) y!: number;
  @Num(0, 4) z!: number;
  @OneOf(TURNS) turn!: Turn;
  /** Which compartment, from the lowest layer, front to rear, then left to right, from 0; absent = the first. */
  @Optional() @Int(0, 383) space?: number;
}

/** One line of the checklist in its case. */
export class PackedLine {
  /** The line: the id of a device, or what else it is of. */
  @Text(100, 1) line!: string;
  /** The case, which is a device. */
  @Ref() in!: string;
  /** It is lashed on the roof of the vehicle. */
  @Optional() @Flag() roof?: boolean;
  /** Absent = somewhere in it. */
  @Optional() @One(() => PutAt) at?: PutAt;
}
