/** What is known of somebody who helps, part by part. */
import { MailAddress, PhoneNumber } from './contact-decorators.js';
import { constraint, OneOf, Optional, Ref, Said, Text } from './decorators.js';
import { DAY, isDay } from './clocks.js';
import { Clock, Day } from './time-decorators.js';
import { recurrenceFault } from '../foundations/recurrence-rule.js';
import {
  PRESENCES,
  SKILL_LEVELS,
  SKILLS,
  TIES,
  type PresenceHow,
  type SkillLevel,
  type SkillName,
  type TieHow,
} from '../foundations/crew-words.js';

export class Skill {
  @OneOf(SKILLS) skill!: SkillName;
  @OneOf(SKILL_LEVELS) level!: SkillLevel;
}

/** Days that come again, as RFC 5545 writes a recurrence rule: `FREQ=MONTHLY;BYDAY=2SU,4SU`. */
const Recurrence = constraint<[]>({
  name: 'recurrence',
  test: value => typeof value === 'string' && value.length <= 200 && recurrenceFault(value) === undefined,
  says: () =>
    'must be a recurrence rule of RFC 5545 for days that do come, such as FREQ=MONTHLY;BYDAY=2SU,4SU',
  schema: () => ({ type: 'string', minLength: 1, maxLength: 200, format: 'recurrence-rule' }),
});

/** Up to so many days of the calendar, each once. */
const Days = constraint<[most: number]>({
  name: 'days',
  test: (value, most) =>
    Array.isArray(value) &&
    value.length <= most &&
    value.every(each => typeof each === 'string' && isDay(each)) &&
    new Set<unknown>(value).size === value.length,
  says: most => `must be up to ${most} different days of the calendar such as 2026-12-04`,
  schema: most => ({
    type: 'array',
    items: { type: 'string', pattern: DAY, format: 'date' },
    maxItems: most,
    uniqueItems: true,
  }),
});

/** When somebody comes, does not, or rather would not. */
export class Presence {
  @Said('They') @OneOf(PRESENCES) how!: PresenceHow;
  /** The first day. */
  @Said('From') @Day() from!: string;
  /** The last day. Absent: without a rule the first day is the only one, with one it goes on. */
  @Said('To', '', { help: 'the last day' }) @Optional() @Day() until?: string;
  /** Which of these days; absent = each. */
  @Optional() @Recurrence() rule?: string;
  /** Days that are none of them. */
  @Optional() @Days(200) except?: string[];
  /** From this time of each day on, on the clocks of wherever the event is; absent = from its beginning. */
  @Said('From the time') @Optional() @Clock() start?: string;
  /** Until this time, on the next day where that is no later than the start; absent = to its end. */
  @Said('Until the time') @Optional() @Clock() end?: string;
}

/** How somebody goes with somebody else; it holds from both sides. */
export class Tie {
  @Said('Who') @Ref() person!: string;
  @Said('How') @OneOf(TIES) how!: TieHow;
}

/** What somebody was shown, and who says that they can do it. */
export class Training {
  @Said('What') @Text(80, 1) what!: string;
  @Said('On') @Day() on!: string;
  @Said('Good until') @Optional() @Day() until?: string;
  @Said('Signed off by') @Optional() @Text(80) by?: string;
}

/** Who answers for somebody under 18. */
export class Guardian {
  @Said('Name') @Text(80, 1) name!: string;
  @Said('Phone') @Optional() @PhoneNumber() phone?: string;
  @Said('Mail') @Optional() @MailAddress() mail?: string;
}

/** That somebody was looked into before they work with young people: only that, and until when; never what was found. */
export class Vetting {
  @Said('Good until') @Day() until!: string;
  @Said('Seen by') @Optional() @Text(80) by?: string;
}
