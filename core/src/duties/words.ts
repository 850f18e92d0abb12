/** What people are asked, and reminded of, in words to send. */
import { daysAfter, showCalendarDay, showClock, showDay, type DateLocale } from '../foundations/index.js';
import { givenName, type Duty } from './duty.js';

export const MESSAGES = ['ask', 'remind'] as const;
export type MessageKind = (typeof MESSAGES)[number];

/** Stands in a text where the link of whoever it goes to will be. */
export const LINK_HERE = '{link}';

/** Nobody is asked to answer sooner than so many days from now. */
const TIME_TO_THINK = 2;

/** The day by which an answer is wanted: some days before the first event, but never too soon to think about it. */
export function replyBy(firstDay: string, today: string, days: number): string {
  const [wanted, soonest] = [daysAfter(firstDay, -days), daysAfter(today, TIME_TO_THINK)];
  const latest = wanted > soonest ? wanted : soonest;
  return latest < firstDay ? latest : firstDay;
}

interface Told extends Pick<Duty, 'label' | 'zone' | 'start' | 'from' | 'to' | 'venue'> {
  readonly roles: readonly { readonly label: string }[];
}

export interface Message {
  readonly subject: string;
  readonly text: string;
  /** The same in one line, for a text to a phone. */
  readonly short: string;
}

/** What is sent to somebody: `{link}` stands where their own link will be. */
export function messageOf(
  kind: MessageKind,
  {
    name,
    house,
    duties,
    by,
    dates,
  }: {
    readonly name: string;
    readonly house: string;
    readonly duties: readonly Told[];
    /** The day by which an answer is wanted. */
    readonly by: string;
    readonly dates?: DateLocale | undefined;
  },
): Message {
  const [first] = duties;
  const more = duties.length > 1 ? ` and ${duties.length - 1} more` : '';
  const day = first ? showDay(first.from ?? first.start, { zone: first.zone, dates }) : '';
  const until = showCalendarDay(by, dates);
  const asked = kind === 'ask' ? 'Can you help' : 'Can you still say whether you help';
  return {
    subject: `${asked} on ${day}${more}?`,
    text: [
      `Hello ${givenName(name)},`,
      kind === 'ask'
        ? 'we would be glad of your help:'
        : 'we have not heard from you yet, and would be glad of your help:',
      ...duties.map(duty => `• ${when(duty, dates)}\n  ${duty.label}, ${duty.venue}\n  ${rolesIn(duty)}`),
      `Please say yes or no by ${until}, here; there is nothing to sign in to:\n${LINK_HERE}`,
      'The page is yours alone, so please do not pass it on. If you did not expect this, you need do nothing.',
      house,
    ].join('\n\n'),
    short: `${givenName(name)}: ${duties.map(duty => `${rolesIn(duty)}, ${when(duty, dates)}, ${duty.venue}`).join('; ')}. Yes or no by ${until}: ${LINK_HERE}`,
  };
}

const rolesIn = ({ roles }: Told): string => roles.map(({ label }) => label).join(', ');

function when({ zone, start, from, to }: Told, dates: DateLocale | undefined): string {
  const reading = { zone, dates };
  const begins = from ?? start;
  const day = showDay(begins, reading);
  return `${day}, ${showClock(begins, reading)}${to === undefined ? '' : ` to ${showClock(to, reading)}`}`;
}
