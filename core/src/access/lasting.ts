/** How long passwords are, and how long what lets people in is good. */

/** Fewest and most characters of a password: long ones need no rules about what is in them (NIST SP 800-63B). */
export const PASSWORD_LENGTH = { least: 12, most: 200 } as const;
/** Fewest and most digits of the PIN by which people who share a device change on it, and wrong ones before it is signed out. */
export const PIN_LENGTH = { least: 4, most: 8 } as const;
export const MOST_WRONG_PINS = 5;
/** Days that an invitation can be taken up. */
export const INVITATION_DAYS = 7;
/** Longest that a link for guests lasts, days. */
export const MOST_GUEST_DAYS = 90;
/** How long somebody’s own link to their duties is good, and messages to them are kept, days. */
export const DUTY_LINK_DAYS = 60;
export const MESSAGE_DAYS = 90;
/** How long it is kept who did what, days: a year, and some to look back on it. */
export const AUDIT_DAYS = 400;
/** Longest that a session lasts without being used, and at all, days. */
export const SESSION_DAYS = { idle: 7, most: 30 } as const;
