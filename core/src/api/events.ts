/** Events in a list, new ones, and ones taken over from a file. */
import { Flag, Int, Many, One, Optional, Ref, Text, TextOrNull } from '../documents/decorators.js';
import { Instant, TimeZone } from '../documents/time-decorators.js';
import { Made, MOST } from './made.js';

/** How many snags of each severity stand open. */
export class SnagCounts {
  @Int(0, MOST) stop!: number;
  @Int(0, MOST) risk!: number;
  @Int(0, MOST) note!: number;
}

/** One line of the list of events. */
export class EventSummary extends Made {
  @Text(80, 1) label!: string;
  @Instant() start!: string;
  @TimeZone() zone!: string;
  /** Name of the venue. */
  @Text(80) venue!: string;
  /** Absent where they could not be counted: `problem` tells why. */
  @Optional() @One(() => SnagCounts) snags?: SnagCounts;
  /** Title of the worst open snag. */
  @TextOrNull(1000) worst!: string | null;
  /** Why nothing can be said of its snags. */
  @Optional() @Text(300) problem?: string;
  /** It cannot be opened any more; what is kept of it can be taken away as it is. */
  @Optional() @Flag() damaged?: boolean;
}

export class EventPage {
  @Many(() => EventSummary) events!: readonly EventSummary[];
  /** Where the next page begins. */
  @TextOrNull(400) next!: string | null;
}

/** Lines of the list that were asked for by their ids. */
export class EventLines {
  @Many(() => EventSummary) events!: readonly EventSummary[];
}

export class NewEvent {
  @Text(80, 1) label!: string;
  @Instant() start!: string;
  @TimeZone() zone!: string;
  /** Absent where it begins from a kit, in the plain room of that. */
  @Optional() @Ref() venue?: string;
  /** The starter kit that it begins from. */
  @Optional() @Ref() kit?: string;
}

/** What an import added to the organisation. */
export class Added {
  @Int(0, MOST) items!: number;
  @Int(0, MOST) kinds!: number;
  @Int(0, MOST) people!: number;
  @Flag() venue!: boolean;
}

export class Imported extends Made {
  @One(() => Added) added!: Added;
}
