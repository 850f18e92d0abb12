/** Signing in, who may come in with which role, and what was done by whom. */
import { MOST_GUEST_DAYS } from '../access/lasting.js';
import { MEMBER_ROLES, ROLES, type MemberRole, type Role } from '../access/roles.js';
import { Flag, Int, Many, One, OneOf, Optional, Ref, Text, TextOrNull } from '../documents/decorators.js';
import { Instant } from '../documents/time-decorators.js';
import { MOST } from './made.js';

/** The name that somebody signs in with. */
const Login = (): PropertyDecorator => Text(80, 3);
/** Longer ones than can be used are told so by name, not cut off. */
const Password = (): PropertyDecorator => Text(1000);
/** What proves a link. */
const Token = (): PropertyDecorator => Text(100, 20);

/** Somebody by their account. */
export class AccountName {
  @Ref() id!: string;
  @Text(80) name!: string;
}

/** Who this browser is signed in as, or what it can do to be so. */
export class Me {
  @Flag() signedIn!: boolean;
  /** It is a demo, in which everybody is its owner. */
  @Optional() @Flag() demo?: boolean;
  /** Nobody owns this installation yet: whoever has the code of its terminal does from then on. */
  @Optional() @Flag() unowned?: boolean;
  @Optional() @Ref() account?: string;
  @Optional() @Text(80) name?: string;
  @Optional() @Text(80) login?: string;
  @Optional() @OneOf(ROLES) role?: Role;
  /** The password fits, and a code of the authenticator is asked for besides. */
  @Optional() @Flag() wantsCode?: boolean;
  /** The person of the house that they are. */
  @Optional() @Ref() person?: string;
  /** The event that a guest sees. */
  @Optional() @Ref() event?: string;
  /** Whose device it is, where somebody has it in hand by a PIN. */
  @Optional() @One(() => AccountName) lentBy?: AccountName;
}

export class SignIn {
  @Login() login!: string;
  @Password() password!: string;
  /** Of the authenticator, or one of those on paper. */
  @Optional() @Text(40) code?: string;
}

/** What an installation begins with: the code that its terminal shows, its house, and its owner. */
export class FirstStart {
  @Text(40) code!: string;
  /** Name of the organisation, where there is none yet. */
  @Optional() @Text(80, 1) organisation?: string;
  @Text(80, 1) name!: string;
  @Login() login!: string;
  @Password() password!: string;
}

export class NewPassword {
  @Password() password!: string;
  @Password() next!: string;
}

export class NewPin {
  @Password() password!: string;
  @Text(20) pin!: string;
}

/** Those who have a PIN, and can take over a device that is signed in. */
export class PinNames {
  @Many(() => AccountName) people!: readonly AccountName[];
}

/** Takes a device over by one’s PIN, as a hand; whoever it is signed in with has it back whole by their password. */
export class TakenOver {
  @Ref() account!: string;
  @Optional() @Text(20) pin?: string;
  @Optional() @Password() password?: string;
}

/** A browser that is signed in. */
export class SessionLine {
  @Ref() id!: string;
  @Text(200) device!: string;
  @Text(60) address!: string;
  @Instant() begun!: string;
  @Instant() seen!: string;
  /** It is the one that asks. */
  @Flag() own!: boolean;
}

export class SessionList {
  @Many(() => SessionLine) sessions!: readonly SessionLine[];
}

/** Somebody who may sign in. */
export class Member {
  /** Of their account. */
  @Ref() id!: string;
  @Text(80) name!: string;
  @Text(80) login!: string;
  @OneOf(MEMBER_ROLES) role!: MemberRole;
  @Optional() @Ref() person?: string;
  @Instant() since!: string;
  /** When they were seen last; null for never. */
  @TextOrNull(40) seen!: string | null;
}

export class MemberList {
  @Many(() => Member) members!: readonly Member[];
}

/** What is changed of a member; absent stays. */
export class MemberChange {
  @Optional() @OneOf(MEMBER_ROLES) role?: MemberRole;
  /** Which person of the house they are. */
  @Optional() @Ref() person?: string;
}

export class NewInvitation {
  @OneOf(MEMBER_ROLES) role!: MemberRole;
  @Optional() @Ref() person?: string;
  /** For whom it is, as a reminder. */
  @Text(80, 1) name!: string;
}

export class Invitation extends NewInvitation {
  @Ref() id!: string;
  @Instant() made!: string;
  @Instant() ends!: string;
}

export class InvitationList {
  @Many(() => Invitation) invitations!: readonly Invitation[];
}

/** A link as it is shown once: what is kept of it is a hash. */
export class MadeLink {
  @Ref() id!: string;
  @Token() token!: string;
  @Instant() ends!: string;
}

export class LinkToken {
  @Token() token!: string;
}

/** What an invitation offers, to whoever holds it. */
export class Offer {
  @Text(80) organisation!: string;
  @OneOf(MEMBER_ROLES) role!: MemberRole;
  @Text(80) name!: string;
  @Instant() ends!: string;
}

/** Takes an invitation up with a new account; whoever is signed in comes in as who they are, with the token alone. */
export class TakenUp extends LinkToken {
  @Optional() @Text(80, 1) name?: string;
  @Optional() @Login() login?: string;
  @Optional() @Password() password?: string;
}

export class NewGuestLink {
  @Ref() event!: string;
  @Text(80, 1) label!: string;
  @Int(1, MOST_GUEST_DAYS) days!: number;
}

export class GuestLink {
  @Ref() id!: string;
  @Ref() event!: string;
  @Text(80) eventLabel!: string;
  @Text(80) label!: string;
  @Instant() made!: string;
  @Instant() ends!: string;
}

export class GuestLinkList {
  @Many(() => GuestLink) links!: readonly GuestLink[];
}

/** Something that was done, apart from what documents keep of themselves. */
export class AuditEntry {
  @Int(1, MOST) number!: number;
  @Instant() at!: string;
  @Text(80) who!: string;
  @Text(60) did!: string;
  @Text(200) what!: string;
  @Text(60) address!: string;
}

export class AuditPage {
  @Many(() => AuditEntry) entries!: readonly AuditEntry[];
  @TextOrNull(20) next!: string | null;
}

export class Ended {
  @Int(0, MOST) ended!: number;
}
