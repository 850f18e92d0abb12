/** People as lists: printed, in a spreadsheet, and read from one. */
import type { PersonFields } from '../documents/index.js';
import { showCalendarDay, type DateLocale } from '../foundations/index.js';
import { plainSheet } from '../sheets/table.js';
import type { Sheet } from '../sheets/sheet.js';
import { PEOPLE_COLUMNS } from './columns.js';

export { skillsWritten } from './columns.js';
export { NOTHING, peopleFrom, type PeopleChange, type PeopleFault, type PeopleList } from './read.js';

/** Everybody with all that a list has columns for; it can be read again as it is. */
export function peopleSheet(
  people: readonly PersonFields[],
  {
    organisation,
    today,
    dates,
  }: { readonly organisation: string; readonly today: string; readonly dates?: DateLocale | undefined },
): Sheet {
  return plainSheet(`${organisation} · ${showCalendarDay(today, dates)}`, {
    title: 'People',
    columns: PEOPLE_COLUMNS.map(({ label, width, write }) => ({
      ...{ label, width },
      cell: (person: PersonFields) => write(person) ?? '',
    })),
    sections: [{ heading: '', rows: [...people].sort((a, b) => a.name.localeCompare(b.name)) }],
    notes: [
      'Personal data: for those who need it, kept no longer than that, and never where others read it.',
    ],
  });
}
