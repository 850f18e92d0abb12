/** People who help. */
import { MailAddress, PhoneNumber } from '../documents/contact-decorators.js';
import { Flag, Int, Many, Num, Optional, Ref, Text, Words } from '../documents/decorators.js';
import { Person, Skill } from '../documents/people.js';
import { ChangeBase, MOST } from './made.js';

export class PersonLine extends Person {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

export class PersonList {
  @Many(() => PersonLine, 100_000) people!: readonly PersonLine[];
}

/** What of a person may be absent, and so can be cleared. */
const CLEARABLE_OF_PERSON = ['lift', 'phone', 'mail', 'note'] as const;

/** What can be changed of a person; absent fields stay. */
export class PersonChange extends ChangeBase {
  @Optional() @Text(80, 1) name?: string;
  @Optional() @Many(() => Skill, 20) skills?: Skill[];
  @Optional() @Flag() young?: boolean;
  @Optional() @Num(0, 23) lift?: number;
  @Optional() @PhoneNumber() phone?: string;
  @Optional() @MailAddress() mail?: string;
  @Optional() @Text(500) note?: string;
  @Optional() @Words(CLEARABLE_OF_PERSON) cleared?: (typeof CLEARABLE_OF_PERSON)[number][];
}
