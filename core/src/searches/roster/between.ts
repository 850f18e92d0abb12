/** Whether one person can have two duties, as far as the time between them goes. */
import type { Person } from '../../documents/index.js';
import { dayIn, minutesBetween } from '../../foundations/index.js';
import { isUnder15On, isYoungOn } from '../../stations/youth.js';
import type { Care, RosterEvent } from './problem.js';

export type Clash = 'at once' | 'way' | 'rest';

/** Hours of rest that somebody has before a day. Of whom it is not known whether they are under 15, as if they were. */
export function restBefore(person: Person, day: string, { rest, restYoung, restUnder15 }: Care): number {
  if (!isYoungOn(person, day)) return rest;
  return (isUnder15On(person, day) ?? true) ? restUnder15 : restYoung;
}

/**
 * Why somebody cannot do both of two events; undefined where they can. On one day there must be time for the way; from
 * one day to the next their rest, from which the way is not taken off.
 */
export function clashOf(person: Person, one: RosterEvent, other: RosterEvent, care: Care): Clash | undefined {
  const [first, second] = minutesBetween(one.from, other.from) >= 0 ? [one, other] : [other, one];
  const gap = minutesBetween(first.to, second.from);
  if (gap < 0) return 'at once';
  const isSamePlace = first.venue !== undefined && first.venue === second.venue;
  if (!isSamePlace && gap < care.between) return 'way';
  // Long enough for anybody: most pairs are weeks apart, and days of the calendar take long.
  if (gap >= 60 * Math.max(care.rest, care.restYoung, care.restUnder15)) return undefined;
  const day = dayIn(second.zone, second.from);
  if (dayIn(first.zone, first.from) === day) return undefined;
  return gap < 60 * restBefore(person, day, care) ? 'rest' : undefined;
}
