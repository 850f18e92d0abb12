/** What is known of one thing on the shelf beside what kind of thing it is. */
import { OWNERS, type OwnerKind } from '../foundations/shelf-words.js';
import { Flag, One, OneOf, Optional, Ref, Said, Text } from './decorators.js';
import { Money } from './money.js';
import { Day, Instant } from './time-decorators.js';

/** Whose a thing is that is not the organisation's own. */
export class Owner {
  @Said('How it is there') @OneOf(OWNERS) how!: OwnerKind;
  @Said('Whose it is') @Text(80, 1) who!: string;
  /** The last day that it may be kept. */
  @Said('Goes back on') @Optional() @Day() back?: string;
}

/** Who has a thing that was lent out; there is none once it came back. */
export class Lending {
  @Said('Lent to') @Text(80, 1) to!: string;
  @Said('Lent on') @Day() on!: string;
  /** Absent = nobody said. */
  @Said('To come back on') @Optional() @Day() back?: string;
}

/** How a thing was come by. */
export class Bought {
  @Said('Bought on') @Optional() @Day() on?: string;
  @Said('Price') @Optional() @One(() => Money) price?: Money;
  @Said('Used when it was bought') @Optional() @Flag() used?: boolean;
  @Said('Bought from') @Optional() @Text(80) from?: string;
}

/** The last electrical test of a thing (in-service inspection and test, such as IEC 62638 describes). */
export class ElectricalTest {
  /** Absent where its label bears no date: then it counts for nothing. */
  @Said('Tested on') @Optional() @Day() on?: string;
  @Said('Result') @OneOf(['passed', 'failed']) result!: 'passed' | 'failed';
  @Said('To be tested again by') @Optional() @Day() next?: string;
  @Said('Tested by') @Optional() @Text(80) by?: string;
}

/** Faults of a thing that are kept at most. */
export const MOST_FAULTS = 100;

/** Something that was found wrong with a thing. */
export class ItemFault {
  @Instant() at!: string;
  @Text(200, 1) what!: string;
  @Text(80, 1) by!: string;
  /** A picture of it. */
  @Optional() @Ref() photo?: string;
  /** The day by which it is to be mended. */
  @Optional() @Day() due?: string;
  /** When it was mended; absent = not yet. */
  @Optional() @Instant() mended?: string;
  @Optional() @Text(200) how?: string;
}
