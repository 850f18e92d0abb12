/** Days about an event, for rules on what is due before it. */
import { dayIn, showCalendarDay } from '../../../foundations/index.js';
import type { PackSeen } from '../result.js';

export type EventDays = Pick<PackSeen, 'start' | 'end' | 'zone' | 'dates'>;

export const daysReads = ({ start, end, zone, dates }: PackSeen): EventDays => ({ start, end, zone, dates });

/** The last day of the event, on the clocks of its place. */
export const lastDay = ({ start, end, zone }: EventDays): string =>
  dayIn(zone, String(end.value ?? start.value));

/** A day as the house writes it. */
export const dayWords = (day: string, { dates }: EventDays): string => showCalendarDay(day, dates);
