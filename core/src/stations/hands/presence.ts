/** What somebody says of some time: whether they come, are away, or rather would not. */
import type { Person, Presence } from '../../documents/index.js';
import { dayIn, inOrder, instantOfClock } from '../../foundations/index.js';
import { recursOn } from '../../foundations/recurrence.js';

/** From one instant to another. */
export interface Span {
  readonly from: string;
  readonly to: string;
}

export const SAYS = ['comes', 'is away', 'would rather not', 'does not say'] as const;
export type Says = (typeof SAYS)[number];

/** The days that a span touches, on the clocks of a zone, and the one before, whose evening may last into it. */
function daysAround({ from, to }: Span, zone: string): { readonly day: string; readonly noon: string }[] {
  const last = dayIn(zone, to);
  const days: { day: string; noon: string }[] = [];
  for (let i = -1; ; i++) {
    const noon = instantOfClock('12:00', from, zone, i);
    const day = dayIn(zone, noon);
    if (day > last) return days;
    days.push({ day, noon });
  }
}

/** Whether what somebody says holds for a day. */
export function holdsOn({ from, until, rule, except = [] }: Presence, day: string): boolean {
  if (day < from || except.includes(day)) return false;
  if (rule === undefined) return day <= (until ?? from);
  return (until === undefined || day <= until) && recursOn(rule, from, day);
}

type Milliseconds = readonly [from: number, to: number];

const millisecondsOf = ({ from, to }: Span): Milliseconds => [Date.parse(from), Date.parse(to)];

/** The part of a day that is meant, which may end on the next one. */
function windowOf({ start = '00:00', end }: Presence, noon: string, zone: string): Milliseconds {
  const later = end === undefined || end <= start ? 1 : 0;
  return millisecondsOf({
    from: instantOfClock(start, noon, zone),
    to: instantOfClock(end ?? '00:00', noon, zone, later),
  });
}

/**
 * What somebody says of a span. Being away for any of it counts first. Whoever says by a rule when they come is away on
 * other days; an event is of the day on which it begins.
 */
export function saysOf({ presence }: Pick<Person, 'presence'>, span: Span, zone: string): Says {
  const said = inOrder(presence).map(([, each]) => each);
  if (said.length === 0) return 'does not say';
  const days = daysAround(span, zone);
  const begins = dayIn(zone, span.from);
  const [starts, ends] = millisecondsOf(span);
  const meets = (each: Presence): boolean =>
    days.some(({ day, noon }) => {
      if (!holdsOn(each, day)) return false;
      const [from, to] = windowOf(each, noon, zone);
      return from < ends && starts < to;
    });
  const covers = (each: Presence): boolean =>
    days.some(({ day, noon }) => {
      if (!holdsOn(each, day)) return false;
      if (each.start === undefined && each.end === undefined) return day === begins;
      const [from, to] = windowOf(each, noon, zone);
      return from <= starts && ends <= to;
    });
  const of = (how: Presence['how']): Presence[] => said.filter(each => each.how === how);
  if (of('are away').some(meets)) return 'is away';
  const coming = of('come');
  const comes = coming.some(covers);
  if (!comes && coming.some(({ rule }) => rule !== undefined)) return 'is away';
  if (of('would rather not').some(meets)) return 'would rather not';
  return comes ? 'comes' : 'does not say';
}
