import type { MapOf as Map } from '../foundations/index.js';
import { Flag, Int, MapOf, One, Optional, Ref, Refs, Text } from './decorators.js';
import { MOST_ITEMS } from './item.js';
import { Instant } from './time-decorators.js';

/** What an overlapping event, or somebody else who booked it, takes from the shelf. */
export class Claim {
  @Ref() item!: string;
  @Text(80) event!: string;
  @Instant() from!: string;
  @Instant() to!: string;
  /** It is booked, and not only planned. */
  @Optional() @Flag() booked?: boolean;
  /** Of a stock line, how many; absent = all of it. */
  @Optional() @Int(1, 100000) count?: number;
}

/** How many of a thing are booked. */
export class BookedItem {
  @Optional() @Int(1, 100000) count?: number;
}

/** What the event itself has booked. */
export class OwnBooking {
  /** The time that its things are booked for. */
  @Instant() from!: string;
  @Instant() to!: string;
  @MapOf(() => BookedItem) items!: Map<BookedItem>;
}

/** What an event of the same occasion, before or after, uses too. */
export class HandedOn {
  @Text(80) event!: string;
  /** It stays rigged in between. */
  @Optional() @Flag() rigged?: boolean;
  @Refs(MOST_ITEMS) items!: string[];
}

/** A role that somebody is put on at an event which overlaps. */
export class DutyElsewhere {
  @Ref() person!: string;
  @Text(80) event!: string;
  /** From its first planned minute to its last. */
  @Instant() from!: string;
  @Instant() to!: string;
  /** The part of it that is live. */
  @Instant() begin!: string;
  @Instant() end!: string;
  /** It is at the same venue. */
  @Optional() @Flag() here?: boolean;
}

export class Claims {
  @MapOf(() => Claim) claims!: Map<Claim>;
  /** Of people, what they do elsewhere meanwhile. */
  @Optional() @MapOf(() => DutyElsewhere) duties?: Map<DutyElsewhere>;
  /** Absent while the event is not confirmed. */
  @Optional() @One(() => OwnBooking) own?: OwnBooking;
  /** The event of the same occasion that things come from, and the one that they go on to. */
  @Optional() @One(() => HandedOn) before?: HandedOn;
  @Optional() @One(() => HandedOn) after?: HandedOn;
}
