/** Where the lines of the checklist travel, as far as somebody has said so. */
import { PACK_GROUPS, TURNS, type PackGroup, type Turn } from '../foundations/packing-words.js';
import { Flag, Int, Many, Num, One, OneOf, Optional, Ref, Said, Text } from './decorators.js';
import { Instant } from './time-decorators.js';

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

/** A line of the checklist that somebody has added, and why. */
export class ExtraLine {
  @Text(8) order!: string;
  @Said('What') @Text(80, 1) label!: string;
  @Said('Why it comes along') @Text(200, 1) reason!: string;
  @Said('How many', 'pieces') @Int(1, 1000) count!: number;
  @Said('Among') @OneOf(PACK_GROUPS) group!: PackGroup;
  /** Absent = of no kind that the house knows. */
  @Said('Kind') @Optional() @Ref() kind?: string;
  /** Absent = nothing is set aside for it. */
  @Said('Of the shelf') @Optional() @Ref() item?: string;
}

/** One line as it was on the list that was printed. */
export class ListedLine {
  @Text(100, 1) line!: string;
  @Text(160) words!: string;
  @Int(0, 100000) count!: number;
}

/** The checklist as it was printed last. */
export class PrintedList {
  @Instant() at!: string;
  @Many(() => ListedLine, 5000) lines!: ListedLine[];
}
