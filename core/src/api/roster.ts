/** A span of events as a roster is made of them. */
import { CrewRules } from '../documents/crew-rules.js';
import { AnyJson, Int, Many, One, Optional, Ref, Text } from '../documents/decorators.js';
import type { Plan } from '../documents/plan.js';
import { Instant } from '../documents/time-decorators.js';
import { DOCUMENT_LIMIT } from '../foundations/index.js';
import type { RosterEvent } from '../searches/roster/problem.js';
import { Made, MOST } from './made.js';

/** An event with its jobs; those of no interest but for who is busy then are fixed. */
export class RosterLine extends Made {
  @Int(1, MOST) revision!: number;
  @AnyJson(DOCUMENT_LIMIT) event!: RosterEvent;
  @Optional() @AnyJson(DOCUMENT_LIMIT) assignments?: NonNullable<Plan['assignments']>;
}

/** An event that no roster can be made of, and why. */
export class RosterLeftOut extends Made {
  @Text(80) label!: string;
  @Instant() start!: string;
  @Text(300) why!: string;
}

/** Duties of somebody besides those of the events. */
export class DutyCount {
  @Ref() person!: string;
  @Int(0, MOST) count!: number;
}

/** The same, of one month such as 2026-12. */
export class MonthDuties extends DutyCount {
  @Text(7, 7) month!: string;
}

export class RosterSpan {
  @Many(() => RosterLine, 200) lines!: readonly RosterLine[];
  @Many(() => RosterLeftOut, 200) leftOut!: readonly RosterLeftOut[];
  /** What fair shares remember. */
  @Many(() => DutyCount, 100_000) past!: readonly DutyCount[];
  @Many(() => MonthDuties, 1_000_000) inMonth!: readonly MonthDuties[];
  @Optional() @One(() => CrewRules) crew?: CrewRules;
}
