/** What the search for a roster can be asked, as it is read from JSON. */
import {
  constraint,
  Flag,
  Int,
  Many,
  Num,
  OneOf,
  Optional,
  Ref,
  Refs,
  Text,
  Words,
} from '../documents/decorators.js';
import { Texts } from '../documents/text-list.js';
import { Instant, TimeZone } from '../documents/time-decorators.js';
import { SKILLS, type SkillName } from '../foundations/index.js';
import { ROSTER_WAYS, type RosterWay } from './roster/index.js';

/** Events that a roster is made for at most. */
const MOST_EVENTS = 100;

class JobOption {
  @Texts(60, 20) roles!: string[];
  @Text(200) label!: string;
  @Words(SKILLS) skills!: SkillName[];
  @Flag() vital!: boolean;
  @Optional() @Ref() person?: string;
  @Optional() @Flag() accepted?: boolean;
  @Optional() @Flag() kept?: boolean;
}

class EventOption {
  @Ref() id!: string;
  @Text(80, 1) label!: string;
  @TimeZone() zone!: string;
  @Instant() from!: string;
  @Instant() to!: string;
  @Optional() @Ref() venue?: string;
  @Many(() => JobOption, 60) jobs!: JobOption[];
  @Optional() @Refs(300) saidNo?: string[];
  @Optional() @Flag() fixed?: boolean;
}

class PastOption {
  @Ref() person!: string;
  @Int(0, 1000) count!: number;
}

/** A month of the calendar, `2026-12`. */
const MONTH = '^20\\d\\d-(0[1-9]|1[0-2])$';
const Month = constraint<[]>({
  name: 'month',
  test: value => typeof value === 'string' && new RegExp(MONTH).test(value),
  says: () => 'must be a month such as 2026-12',
  schema: () => ({ type: 'string', pattern: MONTH }),
});

class MonthOption extends PastOption {
  @Month() month!: string;
}

export class RosterOption {
  @Optional() @Ref() own?: string;
  @Optional() @Many(() => EventOption, MOST_EVENTS) events?: EventOption[];
  @Optional() @Many(() => PastOption, 300) past?: PastOption[];
  @Optional() @Many(() => MonthOption, 3000) inMonth?: MonthOption[];
  @Optional() @OneOf(ROSTER_WAYS) way?: RosterWay;
  @Optional() @Num(0.1, 600) seconds?: number;
}
