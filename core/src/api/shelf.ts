/** Items on the shelf: seen, put there, changed and taken back. */
import {
  allOptional,
  AnyJson,
  Int,
  Many,
  One,
  Optional,
  Ref,
  Refs,
  Text,
  TextOrNull,
  Words,
} from '../documents/decorators.js';
import { Item, MOST_ITEMS } from '../documents/item.js';
import { MOST_FAULTS } from '../documents/item-parts.js';
import { Kinds } from '../documents/kinds.js';
import { MOST_MEASURED } from '../documents/readings.js';
import { Instant } from '../documents/time-decorators.js';
import { DOCUMENT_LIMIT } from '../foundations/index.js';
import { Revised } from './bundles.js';
import { MOST } from './made.js';

export class ItemLine extends Item {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

export class ItemList {
  @Many(() => ItemLine, MOST_ITEMS) items!: readonly ItemLine[];
  @One(() => Kinds) kinds!: Kinds;
  /** The document that the kinds are. */
  @One(() => Revised) kindsDocument!: Revised;
}

/** Who does something to the shelf, and what it is called in its history. */
export class ShelfSignature {
  /** Absent: nobody said. */
  @Optional() @Text(80, 1) author?: string;
  @Optional() @Text(120, 1) label?: string;
  /** What is changed together has one id, by which it is taken back together; absent: one is chosen. */
  @Optional() @Ref() change?: string;
}

/** Items to put on the shelf: all of them, or none. */
export class NewItems extends ShelfSignature {
  @Many(() => Item, 5000) items!: readonly Item[];
}

export class MadeItems {
  @Int(0, MOST) made!: number;
  @Ref() change!: string;
}

/** What of an item may be absent, and so can be cleared. */
const CLEARABLE = [
  ...(['count', 'serial', 'condition', 'home', 'whereNow', 'kit', 'goesWith', 'cycles', 'health'] as const),
  ...(['note', 'owner', 'lent', 'bought', 'insured', 'tested', 'photo', 'proof'] as const),
] as const satisfies readonly (keyof Item)[];
export type ClearableField = (typeof CLEARABLE)[number];

/**
 * What can be changed of an item; absent fields stay. Readings, runs and faults are put beside those that are there, or
 * in place of those with the same id.
 */
export class ItemFields extends (Item as new () => Partial<Item>) {
  /** Fields that say nothing from now on. */
  @Optional() @Words(CLEARABLE) cleared?: ClearableField[];
  /** Readings, runs and faults that are taken back. */
  @Optional() @Refs(2 * MOST_MEASURED + MOST_FAULTS) forgotten?: string[];
  /** The revision that was seen; what somebody else changed since is not written over. Absent: whatever is there. */
  @Optional() @Int(1, MOST) base?: number;
}
allOptional(ItemFields, Item);

/** A change of one item. */
export class ItemChange extends ItemFields {
  @Optional() @Text(80, 1) author?: string;
}

/** One of several items that are changed together. */
export class ItemOfChange extends ItemFields {
  @Ref() id!: string;
}

/** Several items changed at once: all of them, or none. */
export class ItemsChange extends ShelfSignature {
  @Many(() => ItemOfChange, 5000) items!: readonly ItemOfChange[];
}

export class ChangedItems {
  @Many(() => ItemLine, 5000) items!: readonly ItemLine[];
  @Ref() change!: string;
}

/** What was done to an item, by whom and when. */
export class ItemHistoryEntry {
  @Int(1, MOST) revision!: number;
  @Ref() change!: string;
  @Text(120) label!: string;
  @Text(80) author!: string;
  @Instant() at!: string;
  /** The change that it took back. */
  @TextOrNull(12) undoes!: string | null;
  /** Each field that it changed, as it was before and after; absent there = it said nothing. */
  @AnyJson(DOCUMENT_LIMIT) before!: Partial<Item>;
  @AnyJson(DOCUMENT_LIMIT) after!: Partial<Item>;
}

export class ItemHistory {
  @Many(() => ItemHistoryEntry) entries!: readonly ItemHistoryEntry[];
  @TextOrNull(20) next!: string | null;
}

/** Takes back what was done to the shelf under an id. */
export class ItemsUndo {
  @Optional() @Text(80, 1) author?: string;
}

/** A tape code that is on the shelf. */
export class TapeThere {
  @Text(16, 1) tape!: string;
}

/** What a file of gear brought, or would bring. */
export class GearTaken {
  @Int(0, MOST) items!: number;
  @Int(0, MOST) kinds!: number;
  /** Things whose tape code is on the shelf already: they are left out. */
  @Many(() => TapeThere, MOST_ITEMS) there!: readonly TapeThere[];
  /** Whose gear it is. */
  @Text(80) organisation!: string;
  /** Under which it is taken back; null where nothing was put there. */
  @TextOrNull(12) change!: string | null;
}
