/** What the venue says of when. */
import { Optional } from './decorators.js';
import { Instant } from './time-decorators.js';

export class PlanHours {
  /** From when on people are let in. */
  @Optional() @Instant() open?: string;
  /** When everybody must be out. */
  @Optional() @Instant() locked?: string;
  /** From when on nothing may sound. */
  @Optional() @Instant() quiet?: string;
}
