/** People from the rows of a list: new ones, and what it changes of those who are known. */
import type { PersonLine } from '../api/people.js';
import { PersonFields } from '../documents/people.js';
import { faultsOf } from '../documents/validate.js';
import { sameJson } from '../foundations/index.js';
import { PEOPLE_COLUMNS, type PeopleColumn, type Said } from './columns.js';

/** Lines that one list has at most: a house of 300 fits many times. */
const MOST_LINES = 5000;

export interface PeopleFault {
  /** Of the list, its head being the first. */
  readonly line: number;
  /** The column, as the list calls it; empty where it is the line as a whole. */
  readonly column: string;
  readonly reason: string;
}

export interface PeopleChange {
  readonly id: string;
  readonly name: string;
  readonly fields: Partial<PersonFields>;
}

export interface PeopleList {
  readonly people: readonly PersonFields[];
  readonly changes: readonly PeopleChange[];
  /** Lines that say what is known already. */
  readonly unchanged: number;
  /** Columns that are none of people, and are not read. */
  readonly leftOut: readonly string[];
  readonly faults: readonly PeopleFault[];
}

export const NOTHING: PeopleList = { people: [], changes: [], unchanged: 0, leftOut: [], faults: [] };

const plain = (text: string): string => text.trim().normalize('NFC').toLowerCase();

/**
 * Reads rows of which the first names the columns, in any order; columns of other names are not read, and said. Somebody
 * of the same name as one of the house is that person; empty cells change nothing.
 */
export function peopleFrom(rows: readonly (readonly string[])[], known: readonly PersonLine[]): PeopleList {
  const [head = [], ...lines] = rows;
  const columns = head.map(name => PEOPLE_COLUMNS.find(each => isCalled(each, name)));
  const leftOut = head.filter((_, i) => !columns[i] && lines.some(cells => (cells[i]?.trim() ?? '') !== ''));
  const faults: PeopleFault[] = [];
  if (!columns.some(each => each?.label === 'Name'))
    return { ...NOTHING, faults: [{ line: 1, column: '', reason: 'names no column “Name”' }] };
  if (lines.length > MOST_LINES)
    return {
      ...NOTHING,
      faults: [{ line: 1, column: '', reason: `has more than ${MOST_LINES} lines: take it in parts` }],
    };
  const people: PersonFields[] = [];
  const changes: PeopleChange[] = [];
  const seen = new Set<string>();
  let unchanged = 0;
  lines.forEach((cells, i) => {
    if (cells.every(cell => cell.trim() === '')) return;
    const line = i + 2;
    const { said, wrong } = readLine(cells, columns, head);
    const name = plain(said.name ?? '');
    const own = known.filter(each => !each.erased && plain(each.name) === name);
    const problems = [...wrong, ...faultsIn(said, own.length > 0, head, columns)];
    if (own.length > 1)
      problems.push({ column: 'Name', reason: 'is what several people are called: change them by hand' });
    if (name !== '' && seen.has(name)) problems.push({ column: 'Name', reason: 'is there twice' });
    seen.add(name);
    if (problems.length > 0) {
      faults.push(...problems.map(each => ({ line, ...each })));
      return;
    }
    const [person] = own;
    if (!person) people.push({ skills: [], ...said } as PersonFields);
    else {
      const { name: _name, ...rest } = said;
      const fields = Object.fromEntries(
        Object.entries(rest).filter(
          ([field, value]) => !sameJson(value, person[field as keyof PersonFields]),
        ),
      ) as Partial<PersonFields>;
      if (Object.keys(fields).length === 0) unchanged++;
      else changes.push({ id: person.id, name: person.name, fields });
    }
  });
  return { people, changes, unchanged, leftOut, faults };
}

const isCalled = ({ label, also }: PeopleColumn, name: string): boolean =>
  plain(label) === plain(name) || also.includes(plain(name));

type Wrong = Omit<PeopleFault, 'line'>;

function readLine(
  cells: readonly string[],
  columns: readonly (PeopleColumn | undefined)[],
  head: readonly string[],
): { readonly said: Said; readonly wrong: Wrong[] } {
  const said: Said = {};
  const wrong: Wrong[] = [];
  columns.forEach((column, i) => {
    // What was defused for spreadsheets is what it was.
    const cell = (cells[i]?.trim() ?? '').replace(/^'(?=[=+\-@])/, '');
    if (!column || cell === '') return;
    const reason = column.read(cell, said);
    if (reason !== undefined) wrong.push({ column: head[i] ?? '', reason });
  });
  return { said, wrong };
}

/** What the class of people says of a line, by the column that it is of. */
function faultsIn(
  said: Said,
  isKnown: boolean,
  head: readonly string[],
  columns: readonly (PeopleColumn | undefined)[],
): Wrong[] {
  return faultsOf(PersonFields, { skills: [], ...(isKnown && { name: 'x' }), ...said }).map(
    ({ path, reason }) => {
      const field = path.split('/')[1] ?? '';
      const at = columns.findIndex(column => column && fieldOf(column) === field);
      return {
        column: head[at] ?? (field === 'name' ? 'Name' : field),
        reason: reason === 'is missing' ? 'say it' : reason,
      };
    },
  );
}

/** The field of a person that a column is of. */
function fieldOf(column: PeopleColumn): string {
  const said: Said = {};
  column.read(column.label === 'Skills' ? '' : '1', said);
  return Object.keys(said)[0] ?? '';
}
