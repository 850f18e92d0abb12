import type { MapOf as Map } from '../foundations/index.js';
import { MailAddress, PhoneNumber } from './contact-decorators.js';
import { Flag, MapOf, Many, Num, OneOf, Optional, Text } from './decorators.js';

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
  @Optional() @PhoneNumber() phone?: string;
  @Optional() @MailAddress() mail?: string;
  /** For whoever leads. */
  @Optional() @Text(500) note?: string;
  /** They asked not to be known any more: what stays says that somebody was there. */
  @Optional() @Flag() erased?: boolean;
}

export class Hands {
  @MapOf(() => Person) people!: Map<Person>;
}
