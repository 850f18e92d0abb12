import type { MapOf as Map } from '../foundations/index.js';
import { Flag, Int, MapOf, Many, Num, One, OneOf, Optional, Ref, Text } from './decorators.js';
import { Instant } from './time-decorators.js';
import { Proof } from './proof.js';
import { BatteryRun, MeterReading, MOST_MEASURED } from './readings.js';

/** One thing on the shelf (or a stock line, when `count` says how many). */
export class Item {
  /** What its tape label says, unique in the organisation. */
  @Text(16, 1) tape!: string;
  @Ref() kind!: string;
  @OneOf(['ready', 'out', 'in repair', 'retired']) state!: 'ready' | 'out' | 'in repair' | 'retired';
  @Optional() @Int(1, 100000) count?: number;
  /** Charge cycles of a battery. */
  @Optional() @Int(0, 20000) cycles?: number;
  /** Share of its rated charge that a battery still gives, as measured, %. */
  @Optional() @Num(1, 120) health?: number;
  @Optional() @Text(200) note?: string;
  /** What this cable was seen to carry. */
  @Optional() @One(() => Proof) proof?: Proof;
  /** What a meter showed of it. */
  @Optional() @MapOf(() => MeterReading, MOST_MEASURED) meter?: Map<MeterReading>;
  /** How it ran, of a battery or of what has one inside. */
  @Optional() @MapOf(() => BatteryRun, MOST_MEASURED) runs?: Map<BatteryRun>;
}

export class Shelf {
  @MapOf(() => Item) items!: Map<Item>;
}

export const SKILLS = [
  'lead',
  'mixing',
  'camera',
  'graphics',
  'stream',
  'sound',
  'floor',
  'loading',
] as const;
export type SkillName = (typeof SKILLS)[number];

export class Skill {
  @OneOf(SKILLS) skill!: SkillName;
  @OneOf(['learning', 'can do', 'can lead']) level!: 'learning' | 'can do' | 'can lead';
}

export class Person {
  @Text(80, 1) name!: string;
  @Many(() => Skill, 20) skills!: Skill[];
  /** Under 18. */
  @Optional() @Flag() young?: boolean;
  /** Most they lift alone, kg; 0 = no lifting. */
  @Optional() @Num(0, 23) lift?: number;
}

export class Hands {
  @MapOf(() => Person) people!: Map<Person>;
}

/** What an overlapping event takes from the shelf. */
export class Claim {
  @Ref() item!: string;
  @Text(80) event!: string;
  @Instant() from!: string;
  @Instant() to!: string;
}

export class Claims {
  @MapOf(() => Claim) claims!: Map<Claim>;
}
