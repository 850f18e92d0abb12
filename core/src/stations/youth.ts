/** Who is young on a day: nothing of anybody’s age is kept but until when they are under 18. */
import type { Hands, Person } from '../documents/index.js';
import { dayIn, instantOfClock, minutesBetween } from '../foundations/index.js';

type Age = Pick<Person, 'young' | 'youngUntil'>;

/** Whether somebody is under 18 on a day; where it was only said that they are, they are on any day. */
export const isYoungOn = ({ young = false, youngUntil }: Age, day: string): boolean =>
  youngUntil === undefined ? young : day < youngUntil;

/**
 * Whether somebody is under 15 on a day, which is three years before they are 18; undefined where it is not known until
 * when they are under 18.
 */
export function isUnder15On({ young = false, youngUntil }: Age, day: string): boolean | undefined {
  if (youngUntil === undefined) return young ? undefined : false;
  return `${Number(day.slice(0, 4)) + 3}${day.slice(4)}` < youngUntil;
}

/** Minutes for which an event goes on after a time of the day on which it begins; below 0 where it ends before. */
export const minutesBeyond = (
  { from, to }: { readonly from: string; readonly to: string },
  clock: string,
  zone: string,
): number => minutesBetween(instantOfClock(clock, from, zone), to);

/** Whether somebody’s vetting still holds on a day. */
export const isVettedOn = (person: Pick<Person, 'vetted'> | undefined, day: string): boolean =>
  (person?.vetted?.until ?? '') >= day;

/** The people, each marked as young where they are on the day of an event. Whoever it changes nothing of stays the same. */
export function peopleOn({
  people,
  start,
  zone,
}: {
  readonly people: Hands['people'];
  readonly start: string;
  readonly zone: string;
}): Hands['people'] {
  const day = dayIn(zone, start);
  const told = Object.entries(people).map(([id, person]) => {
    const young = isYoungOn(person, day);
    return [id, young === (person.young ?? false) ? person : { ...person, young }] as const;
  });
  return told.every(([id, person]) => person === people[id]) ? people : Object.fromEntries(told);
}
