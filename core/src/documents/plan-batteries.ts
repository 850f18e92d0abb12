/** Batteries along the day of an event: which takes the place of which when, and what they showed. */
import { Num, Optional, Ref, Text } from './decorators.js';
import { Instant } from './time-decorators.js';

/** A battery that is put in the place of another during the event. */
export class BatteryChange {
  /** The battery of the plan in whose place it is put. */
  @Ref() battery!: string;
  /** The item of the shelf that is put there. */
  @Ref() item!: string;
  /** When that is planned, minutes after the start; negative = before. */
  @Num(-10080, 10080) after!: number;
  /** When it was done. */
  @Optional() @Instant() done?: string;
  @Optional() @Text(80, 1) by?: string;
}

/** What a battery showed at some time of the day. */
export class ChargeReading {
  /** The battery of the plan in whose place it was. */
  @Ref() battery!: string;
  @Instant() at!: string;
  /** Share of its charge, %. */
  @Num(0, 100) percent!: number;
  @Text(80, 1) by!: string;
}
