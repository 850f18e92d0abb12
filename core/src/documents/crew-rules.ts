/** House rules of people. */
import { Flag, Int, Num, One, Optional } from './decorators.js';
import { Clock } from './time-decorators.js';

/** What wishes that a roster does not keep count beside each other; 0 = nothing. */
export class RosterWishes {
  /** Somebody at an event to which they would rather not come. */
  @Optional() @Num(0, 100) ratherNot?: number;
  /** One of a household without the other, where both could come. */
  @Optional() @Num(0, 100) apartFromHousehold?: number;
  /** A learner’s turn beside somebody who leads: what is won by it. */
  @Optional() @Num(0, 100) learner?: number;
  /** Somebody else on a job than so far. */
  @Optional() @Num(0, 100) change?: number;
}

/** How the house looks after its people, where that is otherwise than is usual. */
export class CrewRules {
  /** Between the last duty of a day and the first of the next, h. */
  @Optional() @Num(0, 24) rest?: number;
  /** The same, of those under 18. */
  @Optional() @Num(0, 24) restYoung?: number;
  /** The same, of those under 15. */
  @Optional() @Num(0, 24) restUnder15?: number;
  /** When whoever is under 18 has left; absent = the house has no such time. */
  @Optional() @Clock() youngLeave?: string;
  /** Adults beside those under 18 are vetted. */
  @Optional() @Flag() vetted?: boolean;
  /** Usual way from one venue to another, min. */
  @Optional() @Num(0, 600) between?: number;
  /** Days on which everything is to be ready by doors, %: people are called as early as that takes. */
  @Optional() @Num(50, 99.9) ready?: number;
  /** Days before a roster whose duties count for fair shares. */
  @Optional() @Int(0, 1000) remembers?: number;
  /** Days before an event on which people are to have answered. */
  @Optional() @Int(0, 60) replyDays?: number;
  @Optional() @One(() => RosterWishes) wishes?: RosterWishes;
}
