/** Instants and time zones as documents write them. */

/** The shape of an instant in UTC, as a pattern. */
export const INSTANT =
  '^20\\d\\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])T([01]\\d|2[0-3]):[0-5]\\d:[0-5]\\d(\\.\\d{1,3})?Z$';
const instant = new RegExp(INSTANT);

/** Whether a text is an instant in UTC, on a day that the calendar has: 30 February is none. */
export function isInstant(text: string): boolean {
  const time = instant.test(text) ? Date.parse(text) : NaN;
  return Number.isFinite(time) && new Date(time).toISOString().startsWith(text.slice(0, 10));
}

const zones = new Set<string>();

/** Whether there are clocks of that zone, as everything that writes times asks. */
export function isTimeZone(name: string): boolean {
  if (zones.has(name)) return true;
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
  } catch {
    return false;
  }
  zones.add(name);
  return true;
}

/** The shape of a time of day, `19:30`, as a pattern. */
export const CLOCK = '^([01]\\d|2[0-3]):[0-5]\\d$';
const clock = new RegExp(CLOCK);

/** Whether a text is a time of day. */
export const isClock = (text: string): boolean => clock.test(text);

export { DAY, isDay } from '../foundations/instants.js';
