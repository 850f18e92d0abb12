/** From when to when people are asked, what they say of it, and what those under 18 need. */
import { dayIn, given, inOrder, taken, type Figure } from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import { isFamily, unrelatedAmong } from '../ties.js';
import { isVettedOn, minutesBeyond } from '../youth.js';
import * as figures from './figures.js';
import { rideOf } from './long-days.js';
import { saysOf, type Says, type Span } from './presence.js';
import type { HandsReads, OnDuty, Roles, YoungOnDuty } from './result.js';

/** When everybody is asked to come, as it is planned. */
export const askedFromOf = ({ start, before }: Pick<BriefResult, 'start' | 'before'>): Figure =>
  figures.askedFrom.calc([], [taken('start', start), taken('before', before)]);

/** When everything is struck, as it is planned. */
export const leaveOf = ({ end, strike }: { readonly end: Figure; readonly strike: Figure }): Figure =>
  figures.leave.calc([], [taken('end', end), taken('strike', strike)]);

/** The time that people are asked for; undefined where it is not known. */
export const spanOf = ({ from, to }: Readonly<Record<'from' | 'to', Figure>>): Span | undefined =>
  typeof from.value === 'string' && typeof to.value === 'string'
    ? { from: from.value, to: to.value }
    : undefined;

export interface Asked {
  readonly person: HandsReads['people'][string];
  readonly span: Span | undefined;
  readonly zone: string;
}

/** What somebody says of the time of an event. */
export const saysAt = (_: string, { person, span, zone }: Asked): Says =>
  span ? saysOf(person, span, zone) : 'does not say';

/** People on a role, each once. */
export const onRoles = ({ roles }: { readonly roles: Roles }): readonly string[] => [
  ...new Set(Object.values(roles).flatMap(({ person }) => person ?? [])),
];

/** Everybody who is under 18 on the day. */
export const underageOf = ({ people }: Pick<HandsReads, 'people'>): readonly string[] =>
  inOrder(people).flatMap(([id, { young }]) => (young ? [id] : []));

/** What those on a role say of the time of it. */
export const onDutyOf = ({
  onDuty,
  says,
}: {
  readonly onDuty: readonly string[];
  readonly says: Readonly<Record<string, Says>>;
}): Readonly<Record<string, OnDuty>> =>
  Object.fromEntries(
    onDuty.map(id => [id, { says: figures.saysOnDuty.found([id], says[id] ?? 'does not say') }]),
  );

/** What those under 18 on a role need: adults who are no family of theirs or of each other, and to be home in time. */
export function youngOnDuty({
  onDuty,
  people,
  leave,
  span,
  leaveBy,
  stretch,
  vetted = false,
  zone,
}: {
  readonly onDuty: readonly string[];
  readonly people: HandsReads['people'];
  readonly leave: Figure;
  readonly span: Span | undefined;
  /** When the house wants them to have left. */
  readonly leaveBy: string | undefined;
  /** Longest time without a break, h. */
  readonly stretch: Figure;
  /** Only adults who are vetted count. */
  readonly vetted: boolean | undefined;
  readonly zone: string;
}): Readonly<Record<string, YoungOnDuty>> {
  const isYoung = (id: string): boolean => people[id]?.young ?? false;
  const isFit = (id: string): boolean =>
    !vetted || (span !== undefined && isVettedOn(people[id], dayIn(zone, span.to)));
  const adults = onDuty.filter(id => !isYoung(id) && isFit(id));
  return Object.fromEntries(
    onDuty.filter(isYoung).map(id => {
      const others = adults.filter(adult => !isFamily(people, id, adult));
      const ride = rideOf(id, people, onDuty);
      return [
        id,
        {
          adults: figures.adultsWith.found([id], unrelatedAmong(people, others)),
          ...(leaveBy !== undefined && { stays: staysOf(id, leave, span, leaveBy, zone) }),
          stretch: figures.youngStretch.calc([id], [taken('stretch', stretch)]),
          ...(ride && { ride }),
        },
      ];
    }),
  );
}

function staysOf(id: string, leave: Figure, span: Span | undefined, leaveBy: string, zone: string): Figure {
  const terms = [taken('leave', leave), given('leave_by', leaveBy, '', 'rules', '/crew/youngLeave')];
  return span
    ? figures.youngStays.found([id], minutesBeyond(span, leaveBy, zone), terms)
    : figures.youngStays.unknown([id], 'it is not known when it begins and ends', terms);
}
