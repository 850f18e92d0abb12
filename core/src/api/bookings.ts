/** Bookings: who has which things of the shelf for which time. */
import { Flag, Int, Many, Num, Optional, Ref, Refs, Text, TextOrNull } from '../documents/decorators.js';
import { Instant, TimeZone } from '../documents/time-decorators.js';
import { MOST } from './made.js';

/** A thing, or so many of a stock line, that is booked. */
export class BookedLine {
  @Ref() item!: string;
  /** Of a stock line, how many; absent = the whole thing. */
  @Optional() @Int(1, 100000) count?: number;
}

/** Things to be booked for a time; half-open, so that one may begin when another ends. */
export class NewBooking {
  /** What it is for: `Choir evening`, `at the repairer`. */
  @Text(80, 1) label!: string;
  @Instant() from!: string;
  @Instant() to!: string;
  /** Minutes after its end before anybody else may have the things. */
  @Optional() @Num(0, 10080) turnaround?: number;
  /** On whose clocks times are told where something cannot be had; absent = UTC. */
  @Optional() @TimeZone() zone?: string;
  @Optional() @Text(80, 1) author?: string;
  @Many(() => BookedLine) items!: readonly BookedLine[];
}

/** Confirms an event. */
export class Confirmation {
  @Optional() @Text(80, 1) author?: string;
  /** What cannot be booked is left out, and told; absent = then nothing is booked. */
  @Optional() @Flag() partly?: boolean;
}

/** Ends a booking before its time. */
export class Release {
  @Optional() @Text(80, 1) author?: string;
}

/** Why a thing could not be booked. */
export class NotBooked {
  @Ref() item!: string;
  @Text(200) reason!: string;
  /** Of the same kind, ready and free for that time; at most five, the first of them first. */
  @Refs(5) instead!: readonly string[];
}

export class BookingLine {
  @Ref() id!: string;
  /** The event that it is for; null where it is for something else. */
  @TextOrNull(12) event!: string | null;
  @Text(80) label!: string;
  @Text(80) author!: string;
  @Instant() from!: string;
  @Instant() to!: string;
  /** When others may have its things. */
  @Instant() free!: string;
  @Many(() => BookedLine, 20_000) items!: readonly BookedLine[];
}

/** What was booked, and what could not be. */
export class Booked extends BookingLine {
  @Many(() => NotBooked, 20_000) left!: readonly NotBooked[];
}

export class BookingList {
  @Many(() => BookingLine, MOST) bookings!: readonly BookingLine[];
}

/** What an event that is not confirmed would take. */
export class PlannedUse {
  @Ref() event!: string;
  @Text(80) label!: string;
  @Instant() from!: string;
  @Instant() to!: string;
}

/** When a thing is booked, and when it is only planned for. */
export class ItemCalendar {
  @Many(() => BookingLine, MOST) bookings!: readonly BookingLine[];
  @Many(() => PlannedUse, MOST) planned!: readonly PlannedUse[];
}
