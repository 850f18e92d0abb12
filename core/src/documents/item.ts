import type { MapOf as Map } from '../foundations/index.js';
import {
  ITEM_CONDITIONS,
  ITEM_STATES,
  type ItemCondition,
  type ItemState,
} from '../foundations/shelf-words.js';
import { Int, MapOf, Num, One, OneOf, Optional, Ref, Said, Text } from './decorators.js';
import { Bought, ElectricalTest, ItemFault, Lending, MOST_FAULTS, Owner } from './item-parts.js';
import { Money } from './money.js';
import { Proof } from './proof.js';
import { BatteryRun, MeterReading, MOST_MEASURED } from './readings.js';

/** Things that a shelf holds at most. */
export const MOST_ITEMS = 20_000;

/** One thing on the shelf (or a stock line, when `count` says how many). */
export class Item {
  /** What its tape label says, unique in the organisation. */
  @Said('Tape code') @Text(16, 1) tape!: string;
  @Said('Kind') @Ref() kind!: string;
  @Said('State') @OneOf(ITEM_STATES) state!: ItemState;
  @Said('How many', 'pieces', { help: 'of things that are counted, not named' })
  @Optional()
  @Int(1, 100000)
  count?: number;
  @Said('Serial number') @Optional() @Text(60) serial?: string;
  @Said('Condition') @Optional() @OneOf(ITEM_CONDITIONS) condition?: ItemCondition;
  /** Where it lives. */
  @Said('Home place') @Optional() @Text(80) home?: string;
  /** Where it is now, where that is not its home. */
  @Said('Where it is now', '', { help: 'if not at its home' }) @Optional() @Text(80) whereNow?: string;
  /** The kit that it is kept with: things that are taken together. */
  @Said('Part of the kit') @Optional() @Text(40) kit?: string;
  /** The thing that it always goes with: a charger with its camera. */
  @Said('Goes with') @Optional() @Ref() goesWith?: string;
  /** Charge cycles of a battery. */
  @Said('Charge cycles', '') @Optional() @Int(0, 20000) cycles?: number;
  /** Share of its rated charge that a battery still gives, as measured, %. */
  @Said('Health', '%') @Optional() @Num(1, 120) health?: number;
  @Said('Note') @Optional() @Text(200) note?: string;
  /** Absent = the organisation's own. */
  @Said('Not our own') @Optional() @One(() => Owner) owner?: Owner;
  @Said('Lent out') @Optional() @One(() => Lending) lent?: Lending;
  @Said('Bought') @Optional() @One(() => Bought) bought?: Bought;
  @Said('Insured for') @Optional() @One(() => Money) insured?: Money;
  @Said('Electrical test') @Optional() @One(() => ElectricalTest) tested?: ElectricalTest;
  @Optional() @Ref() photo?: string;
  /** What was found wrong with it, and whether that was mended. */
  @Optional() @MapOf(() => ItemFault, MOST_FAULTS) faults?: Map<ItemFault>;
  /** What this cable was seen to carry. */
  @Optional() @One(() => Proof) proof?: Proof;
  /** What a meter showed of it. */
  @Optional() @MapOf(() => MeterReading, MOST_MEASURED) meter?: Map<MeterReading>;
  /** How it ran, of a battery or of what has one inside. */
  @Optional() @MapOf(() => BatteryRun, MOST_MEASURED) runs?: Map<BatteryRun>;
}

export class Shelf {
  @MapOf(() => Item, MOST_ITEMS) items!: Map<Item>;
}
