/** Calendars that are handed out (RFC 5545). */
import { ICalCalendarMethod, default as calendar, type ICalCalendar } from 'ical-generator';
import { FileAnswer } from './route.js';

/** An empty calendar of a house, to be filled with events whose times are UTC. */
export const newCalendar = (name: string, product: string): ICalCalendar =>
  calendar({
    name,
    prodId: { company: 'Idle Satchel', product, language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });

export const calendarFile = (text: string): FileAnswer =>
  new FileAnswer(text, 'text/calendar; charset=utf-8');
