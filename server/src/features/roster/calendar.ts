/** The roster of a span as a calendar: each event with who does what at it. */
import type { Hands } from '@idle-satchel/core/documents';
import { jobLines, type RosterLine } from '@idle-satchel/core/roster-sheet';
import { ICalEventStatus } from 'ical-generator';
import { newCalendar } from '../../calendar.js';

/** Of all events that are more than looked at, from when people come until they have left; tentative with a hole in them. */
export function rosterCalendar(house: string, lines: readonly RosterLine[], people: Hands['people']): string {
  const all = newCalendar(`Roster, ${house}`, 'Roster');
  for (const line of lines.filter(({ event }) => !event.fixed)) {
    const { label, from, to } = line.event;
    const jobs = jobLines(line, people);
    all.createEvent({
      id: `${line.id}@roster`,
      ...{ start: new Date(from), end: new Date(to), summary: label },
      description: jobs
        .map(({ role, who, answer }) => `${role}: ${who}${answer === '' ? '' : ` (${answer})`}`)
        .join('\n'),
      status: jobs.some(({ person }) => person === undefined)
        ? ICalEventStatus.TENTATIVE
        : ICalEventStatus.CONFIRMED,
      stamp: new Date(),
    });
  }
  return all.toString();
}
