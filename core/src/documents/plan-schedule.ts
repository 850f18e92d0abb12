/** The work of the day as somebody has accepted it: in which order, and who does what. */
import { BREAK_PLACES, type BreakPlace } from '../foundations/crew-words.js';
import type { MapOf as Map } from '../foundations/index.js';
import { Int, MapOf, Num, OneOf, Optional, Refs, Text } from './decorators.js';

export class ScheduledWork {
  @Text(8) order!: string;
  /** Key of the task that the design asks for. */
  @Text(80, 1) task!: string;
  @Refs(50) people!: string[];
  /** Minutes after the call, or the end, before which it does not begin, where somebody has said so. */
  @Optional() @Int(0, 2880) notBefore?: number;
}

export class CrewSchedule {
  /** Minutes kept spare, as work takes now longer, now shorter, and the share of days on which they are enough, %. */
  @Num(0, 2880) spare!: number;
  @Num(50, 99.9) share!: number;
  @MapOf(() => ScheduledWork, 1000) work!: Map<ScheduledWork>;
  /** The work after the end, and minutes kept spare of it. */
  @Optional() @MapOf(() => ScheduledWork, 1000) strike?: Map<ScheduledWork>;
  @Optional() @Num(0, 2880) strikeSpare?: number;
}

/** A break that everybody has together while things are got ready. */
export class Break {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @Num(1, 240) minutes!: number;
  @OneOf(BREAK_PLACES) at!: BreakPlace;
}
