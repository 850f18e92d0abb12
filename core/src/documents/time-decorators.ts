/** Fields that are times. */
import { CLOCK, DAY, INSTANT, isClock, isDay, isInstant, isTimeZone } from './clocks.js';
import { constraint } from './decorators.js';

/** An instant in UTC, `2026-12-04T19:30:00Z`. */
export const Instant = constraint<[]>({
  name: 'instant',
  test: value => typeof value === 'string' && isInstant(value),
  says: () => 'must be an instant in UTC, on a day of the calendar, such as 2026-12-04T19:30:00Z',
  schema: () => ({ type: 'string', pattern: INSTANT, format: 'date-time' }),
});

/** A time of day on the clocks of the place, `19:30`. */
export const Clock = constraint<[]>({
  name: 'clock',
  test: value => typeof value === 'string' && isClock(value),
  says: () => 'must be a time of day such as 19:30',
  schema: () => ({ type: 'string', pattern: CLOCK }),
});

/** A time zone by its IANA name, `Europe/London`. */
export const TimeZone = constraint<[]>({
  name: 'timeZone',
  test: value => typeof value === 'string' && value.length >= 1 && value.length <= 60 && isTimeZone(value),
  says: () => 'must be a time zone such as Europe/London',
  schema: () => ({ type: 'string', minLength: 1, maxLength: 60, format: 'time-zone' }),
});

/** A day of the calendar, `2026-12-04`. */
export const Day = constraint<[]>({
  name: 'day',
  test: value => typeof value === 'string' && isDay(value),
  says: () => 'must be a day of the calendar such as 2026-12-04',
  schema: () => ({ type: 'string', pattern: DAY, format: 'date' }),
});
