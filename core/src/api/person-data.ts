/** What is kept of somebody, and what is left where it is erased. */
import { ROLES, type Role } from '../access/roles.js';
import { Flag, Int, Many, One, OneOf, Optional, Pointer, Ref, Text } from '../documents/decorators.js';
import { Person } from '../documents/people.js';
import { Texts } from '../documents/text-list.js';
import { Instant } from '../documents/time-decorators.js';
import { AuditEntry, SessionLine } from './accounts.js';
import { Factors } from './factors.js';
import { MOST } from './made.js';

/** An event that somebody is named in. */
export class NamedAt {
  @Ref() event!: string;
  @Text(80) label!: string;
  @Instant() start!: string;
  /** Their roles there, with the device where a role has one. */
  @Texts(140, 1000) roles!: readonly string[];
  /** How often something there is signed with their name. */
  @Int(0, MOST) signed!: number;
}

export class AccountKept {
  @Ref() id!: string;
  @Text(80) name!: string;
  @Text(80) login!: string;
  @OneOf(ROLES) role!: Role;
  @Instant() since!: string;
  @Flag() pin!: boolean;
  /** Houses besides this one that they come into: what is kept there is told there. */
  @Int(0, MOST) otherHouses!: number;
}

/** A word of a name where it stands by itself. */
export class NameMention {
  /** The document, thing or other record. */
  @Text(200) what!: string;
  @Pointer() path!: string;
  @Text(80) word!: string;
  @Text(200) text!: string;
}

/** All that is kept of a person of the house, or of an account in it. */
export class PersonData {
  @Optional() @Ref() id?: string;
  @Optional() @One(() => Person) person?: Person;
  @Optional() @One(() => AccountKept) account?: AccountKept;
  @Optional() @One(() => Factors) factors?: Factors;
  @Many(() => SessionLine, 10_000) sessions!: readonly SessionLine[];
  @Many(() => NamedAt, 100_000) events!: readonly NamedAt[];
  /** Edits of plans, venues, rules and kinds; changes of things; bookings: made in their name. */
  @Int(0, MOST) edits!: number;
  @Int(0, MOST) shelfChanges!: number;
  @Int(0, MOST) bookings!: number;
  @Many(() => AuditEntry, 1_000_000) audit!: readonly AuditEntry[];
}

/** What an owner is shown before they erase somebody. */
export class MentionList {
  @Many(() => NameMention, 10_000) mentions!: readonly NameMention[];
}

/** Erases a person: their name, typed, so that nobody is erased by a slip; and words of it that mean nobody else. */
export class Erasure {
  @Text(80) name!: string;
  @Optional() @Texts(80, 20) also?: readonly string[];
}

export class Erased {
  /** Documents whose newest state was changed, things and people, and records of what was. */
  @Int(0, MOST) documents!: number;
  @Int(0, MOST) things!: number;
  @Int(0, MOST) records!: number;
  /** Roles of events to come that nobody is on any more. */
  @Int(0, MOST) roles!: number;
  /** Settings files in which the name stands: they are kept as they were given. */
  @Int(0, MOST) files!: number;
}
