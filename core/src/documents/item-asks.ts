import { Int, Num, Optional } from './decorators.js';

/**
 * What somebody must do while an item of the running order goes on, counted over all of it. Once anything is said of an
 * item, what is left out is none; of an item without it nothing is known.
 */
export class ItemAsks {
  /** Cuts a minute, of the main mix. */
  @Optional() @Num(0, 60) cuts?: number;
  @Optional() @Int(0, 500) captions?: number;
  @Optional() @Int(0, 500) slides?: number;
  /** Of each camera that somebody works. */
  @Optional() @Int(0, 500) reframes?: number;
  @Optional() @Int(0, 500) clips?: number;
  /** Of sound. */
  @Optional() @Int(0, 500) cues?: number;
  /** Answers to those who write in. */
  @Optional() @Int(0, 500) chats?: number;
}
