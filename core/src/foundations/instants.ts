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

const MINUTE = 60_000;

/** Minutes from one instant to another. */
export const minutesBetween = (from: string, to: string): number =>
  (Date.parse(to) - Date.parse(from)) / MINUTE;

const partsOfZones = new Map<string, Intl.DateTimeFormat>();

/** Day and time of a zone in parts; of a zone that this machine does not know, in UTC. */
function clockParts(zone: string): Intl.DateTimeFormat {
  const known = partsOfZones.get(zone);
  if (known) return known;
  const inZone = (timeZone: string): Intl.DateTimeFormat =>
    new Intl.DateTimeFormat('en-GB', {
      timeZone,
      ...({ year: 'numeric', month: '2-digit', day: '2-digit' } as const),
      ...({ hour: '2-digit', minute: '2-digit', second: '2-digit', hourCycle: 'h23' } as const),
    });
  let parts: Intl.DateTimeFormat;
  try {
    parts = inZone(zone);
  } catch {
    parts = inZone('UTC');
  }
  partsOfZones.set(zone, parts);
  return parts;
}

/** What the clocks of a zone show at an instant, as if that were UTC, ms. */
function shownAt(time: number, zone: string): number {
  const parts = clockParts(zone).formatToParts(time);
  const part = (type: string): number => Number(parts.find(each => each.type === type)?.value);
  return Date.UTC(part('year'), part('month') - 1, part('day'), part('hour'), part('minute'), part('second'));
}

/**
 * The instant at which the clocks of a zone show a time of day (`19:30`), on the day on which they show a given
 * instant, or some days after it. Of a time that clocks leave out as they are put forward, the one as long after.
 */
export function instantOfClock(clock: string, on: string, zone: string, days = 0): string {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  const day = new Date(shownAt(Date.parse(on), zone));
  const wanted = Date.UTC(day.getUTCFullYear(), day.getUTCMonth(), day.getUTCDate() + days, hours, minutes);
  // Twice, since the offset may be another at the instant that the first guess finds.
  let time = wanted;
  for (let i = 0; i < 2; i++) time += wanted - shownAt(time, zone);
  return new Date(time).toISOString();
}
