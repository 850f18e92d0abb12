/** Work before the line check, how long it takes the people there are, and when they must come. */
import type { Break, LearnedPaces } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  taken,
  type Figure,
  type MapOf,
  type Term,
} from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import { PER_LINK, PER_LINK_WORDS } from '../runs/plugging.js';
import * as figures from './figures.js';
import type { HandsReads, Roles } from './result.js';
import { atPace, lasting, TAPING } from './tasks/durations.js';
import type { ScheduleResult } from './tasks/result.js';

interface Learned {
  readonly paces: LearnedPaces | undefined;
}

export interface Design extends Learned {
  readonly operated: number;
  readonly locked: number;
  /** Metres of lead on the floor. */
  readonly floor: Figure;
  /** Aisles that leads cross under a ramp. */
  readonly ramps: number;
  /** Leads to plug in: those that arrive plugged in their case are none. */
  readonly links: number;
  /** Minutes to carry everything in; unknown where the way was not surveyed, which then is not counted. */
  readonly carrying: Figure;
}

/** Minutes of one person to rig, lay, connect and set. */
export function workOf({ operated, locked, floor, ramps, links, carrying, paces }: Design): Figure {
  const { formula, terms: learned } = atPace(figures.WORK_PARTS, paces);
  const counted = (name: string, count: number): Term =>
    constant(name, count, 'pieces', 'counted in the design');
  return figures.work.calc(
    [],
    [
      ...[counted('operated', operated), lasting('per_operated', 'operated')],
      ...[counted('locked', locked), lasting('per_locked', 'locked')],
      ...[taken('floor', floor), TAPING],
      ...[counted('ramps', ramps), lasting('per_ramp', 'ramp')],
      ...[counted('links', links), constant('per_link', PER_LINK, 'min', PER_LINK_WORDS)],
      ...(carrying.value === null ? [] : [taken('carried', carrying)]),
      ...[counted('cameras', operated + locked), lasting('formats', 'formats'), lasting('white', 'white')],
      ...learned,
    ],
    { formula },
  );
}

/** Minutes of one person that leads save which arrive plugged. */
export const savedBy = ({ links }: Pick<Design, 'links'>): Figure =>
  figures.saved.calc(
    [],
    [
      constant('links', links, 'pieces', 'leads that arrive plugged in their case'),
      constant('per_link', PER_LINK, 'min', PER_LINK_WORDS),
    ],
  );

const terms = (name: string, roles: Roles): Term[] =>
  Object.values(roles).map(({ filled }) => taken(name, filled));

export const wantedOf = ({ roles }: { readonly roles: Roles }): Figure =>
  figures.rolesWanted.calc([], terms('role', roles));

export const filledOf = ({ roles }: { readonly roles: Roles }): Figure =>
  figures.rolesFilled.calc([], terms('role', roles));

export const peopleOf = ({ roles }: { readonly roles: Roles }): Figure =>
  figures.peopleCount.found([], new Set(Object.values(roles).flatMap(({ person }) => person ?? [])).size);

/** People of the crew who are inside, a role that nobody fills yet counted as one person. */
export const insideOf = ({
  people,
  wanted,
  filled,
}: Readonly<Record<'people' | 'wanted' | 'filled', Figure>>): Figure =>
  figures.inside.calc([], [taken('people', people), taken('wanted', wanted), taken('filled', filled)]);

/** How many more of the crew are let in. */
export const placesLeftOf = ({
  inside,
  letIn,
}: {
  readonly inside: Figure;
  readonly letIn: HandsReads['letIn'];
}): Figure =>
  letIn === undefined
    ? figures.placesLeft.unknown([], 'the survey does not say how many of the crew are let in')
    : figures.placesLeft.calc(
        [],
        [given('allowed', letIn, 'people', 'venue', '/facts/crew'), taken('inside', inside)],
      );

export function riggingOf({
  work,
  people,
  breaks,
  paces,
}: Learned & {
  readonly work: Figure;
  readonly people: Figure;
  readonly breaks: MapOf<Break> | undefined;
}): Figure {
  if (people.value === 0) return figures.rigging.unknown([], 'nobody is put on a role yet');
  const { formula, terms: learned } = atPace(figures.RIGGING_PARTS, paces);
  return figures.rigging.calc(
    [],
    [
      ...[taken('work', work), taken('people', people)],
      ...[lasting('power_up', 'powerUp'), lasting('line_check', 'lineCheck')],
      ...inOrder(breaks).map(([id, { minutes }]) =>
        given('pause', minutes, 'min', 'plan', `/breaks/${id}/minutes`),
      ),
      ...learned,
    ],
    { formula },
  );
}

/** What getting ready takes: by the schedule that somebody accepted, where it is whole; else the work shared evenly. */
export const takenBy = ({
  rigging,
  schedule,
}: {
  readonly rigging: Figure;
  readonly schedule: ScheduleResult | undefined;
}): Figure => (schedule && schedule.ready.value !== null ? schedule.ready : rigging);

/** When the first people must be there: counted back from the start over whichever is longer. */
export const callOf = ({
  rigging,
  start,
  phases,
}: {
  readonly rigging: Figure;
  readonly start: Figure;
  readonly phases: BriefResult['phases'];
}): Figure =>
  figures.callTime.calc(
    [],
    [
      ...[taken('start', start), taken('rigging', rigging), taken('rig', phases.rig)],
      ...[taken('check', phases.check), taken('rehearse', phases.rehearse), taken('wait', phases.wait)],
    ],
  );

/** Hours that everybody is there together, roles that nobody fills yet counted as one person each. */
export function crewHoursOf({
  people,
  wanted,
  filled,
  rigging,
  phases,
}: Readonly<Record<'people' | 'wanted' | 'filled' | 'rigging', Figure>> & {
  readonly phases: BriefResult['phases'];
}): Figure {
  const { rig, check, rehearse, wait, live, strike } = phases;
  return figures.crewHours.calc(
    [],
    [
      ...[taken('people', people), taken('wanted', wanted), taken('filled', filled)],
      rigging.value === null
        ? constant('rigging', 0, 'min', 'nobody is put on a role yet, so as long as is planned')
        : taken('rigging', rigging),
      ...[taken('rig', rig), taken('check', check), taken('rehearse', rehearse), taken('wait', wait)],
      ...[taken('live', live), taken('strike', strike), constant('half', 30, 'min', 'half an hour')],
    ],
  );
}
