/** What came of using things: at one venue, and of a kind anywhere. */
import { VERDICTS, type VerdictWord } from '../foundations/shelf-words.js';
import { Flag, OneOf, Optional, Ref, Said, Text } from './decorators.js';
import { Day } from './time-decorators.js';

/** Whether a thing worked at a venue on a day. */
export class Tried {
  @Text(8) order!: string;
  @Ref() kind!: string;
  /** Absent = any of its kind: a thing that was hired, or not named. */
  @Optional() @Ref() item?: string;
  @Day() on!: string;
  @Flag() works!: boolean;
  /** What went wrong, or what made it work. */
  @Optional() @Text(120, 1) what?: string;
}

/** What came of a kind at an event. */
export class Verdict {
  @Said('On') @Day() on!: string;
  @Said('It') @OneOf(VERDICTS) verdict!: VerdictWord;
  @Said('Where') @Optional() @Text(80, 1) event?: string;
  @Said('What happened') @Optional() @Text(160, 1) what?: string;
}
