/** What a case, bag or crate gives, and how large a thing is when it is packed. */
import { Flag, Int, Num, OneOf, Optional, Said } from './decorators.js';

export const CASE_FORMS = ['hard case', 'bag', 'crate', 'tube'] as const;
export type CaseForm = (typeof CASE_FORMS)[number];

/** The inside of a case, bag or crate. */
export class Hold {
  @OneOf(CASE_FORMS) @Said('It is a') form!: CaseForm;
  @Num(0.05, 4) @Said('Inside, wide', 'm') width!: number;
  @Num(0.05, 4) @Said('Inside, deep', 'm') depth!: number;
  @Num(0.02, 4) @Said('Inside, high', 'm') height!: number;
  /** What it carries, kg. */
  @Num(0.5, 500) @Said('Carries at most', 'kg') load!: number;
  /** Foam or air around each thing, m; absent = none. */
  @Optional() @Num(0, 0.2) @Said('Foam around each thing', 'm', { help: 'empty = none' }) foam?: number;
  /** Layers with a board between; absent = one. */
  @Optional() @Int(1, 6) @Said('Layers, with a board between', '', { help: 'empty = one' }) tiers?: number;
  /** Compartments side by side, and from front to rear; absent = one. */
  @Optional() @Int(1, 8) @Said('Compartments side by side', '', { help: 'empty = one' }) across?: number;
  @Optional()
  @Int(1, 8)
  @Said('Compartments from front to rear', '', { help: 'empty = one' })
  along?: number;
}

/** A thing as it is packed: folded, coiled, in its sleeve. */
export class Packed {
  @Num(0.005, 4) @Said('Packed, wide', 'm') width!: number;
  @Num(0.005, 4) @Said('Packed, deep', 'm') depth!: number;
  @Num(0.002, 4) @Said('Packed, high', 'm') height!: number;
}

/** How a thing must travel. */
export class Travel {
  @Optional() @Flag() @Said('It stays upright') upright?: boolean;
  @Optional() @Flag() @Said('Nothing lies on it') top?: boolean;
  @Optional() @Flag() @Said('It is a fluid, or holds one') fluid?: boolean;
}
