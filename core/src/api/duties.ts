/** Personal links: what somebody is told by theirs, what they answer, and how they are asked. */
import { AnyJson, Flag, Int, Many, MapOf, OneOf, Optional, Ref, Text } from '../documents/decorators.js';
import { Presence } from '../documents/person-parts.js';
import { Instant } from '../documents/time-decorators.js';
import type { Duty } from '../duties/duty.js';
import { DATE_LOCALES, DOCUMENT_LIMIT, type DateLocale, type MapOf as Map } from '../foundations/index.js';
import { LinkToken } from './accounts.js';
import { Made } from './made.js';

/** What somebody does at an event. */
export class DutyLine {
  @Ref() event!: string;
  @AnyJson(DOCUMENT_LIMIT) duty!: Duty;
}

/** A role that somebody would hand over, and whoever is told of it could do. */
export class OpenDuty {
  @Ref() event!: string;
  @Text(60, 1) role!: string;
  @AnyJson(DOCUMENT_LIMIT) duty!: Duty;
}

/** All that somebody is told by their personal link. */
export class MyDuties {
  @Text(80) house!: string;
  @Text(80) name!: string;
  /** Until when the link is good. */
  @Instant() ends!: string;
  @Many(() => DutyLine, 200) duties!: readonly DutyLine[];
  @Many(() => OpenDuty, 200) open!: readonly OpenDuty[];
  @Optional() @MapOf(() => Presence, 200) presence?: Map<Presence>;
  /** How the house writes dates. */
  @Optional() @OneOf(DATE_LOCALES) dates?: DateLocale;
}

export const OWN_ANSWERS = ['yes', 'no', 'swap'] as const;
export type OwnAnswer = (typeof OWN_ANSWERS)[number];

/** Says yes, no, or that somebody else would be better, for all of one’s roles at an event. */
export class DutyAnswer extends LinkToken {
  @Ref() event!: string;
  @OneOf(OWN_ANSWERS) how!: OwnAnswer;
}

/** Takes over a role that somebody hands over. */
export class DutyTaken extends LinkToken {
  @Ref() event!: string;
  @Text(60, 1) role!: string;
}

/** When somebody comes, all of it anew. */
export class DutyPresence extends LinkToken {
  @MapOf(() => Presence, 200) presence!: Map<Presence>;
}

export const MESSAGE_WAYS = ['mail', 'by hand'] as const;
export type MessageWay = (typeof MESSAGE_WAYS)[number];

/** Asks or reminds somebody: a link of their own is made, and put where `{link}` stands. */
export class NewRequest {
  @Ref() person!: string;
  @OneOf(MESSAGE_WAYS) way!: MessageWay;
  @Text(200, 1) subject!: string;
  @Text(8000, 1) text!: string;
}

export const MESSAGE_STATES = ['sent', 'kept', 'failed', 'by hand'] as const;
export type MessageState = (typeof MESSAGE_STATES)[number];

/** What became of a message; with its text, link and all, where it was not sent: it is shown once. */
export class RequestMade extends Made {
  @OneOf(MESSAGE_STATES) state!: MessageState;
  @Optional() @Text(9000) text?: string;
  @Optional() @Text(300) why?: string;
}

/** A message that was made, without the link that was in it. */
export class MessageLine extends Made {
  @Ref() person!: string;
  @OneOf(MESSAGE_STATES) state!: MessageState;
  @Text(200) subject!: string;
  @Text(8000) text!: string;
  @Instant() at!: string;
  @Optional() @Text(300) why?: string;
}

export class DutyLinkLine extends Made {
  @Ref() person!: string;
  @Instant() made!: string;
  @Instant() ends!: string;
  /** A calendar is fed by it. */
  @Flag() calendar!: boolean;
}

/** Who was asked how, and which links are good. */
export class Requests {
  @Many(() => MessageLine, 1000) messages!: readonly MessageLine[];
  @Many(() => DutyLinkLine, 10_000) links!: readonly DutyLinkLine[];
  /** Mail goes out by a server that was set up; else it is kept here. */
  @Flag() sends!: boolean;
  /** Days before an event on which an answer is wanted. */
  @Int(0, 60) replyDays!: number;
}
