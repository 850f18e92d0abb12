/** What several routes answer. */
import { Ref } from '../documents/decorators.js';

/** Largest number that a count or a revision can have. */
export const MOST = 1e9;

/** The id of what was made. */
export class Made {
  @Ref() id!: string;
}
