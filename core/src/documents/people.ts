/** People who help. */
import type { MapOf as Map } from '../foundations/index.js';
import { MailAddress, PhoneNumber } from './contact-decorators.js';
import { Flag, Int, Many, MapOf, Num, One, Optional, Said, Text } from './decorators.js';
import { Guardian, Presence, Skill, Tie, Training, Vetting } from './person-parts.js';
import { Day } from './time-decorators.js';

/** What people say of somebody. */
export class PersonFields {
  @Said('Name') @Text(80, 1) name!: string;
  @Many(() => Skill, 20) skills!: Skill[];
  /** Under 18; it is not known until when, or `youngUntil` says it. */
  @Said('Under 18', '', { help: 'where it is not said until when' }) @Optional() @Flag() young?: boolean;
  /** A day on which they are 18, which may be later than the first. */
  @Said('Under 18 until', '', { help: 'the last day of that month will do: no birthday is kept' })
  @Optional()
  @Day()
  youngUntil?: string;
  /** Most they lift alone; 0 = no lifting. */
  @Said('Lifts at most', 'kg', { help: '0 = no lifting' }) @Optional() @Num(0, 23) lift?: number;
  @Said('Phone') @Optional() @PhoneNumber() phone?: string;
  @Said('Mail') @Optional() @MailAddress() mail?: string;
  /** Most events in one month. */
  @Said('Events a month at most', '') @Optional() @Int(0, 31) most?: number;
  /** From where they live to where events usually are. */
  @Said('Usual way to an event', 'min') @Optional() @Int(0, 600) travel?: number;
  /** People that they can take along in a car. */
  @Said('Takes along in a car', 'people') @Optional() @Int(0, 8) seats?: number;
  @Said('Languages') @Optional() @Text(120) languages?: string;
  @Said('What they need', '', { help: 'to get in, to see, to hear, to sit: for whoever leads' })
  @Optional()
  @Text(300)
  needs?: string;
  @Said('Note', '', { help: 'for whoever leads; nothing about health or belief' })
  @Optional()
  @Text(500)
  note?: string;
  @Said('Guardian') @Optional() @One(() => Guardian) guardian?: Guardian;
  @Said('Vetted to work with young people') @Optional() @One(() => Vetting) vetted?: Vetting;
  @Optional() @MapOf(() => Presence, 200) presence?: Map<Presence>;
  @Optional() @MapOf(() => Tie, 50) ties?: Map<Tie>;
  @Optional() @MapOf(() => Training, 100) training?: Map<Training>;
}

export class Person extends PersonFields {
  /** They asked not to be known any more: what stays says that somebody was there. */
  @Optional() @Flag() erased?: boolean;
}

/** What of a person can be changed and may be absent, and so can be cleared. */
export const CLEARABLE_OF_PERSON = [
  ...(['young', 'youngUntil', 'lift', 'phone', 'mail', 'most', 'travel', 'seats', 'languages'] as const),
  ...(['needs', 'note', 'guardian', 'vetted', 'presence', 'ties', 'training'] as const),
] as const satisfies readonly (keyof PersonFields)[];

export class Hands {
  @MapOf(() => Person) people!: Map<Person>;
}
