/** How long work took at the events of a house. */
import { Many, Num, OneOf } from '../documents/decorators.js';
import { WORK_SORTS, type WorkSort } from '../foundations/crew-words.js';
import { Made } from './made.js';

/** A piece of work that was done; its id is that of the event. */
export class WorkPiece extends Made {
  @OneOf(WORK_SORTS) sort!: WorkSort;
  /** By the usual figures, min. */
  @Num(0, 2880) usual!: number;
  /** As it went, min. */
  @Num(-1e9, 1e9) minutes!: number;
}

export class WorkLog {
  @Many(() => WorkPiece, 20_000) pieces!: readonly WorkPiece[];
}
