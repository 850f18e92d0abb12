/** Whom a house has asked for what, who has answered, and who is late with it. */
import type { Plan } from '../documents/index.js';
import { dayIn, inOrder, minutesBetween, OPEN_FIRST, type AnswerHow } from '../foundations/index.js';
import type { RosterEvent } from '../searches/roster/problem.js';
import type { DutyRole } from './duty.js';
import { replyBy, type MessageKind } from './words.js';

/** An event and who is put on what. */
interface AskedEvent {
  readonly id: string;
  readonly revision: number;
  readonly event: RosterEvent;
  readonly assignments?: NonNullable<Plan['assignments']>;
}

/** What somebody is put on at an event. */
export interface AskedDuty {
  readonly event: string;
  readonly revision: number;
  readonly label: string;
  readonly zone: string;
  readonly start: string;
  readonly from: string;
  readonly to: string;
  /** The venue, by its id. */
  readonly place: string | undefined;
  readonly roles: readonly Pick<DutyRole, 'key' | 'label'>[];
  /** Records of the plan that put them there, of which they have not said anything yet. */
  readonly records: readonly string[];
  readonly answer?: AnswerHow;
  /** When they were asked, or answered. */
  readonly at?: string;
}

export const ASKING_STATES = ['late', 'not asked', 'would swap', 'waiting', 'yes'] as const;
export type AskingState = (typeof ASKING_STATES)[number];

export interface Asking {
  readonly person: string;
  readonly duties: readonly AskedDuty[];
  /** What of theirs wants most to be seen to. */
  readonly state: AskingState;
  /** The day by which an answer to what is open is wanted, as if they were asked today where they were not. */
  readonly by: string;
}

/**
 * Everybody who is put on something at events to come, those first who are late with an answer. `days`: how long before
 * an event answers are wanted; `now`: an instant, on whose day in UTC it is asked.
 */
export function askingOf(lines: readonly AskedEvent[], days: number, now: string): Asking[] {
  const own = new Map<string, AskedDuty[]>();
  for (const line of lines.filter(({ event }) => minutesBetween(now, event.from) > 0))
    for (const [person, duty] of dutiesAt(line)) own.set(person, [...(own.get(person) ?? []), duty]);
  return [...own]
    .map(([person, duties]) => askingFor(person, duties, days, now))
    .sort(
      (a, b) =>
        ASKING_STATES.indexOf(a.state) - ASKING_STATES.indexOf(b.state) || (a.person < b.person ? -1 : 1),
    );
}

function dutiesAt({ id, revision, event, assignments }: AskedEvent): [string, AskedDuty][] {
  const { label, zone, from, to, venue: place } = event;
  const found = new Map<string, AskedDuty>();
  for (const [record, { role, person, answer }] of inOrder(assignments)) {
    if (answer?.how === 'no') continue;
    // What the design no longer asks for, or somebody else is on, asks for nobody.
    const job = event.jobs.find(each => each.person === person && each.roles.includes(role));
    if (!job) continue;
    const before = found.get(person);
    const latest =
      before && isMoreOpen(before.answer, answer?.how) ? before : { answer: answer?.how, at: answer?.at };
    found.set(person, {
      ...{ event: id, revision, label, zone, start: from, from, to, place },
      roles: [...(before?.roles ?? []), { key: role, label: job.label }].filter(
        (each, i, all) => all.findIndex(other => other.label === each.label) === i,
      ),
      records: [...(before?.records ?? []), ...(isOpen(answer?.how) ? [record] : [])],
      ...(latest.answer && { answer: latest.answer }),
      ...(latest.at !== undefined && { at: latest.at }),
    });
  }
  return [...found];
}

const isMoreOpen = (one: AnswerHow | undefined, other: AnswerHow | undefined): boolean =>
  OPEN_FIRST.indexOf(one) <= OPEN_FIRST.indexOf(other);

function askingFor(person: string, duties: readonly AskedDuty[], days: number, now: string): Asking {
  const today = dayIn('UTC', now);
  const byOf = ({ from, zone, answer, at }: AskedDuty): string =>
    replyBy(dayIn(zone, from), answer === 'asked' && at !== undefined ? dayIn('UTC', at) : today, days);
  const of = (how: AnswerHow | undefined): AskedDuty[] => duties.filter(({ answer }) => answer === how);
  const open = [...of(undefined), ...of('asked')];
  const by = [...(open.length > 0 ? open : duties)].map(byOf).sort()[0] ?? today;
  const state: AskingState = of('asked').some(duty => byOf(duty) < today)
    ? 'late'
    : of(undefined).length > 0
      ? 'not asked'
      : of('swap').length > 0
        ? 'would swap'
        : of('asked').length > 0
          ? 'waiting'
          : 'yes';
  return { person, duties, state, by };
}

/** What of somebody’s duties is asked for in a message: all that they have not said yes to. */
export const openDuties = ({ duties }: Asking): readonly AskedDuty[] =>
  duties.filter(({ answer }) => isOpen(answer));

const isOpen = (how: AnswerHow | undefined): boolean => how === undefined || how === 'asked';

/** Whoever was asked for all of it before is reminded. */
export const messageKindOf = (asking: Asking): MessageKind =>
  openDuties(asking).every(({ answer }) => answer === 'asked') ? 'remind' : 'ask';
