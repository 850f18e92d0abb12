import { showDayAndClock } from '../../../foundations/index.js';
import { packRule } from '../result.js';
import { daysReads } from './days.js';

/** Things that are booked for another time than that of the event, which was moved since. */
export const bookedOtherwise = packRule({
  rule: 'pack.booked-otherwise',
  reads: seen => ({ booked: seen.claims.own, ...daysReads(seen) }),
  *find({ booked, start, end, zone, dates }) {
    const [from, to] = [Date.parse(String(start.value)), Date.parse(String(end.value ?? start.value))];
    if (!booked || (Date.parse(booked.from) <= from && to <= Date.parse(booked.to))) return;
    const telling = { zone, dates };
    yield {
      severity: 'stop',
      subjects: [],
      title: `The things are booked from ${showDayAndClock(booked.from, telling)} to ${showDayAndClock(booked.to, telling)}, which is not when the event is.`,
      because: [start, end],
      advice: 'Book again in Pack: somebody else may have them now.',
    };
  },
});
