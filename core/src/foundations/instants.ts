/** The ways of writing a date and a time that can be chosen, as the locales that write so; English words in each. */
export const DATE_LOCALES = ['en-GB', 'en-AU', 'en-US', 'en-CA'] as const;
export type DateLocale = (typeof DATE_LOCALES)[number];

/** Where and in which way an instant is told: an IANA time zone and a locale; absent = day first, 24 hours (`en-GB`). */
export interface Telling {
  readonly zone: string;
  readonly dates?: DateLocale | undefined;
}

type Parts = 'weekday' | 'day' | 'clock';

const PARTS: Readonly<Record<Parts, Intl.DateTimeFormatOptions>> = {
  weekday: { weekday: 'short' },
  day: { dateStyle: 'medium' },
  clock: { timeStyle: 'short' },
};

const formats = new Map<string, Intl.DateTimeFormat>();

function formatOf(part: Parts, zone: string, dates: DateLocale): Intl.DateTimeFormat {
  const key = `${part} ${dates} ${zone}`;
  const format = formats.get(key) ?? new Intl.DateTimeFormat(dates, { ...PARTS[part], timeZone: zone });
  formats.set(key, format);
  return format;
}

function told(iso: string, { zone, dates = 'en-GB' }: Telling, part: Parts): string {
  const instant = new Date(iso);
  if (Number.isNaN(instant.getTime())) return '–';
  try {
    // Some locales put a space that does not break before the half of the day.
    return formatOf(part, zone, dates).format(instant).replaceAll(/\s/g, ' ');
  } catch {
    // A zone this machine does not know: the instant is still true in UTC, and says so.
    const utc = formatOf(part, 'UTC', dates).format(instant).replaceAll(/\s/g, ' ');
    return part === 'clock' ? `${utc} UTC` : utc;
  }
}

/** The time of day: `19:30`, `7:30 PM`. */
export const showClock = (iso: string, telling: Telling): string => told(iso, telling, 'clock');

/** Weekday and time: `Fri 19:30`. */
export const showInstant = (iso: string, telling: Telling): string =>
  `${told(iso, telling, 'weekday')} ${showClock(iso, telling)}`;

/** Weekday and day: `Fri 4 Dec 2026`, `Fri Dec 4, 2026`. */
export const showDay = (iso: string, telling: Telling): string =>
  `${told(iso, telling, 'weekday')} ${told(iso, telling, 'day')}`;

/** Weekday, day and time: `Fri 4 Dec 2026, 19:30`. */
export const showDayAndClock = (iso: string, telling: Telling): string =>
  `${showDay(iso, telling)}, ${showClock(iso, telling)}`;

/** A day of the calendar, `2026-12-04`, as it is told everywhere. */
export const showCalendarDay = (day: string, dates?: DateLocale): string =>
  showDay(`${day}T12:00:00Z`, { zone: 'UTC', dates });

/** The shape of a day of the calendar, `2026-12-04`, as a pattern. */
export const DAY = '^20\\d\\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$';
const day = new RegExp(DAY);

/** Whether a text is a day that the calendar has: 30 February is none. */
export function isDay(text: string): boolean {
  const time = day.test(text) ? Date.parse(`${text}T00:00:00Z`) : NaN;
  return Number.isFinite(time) && new Date(time).toISOString().startsWith(text);
}
