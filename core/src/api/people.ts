/** People who help: seen, put there and changed. */
import { allOptional, Int, Many, Optional, Ref, Words } from '../documents/decorators.js';
import { CLEARABLE_OF_PERSON, Person, PersonFields } from '../documents/people.js';
import { MOST } from './made.js';

export class PersonLine extends Person {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

export class PersonList {
  @Many(() => PersonLine, 100_000) people!: readonly PersonLine[];
}

/** People that one request puts there or changes at most. */
const MOST_AT_ONCE = 1000;

/** People to put there: all of them, or none. */
export class NewPeople {
  @Many(() => PersonFields, MOST_AT_ONCE) people!: readonly PersonFields[];
}

export class KeptPerson {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

/** Those who were put there or changed, in the same order. */
export class KeptPeople {
  @Many(() => KeptPerson, MOST_AT_ONCE) people!: readonly KeptPerson[];
}

/** What can be changed of a person; absent fields stay. */
export class PersonChange extends (PersonFields as new () => Partial<PersonFields>) {
  @Optional() @Words(CLEARABLE_OF_PERSON) cleared?: (typeof CLEARABLE_OF_PERSON)[number][];
  /** The revision that was seen; what somebody else changed since is not written over. Absent: whatever is there. */
  @Optional() @Int(1, MOST) base?: number;
}
allOptional(PersonChange, PersonFields);

export class PersonChanged extends PersonChange {
  @Ref() id!: string;
}

/** Changes of several people: all of them, or none. */
export class PeopleChange {
  @Many(() => PersonChanged, MOST_AT_ONCE) people!: readonly PersonChanged[];
}
