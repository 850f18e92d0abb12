/** Times of day on the clocks of a place, and minutes between instants. */
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

/** The day that the clocks of a zone show at an instant, `2026-12-04`. */
export const dayIn = (zone: string, at: string): string =>
  new Date(shownAt(Date.parse(at), zone)).toISOString().slice(0, 10);

/** A day some days later. */
export const daysAfter = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * 24 * 60 * MINUTE).toISOString().slice(0, 10);
