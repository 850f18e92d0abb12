/** A span of events as a roster is made of them. */
import { dayIn, daysAfter, USUAL_CARE } from '@idle-satchel/core';
import type { DutyCount, MonthDuties, RosterLeftOut, RosterLine, RosterSpan } from '@idle-satchel/core/api';
import { isInstant, isTimeZone, type Plan, type Rules } from '@idle-satchel/core/documents';
import { rosterEventOf, type RosterEvent } from '@idle-satchel/core/roster-sheet';
import { dutiesOf, type EventDuties } from '../../database/duty-rows.js';
import { memoryOf, putLast } from '../../database/own-memory.js';
import type { Scope } from '../../database/scope.js';
import { invalid, Problem } from '../../problem.js';
import { assessedEvent, seenAs } from '../events/assessed.js';
import { madeFrom } from '../events/made-from.js';
import { only } from '../events/service.js';

/** Events that are filled at once at most. */
const MOST_EVENTS = 100;
/** Days before and after a span in which a duty may still be in the way of rest, or of a month. */
const BESIDE = 2;
/** Longest span, days. */
const LONGEST = 400;

interface Days {
  readonly from: string;
  readonly to: string;
}

/** Duties of an event whose time is known. */
interface Known extends EventDuties {
  readonly label: string;
  readonly start: string;
  readonly zone: string;
  /** On the clocks of its place. */
  readonly day: string;
}

/**
 * The events of a span of days with their jobs, those just before and after it as they are, and the duties that count
 * besides. 422 where the days are the wrong way round, or there are too many events.
 */
export async function rosterSpan(scope: Scope, { from, to }: Days): Promise<RosterSpan> {
  if (to < from) throw invalid([{ path: '?to', reason: 'is before the first day' }]);
  if (to > daysAfter(from, LONGEST))
    throw invalid([{ path: '?to', reason: `is more than ${LONGEST} days later` }]);
  const crew = ((await only(scope, 'rules')).body as Rules).crew ?? {};
  const remembered = daysAfter(from, -(crew.remembers ?? USUAL_CARE.remembers));
  const beside = { from: daysAfter(from, -BESIDE), to: daysAfter(to, BESIDE) };
  const months = { from: monthBegin(from), to: daysAfter(to, 31) };
  const all = await duties(scope, { from: least(remembered, months.from, beside.from), to: months.to });
  const within = ({ day }: Known, days: Days): boolean => days.from <= day && day <= days.to;
  const asked = all.filter(each => within(each, { from, to }));
  if (asked.length > MOST_EVENTS)
    throw new Problem(
      422,
      'Too many events',
      `${asked.length} begin in this time; ask for ${MOST_EVENTS} at most`,
    );
  const shown = all.filter(each => within(each, beside));
  const lines: RosterLine[] = [];
  const leftOut: RosterLeftOut[] = [];
  const made = await madeFrom(scope);
  for (const each of shown) {
    const isAsked = within(each, { from, to });
    const line = await lineOf(scope, each, made(each.event));
    if (typeof line === 'string') {
      if (isAsked) leftOut.push({ id: each.event, label: each.label, start: each.start, why: line });
    } else {
      lines.push(isAsked ? line : { ...line, event: { ...line.event, fixed: true } });
    }
  }
  const listed = new Set(lines.map(({ id }) => id));
  const others = all.filter(({ event }) => !listed.has(event));
  return {
    ...{ lines, leftOut, crew },
    past: countsOf(others.filter(({ day }) => remembered <= day && day < from)),
    inMonth: monthsOf(
      others.filter(
        ({ day }) => months.from.slice(0, 7) <= day.slice(0, 7) && day.slice(0, 7) <= to.slice(0, 7),
      ),
    ),
  };
}

const least = (...days: readonly string[]): string =>
  days.reduce((one, other) => (one < other ? one : other));
const monthBegin = (day: string): string => `${day.slice(0, 7)}-01`;

/** Events of which it is known when they are, from one day to another; a day more on either side for the clocks of places. */
async function duties(scope: Scope, { from, to }: Days): Promise<Known[]> {
  const rows = await dutiesOf(scope).dutiesBetween(`${daysAfter(from, -1)}T`, `${daysAfter(to, 2)}T`);
  return rows.flatMap(row => {
    const { label, start, zone } = row;
    if (typeof start !== 'string' || !isInstant(start) || typeof zone !== 'string' || !isTimeZone(zone))
      return [];
    const day = dayIn(zone, start);
    return [{ ...row, label: typeof label === 'string' ? label.slice(0, 80) : row.event, start, zone, day }];
  });
}

interface Made extends Pick<RosterLine, 'event'> {
  readonly revision: number;
  readonly assignments: Plan['assignments'];
}
interface Kept {
  readonly of: string;
  readonly made: Made | string;
}
const keptIn = memoryOf(() => new Map<string, Kept>());
const MOST_KEPT = 500;

/** The line of an event, or why there is none; kept while nothing that it is made from changes. */
async function lineOf(
  scope: Scope,
  { event: id }: Known,
  of: string | undefined,
): Promise<RosterLine | string> {
  const key = `${scope.organisationId} ${id} ${seenAs(scope.viewer)}`;
  const known = keptIn(scope).get(key);
  const made = known && known.of === of ? known.made : await madeAnew(scope, id);
  if (of !== undefined) putLast(keptIn(scope), key, { of, made }, MOST_KEPT);
  if (typeof made === 'string') return made;
  const { assignments, ...line } = made;
  return { id, ...line, ...(assignments && { assignments }) };
}

async function madeAnew(scope: Scope, id: string): Promise<Made | string> {
  const standing = await scope.revisionOf(id);
  try {
    const { bundle, assessment } = await assessedEvent(scope, id);
    const event: RosterEvent | undefined = rosterEventOf(id, bundle, assessment);
    if (!event) return 'it is not known when people come and leave';
    return { revision: standing?.revision ?? 1, event, assignments: bundle.plan.assignments };
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return [error.title, error.detail].filter(Boolean).join(': ').slice(0, 300);
  }
}

/** Events of each person. */
function countsOf(events: readonly EventDuties[]): DutyCount[] {
  const counts = new Map<string, number>();
  for (const { people } of events)
    for (const person of people) counts.set(person, (counts.get(person) ?? 0) + 1);
  return [...counts].map(([person, count]) => ({ person, count }));
}

function monthsOf(events: readonly Known[]): MonthDuties[] {
  const months = new Map<string, Known[]>();
  for (const each of events) {
    const month = each.day.slice(0, 7);
    months.set(month, [...(months.get(month) ?? []), each]);
  }
  return [...months].flatMap(([month, those]) => countsOf(those).map(count => ({ ...count, month })));
}
