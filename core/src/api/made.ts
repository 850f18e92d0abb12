/** What several routes answer. */
import { Int, Ref } from '../documents/decorators.js';

/** Largest number that a count or a revision can have. */
export const MOST = 1e9;

/** The id of what was made. */
export class Made {
  @Ref() id!: string;
}

/** How many were made. */
export class MadeCount {
  @Int(0, MOST) made!: number;
}
