/** How long work took on the day, and what the house has learned of that. */
import { WORK_SORTS, type WorkSort } from '../foundations/crew-words.js';
import { Int, Num, One, OneOf, Optional, Text } from './decorators.js';
import { Instant } from './time-decorators.js';

/** A piece of work as it went: when it was begun, and when it was done. */
export class WorkDone {
  /** Key of the task that the design asked for. */
  @Text(80, 1) task!: string;
  @OneOf(WORK_SORTS) sort!: WorkSort;
  /** Minutes that it was to take by the usual figures, whatever the house has learned. */
  @Num(0, 2880) usual!: number;
  @Instant() begun!: string;
  /** Absent = it is under way. */
  @Optional() @Instant() done?: string;
}

/** How long work of one sort takes a house, as parts of what is usual. */
export class Pace {
  /** Most likely. */
  @Num(0.1, 10) times!: number;
  /** Of that, the least and the most that it may take. */
  @Num(0.05, 1) least!: number;
  @Num(1, 10) most!: number;
  /** Pieces of work that it was learned from. */
  @Int(1, 1_000_000) pieces!: number;
}

/** What the house has learned, by sort of work. */
export class Paces {
  [sort: string]: Pace | undefined;
}
for (const sort of WORK_SORTS) {
  Optional()(Paces.prototype, sort);
  One(() => Pace)(Paces.prototype, sort);
}
export type LearnedPaces = Readonly<Partial<Record<WorkSort, Pace>>>;
