/** What several routes answer. */
import { Int, Optional, Ref } from '../documents/decorators.js';

/** Largest number that a count or a revision can have. */
export const MOST = 1e9;

/** The id of what was made. */
export class Made {
  @Ref() id!: string;
}

/** What a change was made on top of. */
export class ChangeBase {
  /** The revision that was seen; what somebody else changed since is not written over. Absent: whatever is there. */
  @Optional() @Int(1, MOST) base?: number;
}
