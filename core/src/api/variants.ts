/** Variants of an event, and what is bought next. */
import { AnyJson, Int, Many, OneOf, Optional, Ref, Text } from '../documents/decorators.js';
import { CURRENCIES, type Currency } from '../documents/money.js';
import { DOCUMENT_LIMIT } from '../foundations/index.js';
import type { Weighed } from '../weighing/index.js';
import type { Purchase } from '../weighing/next.js';
import type { Step } from '../weighing/path.js';
import { Made, MOST } from './made.js';

/** Another way of doing an event, by its name. */
export class NewVariant {
  @Text(80, 1) label!: string;
}

/** One way of doing an event, in a few numbers; null where something is not known. */
export class VariantLine extends Made {
  @Text(80, 1) label!: string;
  @AnyJson(DOCUMENT_LIMIT) weighed!: Weighed;
}

/** What a variant takes beyond the smaller ones, and what of theirs it has no use for. */
export class GrowthStep extends Made {
  @AnyJson(DOCUMENT_LIMIT) step!: Step;
}

export class Variants {
  /** The event that the others are variants of. */
  @Ref() parent!: string;
  @Many(() => VariantLine) variants!: readonly VariantLine[];
  /** From the smallest to the largest. */
  @Many(() => GrowthStep) path!: readonly GrowthStep[];
  @Optional() @OneOf(CURRENCIES) currency?: Currency;
}

/** One kind of which one more would help; what is not known of it is null. */
export class PurchaseLine {
  @AnyJson(DOCUMENT_LIMIT) purchase!: Purchase;
}

export class Purchases {
  /** The most for its money first. */
  @Many(() => PurchaseLine) purchases!: readonly PurchaseLine[];
  /** Events that were looked at. */
  @Int(0, MOST) events!: number;
  @Optional() @OneOf(CURRENCIES) currency?: Currency;
}
