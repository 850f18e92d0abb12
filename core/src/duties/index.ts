/** Duties as those who have them are told of them, and what they are asked. */
export {
  askingOf,
  ASKING_STATES,
  messageKindOf,
  openDuties,
  type AskedDuty,
  type Asking,
  type AskingState,
} from './asking.js';
export { askedChanges } from './asked-changes.js';
export { dutyOf, givenName, type Duty, type DutyRole } from './duty.js';
export { reachOf, type Reach } from './reach.js';
export { LINK_HERE, messageOf, MESSAGES, replyBy, type Message, type MessageKind } from './words.js';
