/** Long days: how long whoever drives is awake, how long everybody goes without a break, who strikes alone at night. */
import {
  constant,
  given,
  inOrder,
  minutesBetween,
  numberOf,
  taken,
  type Figure,
  type MapOf,
} from '../../foundations/index.js';
import type { Break } from '../../documents/index.js';
import type { BriefResult } from '../brief/index.js';
import { isFamily, tied, unrelatedAmong } from '../ties.js';
import { minutesBeyond } from '../youth.js';
import * as figures from './figures.js';
import type { Span } from './presence.js';
import type { HandsReads } from './result.js';

type People = HandsReads['people'];

/** They are up so long before they leave home, min. */
const UP_BEFORE = 60;
/** Doors and standing by for so long leave time to eat, min. */
const BREAK = 20;
/** When it is night, on the clocks of the place. */
const NIGHT = '22:00';

/** By person on a role who comes in a car of their own: hours that they are awake when they are home. */
export const awakeOf = ({
  onDuty,
  people,
  askedFrom,
  leave,
}: {
  readonly onDuty: readonly string[];
  readonly people: People;
  readonly askedFrom: Figure;
  readonly leave: Figure;
}): Readonly<Record<string, Figure>> =>
  Object.fromEntries(
    onDuty.flatMap(id => {
      const { seats, travel } = people[id] ?? {};
      if (seats === undefined) return [];
      const terms = [
        constant('up_before', UP_BEFORE, 'min', 'house rule: awake for an hour before the way begins'),
        ...(travel === undefined ? [] : [given('way', travel, 'min', 'hands', `/people/${id}/travel`)]),
        ...[taken('from', askedFrom), taken('leave', leave)],
      ];
      return [
        [
          id,
          travel === undefined
            ? figures.awake.unknown([id], 'it is not said how long their way is', terms)
            : figures.awake.calc([id], terms),
        ],
      ];
    }),
  );

/**
 * The longest time from when people are asked for to the end without a break, h. What is waited lies all of it just before
 * the start, and breaks before what is planned after them: phases follow each other.
 */
export function stretchOf({
  start,
  phases,
  breaks,
  askedFrom,
  leave,
}: Readonly<Record<'start' | 'askedFrom' | 'leave', Figure>> & {
  readonly phases: BriefResult['phases'];
  readonly breaks: MapOf<Break> | undefined;
}): Figure {
  const own = inOrder(breaks).filter(([, { minutes }]) => minutes >= BREAK);
  const terms = [
    ...[taken('from', askedFrom), taken('start', start), taken('wait', phases.wait)],
    ...[taken('leave', leave)],
    ...own.map(([id, { minutes }]) => given('pause', minutes, 'min', 'plan', `/breaks/${id}/minutes`)),
  ];
  const [from, begins, to] = [askedFrom.value, start.value, leave.value];
  if (typeof from !== 'string' || typeof begins !== 'string' || typeof to !== 'string')
    return figures.stretch.unknown([], 'it is not known when it begins and ends', terms);
  const waited = numberOf(phases.wait) ?? 0;
  const whole = minutesBetween(from, to);
  const live = minutesBetween(from, begins);
  const rehearsal = live - waited - (numberOf(phases.rehearse) ?? 0);
  const checking = rehearsal - (numberOf(phases.check) ?? 0);
  // Minutes after they are asked for at which each break ends.
  const pauses = [
    ...(waited < BREAK ? [] : [{ ends: live, minutes: waited }]),
    ...own.map(([, { minutes, at }]) => ({
      ends: at === 'once everything is rigged' ? checking : rehearsal,
      minutes,
    })),
  ].sort((a, b) => a.ends - b.ends);
  let [since, longest] = [0, 0];
  for (const { ends, minutes } of pauses) {
    longest = Math.max(longest, ends - minutes - since);
    since = ends;
  }
  longest = Math.max(longest, whole - since);
  return figures.stretch.found([], longest / 60, terms);
}

/**
 * How long whoever does everything strikes after ten in the evening; undefined where somebody else is there, or may yet be
 * found, or nothing is struck.
 */
export function aloneOf({
  people,
  wanted,
  filled,
  strike,
  span,
  zone,
}: Readonly<Record<'people' | 'wanted' | 'filled' | 'strike', Figure>> & {
  readonly span: Span | undefined;
  readonly zone: string;
}): Figure | undefined {
  if (people.value !== 1 || wanted.value !== filled.value || strike.value === 0 || !span) return undefined;
  return figures.alone.found([], minutesBeyond(span, NIGHT, zone), [taken('people', people)]);
}

/**
 * Of whom somebody under 18 comes along with: the most of whom no two are of one family. Undefined where nobody is said to
 * come with them, or family is among those.
 */
export function rideOf(id: string, people: People, onDuty: readonly string[]): Figure | undefined {
  const company = inOrder(people).flatMap(([other]) =>
    other !== id && tied(people, id, other, ['come together']) ? [other] : [],
  );
  const adults = company.filter(other => onDuty.includes(other) && !people[other]?.young);
  if (adults.length === 0 || adults.some(other => isFamily(people, id, other))) return undefined;
  return figures.youngRide.found([id], unrelatedAmong(people, adults));
}
