/** Items on the shelf and people. */
import {
  Flag,
  Int,
  Many,
  MapOf,
  Num,
  One,
  OneOf,
  Optional,
  Ref,
  Refs,
  Text,
} from '../documents/decorators.js';
import { Kinds } from '../documents/kinds.js';
import { Item, Person, Skill } from '../documents/people-and-things.js';
import { Proof } from '../documents/proof.js';
import { BatteryRun, MeterReading, MOST_MEASURED } from '../documents/readings.js';
import type { MapOf as Map } from '../foundations/index.js';
import { Revised } from './bundles.js';
import { MOST } from './made.js';

export class ItemLine extends Item {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

export class ItemList {
  @Many(() => ItemLine, 100_000) items!: readonly ItemLine[];
  @One(() => Kinds) kinds!: Kinds;
  /** The document that the kinds are. */
  @One(() => Revised) kindsDocument!: Revised;
}

/** Items to put on the shelf: all of them, or none. */
export class NewItems {
  @Many(() => Item) items!: readonly Item[];
}

/** What a change was made on top of. */
class ChangeBase {
  /** The revision that was seen; what somebody else changed since is not written over. Absent: whatever is there. */
  @Optional() @Int(1, MOST) base?: number;
}

/** What can be changed of an item; absent fields stay. */
export class ItemChange extends ChangeBase {
  @Optional() @Text(16, 1) tape?: string;
  @Optional() @OneOf(['ready', 'out', 'in repair', 'retired']) state?: Item['state'];
  @Optional() @Text(200) note?: string;
  @Optional() @One(() => Proof) proof?: Proof;
  /** What a meter showed of it, new or changed; other readings stay. */
  @Optional() @MapOf(() => MeterReading, MOST_MEASURED) meter?: Map<MeterReading>;
  /** Runs of its battery, new or changed; other runs stay. */
  @Optional() @MapOf(() => BatteryRun, MOST_MEASURED) runs?: Map<BatteryRun>;
  /** Readings and runs that are taken back. */
  @Optional() @Refs(2 * MOST_MEASURED) forgotten?: string[];
}

export class PersonLine extends Person {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

export class PersonList {
  @Many(() => PersonLine, 100_000) people!: readonly PersonLine[];
}

/** What can be changed of a person; absent fields stay. */
export class PersonChange extends ChangeBase {
  @Optional() @Text(80, 1) name?: string;
  @Optional() @Many(() => Skill, 20) skills?: Skill[];
  @Optional() @Flag() young?: boolean;
  @Optional() @Num(0, 23) lift?: number;
}
