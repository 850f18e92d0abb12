/** A running order pasted as text: “19:00 Welcome 5 / Talk 30 lectern”, one item on a line or between slashes. */
import type { Mark, Phase, RunningItem } from './documents/index.js';
import { inOrder, type MapOf } from './foundations/index.js';
import { likeness } from './likeness/index.js';
import { PHASE_WORDS } from './stations/brief/phase-words.js';
import { PHASE_ORDER } from './stations/brief/running-order.js';

export interface ReadItem extends Omit<RunningItem, 'order'> {
  /** Minutes of the day at which it begins, where the text says so. */
  readonly at: number | undefined;
}

/** A line, and what it says or why it says nothing. */
export interface ReadLine {
  readonly text: string;
  readonly item: ReadItem | undefined;
  readonly fault: string | undefined;
}

const CLOCK = String.raw`(\d{1,2})[:.](\d{2})`;
const TIMES = new RegExp(String.raw`^${CLOCK}(?:\s*(?:-|–|—|to|bis)\s*${CLOCK})?\s*[-–—:]?\s+`);
/** The last number of a line that stands by itself, with what follows it. */
const LENGTH = /^(.*?)[\s,(–-]+(\d{1,4})\s*(?:min(?:ute)?s?\.?|m|′|')?\)?(?:[\s,–-]+(\D*))?$/i;
const LONGEST = 1440;
const LABEL = 80;
/** A name of a place that is less like a mark than this is part of what happens. */
const SAME_PLACE = 0.6;

const minutesOf = (hours: string | undefined, minutes: string | undefined): number | undefined =>
  hours === undefined || Number(hours) > 23 || Number(minutes) > 59
    ? undefined
    : Number(hours) * 60 + Number(minutes);

const PHASE_OF = new Map<string, Phase>(
  PHASE_ORDER.flatMap(phase => [[phase, phase] as const, [PHASE_WORDS[phase].toLowerCase(), phase] as const]),
);

/**
 * Reads a text line by line. An item is as long as its line says: by a number, by its times from – to, or by when the
 * next one begins. It is live, unless it is called as another phase is.
 */
export function readRunningOrder(
  text: string,
  marks: MapOf<Pick<Mark, 'order' | 'label'>> | undefined,
): ReadLine[] {
  const lines = text
    .split(/\r?\n|\s\/\s/)
    .map(line => line.replace(/^[\s•*–—-]+|\s+$/g, ''))
    .filter(line => line !== '');
  const begun = lines.map(line => {
    const times = TIMES.exec(line);
    return {
      line,
      rest: times ? line.slice(times[0].length) : line,
      at: minutesOf(times?.[1], times?.[2]),
      to: minutesOf(times?.[3], times?.[4]),
    };
  });
  return begun.map(({ line, rest, at, to }, i): ReadLine => {
    const read = withLength(rest, marks);
    const next = begun[i + 1]?.at;
    const minutes = read.minutes ?? between(at, to) ?? between(at, next);
    const fault =
      read.label === ''
        ? 'say what happens'
        : minutes === undefined
          ? 'say how many minutes it takes'
          : minutes > LONGEST
            ? `takes at most ${LONGEST} minutes`
            : undefined;
    if (fault !== undefined || minutes === undefined) return { text: line, item: undefined, fault };
    const { label, mark } = read;
    const phase = PHASE_OF.get(label.toLowerCase()) ?? 'live';
    return {
      text: line,
      item: { label: label.slice(0, LABEL), phase, minutes, ...(mark !== undefined && { mark }), at },
      fault: undefined,
    };
  });
}

/** Minutes from one time of day to another, over midnight where it is earlier. */
const between = (from: number | undefined, to: number | undefined): number | undefined =>
  from === undefined || to === undefined ? undefined : (to - from + LONGEST) % LONGEST;

/** What happens, how long, and where, out of a line without its times. */
function withLength(
  rest: string,
  marks: MapOf<Pick<Mark, 'order' | 'label'>> | undefined,
): { label: string; minutes: number | undefined; mark: string | undefined } {
  const [, before, digits, after = ''] = LENGTH.exec(rest) ?? [];
  if (before === undefined) return { label: rest.trim(), minutes: undefined, mark: undefined };
  const place = after.trim();
  const mark = place === '' ? undefined : placeCalled(place, marks);
  const label = place !== '' && mark === undefined ? `${before.trim()} ${place}` : before.trim();
  return { label, minutes: Number(digits), mark };
}

function placeCalled(
  words: string,
  marks: MapOf<Pick<Mark, 'order' | 'label'>> | undefined,
): string | undefined {
  const [best] = inOrder(marks)
    .map(([id, { label }]) => ({ id, like: likeness(words, label) }))
    .filter(({ like }) => like >= SAME_PLACE)
    .sort((a, b) => b.like - a.like);
  return best?.id;
}
