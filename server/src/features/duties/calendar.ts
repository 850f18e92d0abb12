/** Duties as a calendar (RFC 5545): what, when and where, without anybody’s name. */
import type { DutyLine } from '@idle-satchel/core/api';
import { ICalEventStatus } from 'ical-generator';
import { newCalendar } from '../../calendar.js';

/** Calendars ask again so often, s. */
const AGAIN = 6 * 60 * 60;
/** Where it is not known when people leave: as long as most events take, ms. */
const SOME_HOURS = 3 * 60 * 60_000;

/** Each duty that was not refused, by event; those that were not accepted yet are tentative. Times are UTC. */
export function calendarWith(house: string, duties: readonly DutyLine[]): string {
  const all = newCalendar(`Duties, ${house}`, 'Duties').ttl(AGAIN);
  for (const { event, duty } of duties) {
    if (duty.answer === 'no') continue;
    const start = new Date(duty.from ?? duty.start);
    const roles = duty.roles.map(({ label }) => label).join(', ');
    all.createEvent({
      id: `${event}@duties`,
      start,
      end: duty.to === undefined ? new Date(start.getTime() + SOME_HOURS) : new Date(duty.to),
      summary: `${roles}: ${duty.label}`,
      location: [duty.venue, duty.address].filter(Boolean).join(', '),
      description: [
        ...duty.roles.map(({ label, where, when }) =>
          [label, label.includes(where) ? '' : where, when].filter(Boolean).join(' · '),
        ),
        ...(duty.parking === undefined ? [] : [`Cars: ${duty.parking}`]),
        ...(duty.to === undefined ? ['It is not known until when.'] : []),
      ].join('\n'),
      status: duty.answer === 'yes' ? ICalEventStatus.CONFIRMED : ICalEventStatus.TENTATIVE,
      stamp: new Date(),
    });
  }
  return all.toString();
}
