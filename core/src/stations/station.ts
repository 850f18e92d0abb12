/** What a station is: it computes its result from the slices it reads, and checks it. */
import type { Declaration, Parts, StationName } from '../foundations/index.js';

/** What a rule of a station sees: what the station reads, and its own result. */
export type Seen<Reads, Result> = Reads & { readonly own: Result };

export interface Station<Reads extends object, Result extends object> {
  readonly name: StationName;
  /** Every figure it declares. */
  readonly figures: readonly Declaration[];
  /** Pure; `parts` only remembers. */
  compute(reads: Reads, parts: Parts): Result;
}
