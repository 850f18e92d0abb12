/** The roster of a span as a list: month by month who does what at which event, and what they answered. */
import type { Hands } from '../documents/index.js';
import { ANSWER_WORDS, dayIn, inOrder, showClock, showDay, type DateLocale } from '../foundations/index.js';
import { plainSheet } from '../sheets/table.js';
import type { Sheet } from '../sheets/sheet.js';
import type { RosterLine } from './state.js';

/** A job of an event: who does it, and what they answered. */
export interface JobLine {
  readonly role: string;
  readonly person: string | undefined;
  readonly who: string;
  readonly answer: string;
}

interface Row extends Omit<JobLine, 'person'> {
  readonly when: string;
  readonly event: string;
}

const COLUMNS = (
  [
    ['When', 26, 'when'],
    ['Event', 32, 'event'],
    ['Role', 26, 'role'],
    ['Who', 22, 'who'],
    ['Answer', 16, 'answer'],
  ] as const
).map(([label, width, key]) => ({ label, width, cell: (row: Row) => row[key] }));

/** The jobs of an event as a list writes them. Of several roles in one job the answer that is furthest from a yes counts. */
export const jobLines = (
  { event, assignments }: Pick<RosterLine, 'event' | 'assignments'>,
  people: Hands['people'],
): readonly JobLine[] =>
  event.jobs.map(({ label, roles, person }) => {
    const answers = inOrder(assignments).flatMap(([, each]) =>
      each.person === person && roles.includes(each.role) ? [each.answer?.how] : [],
    );
    const how = answers.find(each => each !== 'yes') ?? answers[0];
    return {
      ...{ role: label, person },
      who: person === undefined ? 'NOBODY YET' : (people[person]?.name ?? 'somebody'),
      answer:
        person === undefined
          ? ''
          : answers.includes(undefined) || how === undefined
            ? 'not asked'
            : ANSWER_WORDS[how],
    };
  });

/** Of all events that are more than looked at; on the clocks of their places. */
export function rosterList(
  lines: readonly RosterLine[],
  people: Hands['people'],
  { organisation, dates }: { readonly organisation: string; readonly dates?: DateLocale | undefined },
): Sheet {
  const months = new Map<string, Row[]>();
  for (const line of lines.filter(each => !each.event.fixed)) {
    const { event } = line;
    const reading = { zone: event.zone, dates };
    const when = `${showDay(event.from, reading)}, ${showClock(event.from, reading)}–${showClock(event.to, reading)}`;
    const month = dayIn(event.zone, event.from).slice(0, 7);
    const rows = jobLines(line, people).map(({ role, who, answer }): Row => ({
      when,
      event: event.label,
      role,
      who,
      answer,
    }));
    months.set(month, [...(months.get(month) ?? []), ...rows]);
  }
  return plainSheet(organisation, {
    title: 'Roster',
    columns: COLUMNS,
    sections: [...months].map(([heading, rows]) => ({ heading, rows })),
    notes: months.size === 0 ? ['No event begins in this time.'] : [],
  });
}
