/** How a case is taken hold of and moved. */
import { Flag, Num, OneOf, Optional, Said } from './decorators.js';

/** How well hands hold it (revised NIOSH lifting equation): handles that fit, a rim or edges, nothing to hold. */
export const HANDLES = ['good', 'fair', 'poor'] as const;
export type Handles = (typeof HANDLES)[number];

export class Carry {
  /** Absent = fair. */
  @Optional()
  @OneOf(HANDLES)
  @Said('Its handles are', '', { help: 'good = they fit a hand; empty = fair' })
  handles?: Handles;
  /** Where hands hold it, above its foot, m; absent = half as high as it is. */
  @Optional()
  @Num(0, 2.5)
  @Said('Handles are above its foot by', 'm', { help: 'empty = half as high as it is' })
  grip?: number;
  @Optional() @Flag() @Said('It goes on wheels') wheels?: boolean;
}
