const DAY = 24 * 60 * 60 * 1000;

/** `9 days to go`, `in 3 h 10 min`, `2 days ago`. */
export function daysTo(start: string, now = Date.now()): string {
  const left = Date.parse(start) - now;
  // Nights between, as people count days: a Saturday morning is one more than the Friday night before it.
  const days = Math.abs(Math.round((midnightBefore(Date.parse(start)) - midnightBefore(now)) / DAY));
  if (Math.abs(left) >= 2 * DAY) return left > 0 ? `${days} days to go` : `${days} days ago`;
  const minutes = Math.floor(Math.abs(left) / 60000);
  const words = `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
  return left > 0 ? `in ${words}` : `${words} ago`;
}

const midnightBefore = (instant: number): number => new Date(instant).setHours(0, 0, 0, 0);

/** An instant as the value of a date-and-time field at a zone: `2026-12-04T19:30`. */
export function toField(iso: string, zone: string): string {
  const format = new Intl.DateTimeFormat('sv-SE', {
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  });
  return format.format(new Date(iso)).replace(' ', 'T');
}

/** The instant that a field's local time names at a zone, or undefined when it is no time. */
export function fromField(text: string, zone: string): string | undefined {
  // The engine reads more than a field can say, an empty text included.
  const asUtc = /^\d{4}-\d\d-\d\dT\d\d:\d\d$/.test(text) ? Date.parse(`${text}:00Z`) : NaN;
  if (Number.isNaN(asUtc)) return undefined;
  // The zone's offset is looked up at the guess, then once more, for days on which clocks change.
  let instant = asUtc;
  for (let i = 0; i < 2; i++)
    instant = asUtc - (Date.parse(`${toField(new Date(instant).toISOString(), zone)}:00Z`) - instant);
  return new Date(instant).toISOString().replace('.000Z', 'Z');
}

/** Half past seven on the coming Friday that is a day away or more, at a zone: when most events begin to be planned for. */
export function nextEvening(now: number, zone: string): string {
  for (let day = 1; day <= 7; day++) {
    const date = toField(new Date(now + day * DAY).toISOString(), zone).slice(0, 10);
    if (new Date(`${date}T12:00:00Z`).getUTCDay() === FRIDAY) return fromField(`${date}T19:30`, zone) ?? '';
  }
  return '';
}

const FRIDAY = 5;

/** The zone that this machine’s clock keeps. */
export const OWN_ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';

/** The zones that there are, and one’s own where it is none of them. */
export function zones(own: string): string[] {
  const all = ['UTC', ...Intl.supportedValuesOf('timeZone').filter(each => each !== 'UTC')];
  return all.includes(own) ? all : [own, ...all];
}
