/** Routes of the roster. */
import type { Contract } from '../api.js';
import { SHEET_FILES, type SheetFile } from '../sheets/sheet-words.js';
import { RosterSpan } from './roster.js';

type ListRoute = `GET /roster/list.${SheetFile}`;
const lists = Object.fromEntries(
  Object.entries(SHEET_FILES).map(([ending, { words, type: file }]) => [
    `GET /roster/list.${ending}`,
    { summary: `The roster of the same days as ${words}`, needs: ['read', 'people'], file },
  ]),
) as unknown as Readonly<
  Record<
    ListRoute,
    { readonly summary: string; readonly needs: readonly ['read', 'people']; readonly file: string }
  >
>;

export const rosterRoutes = {
  ...lists,
  'GET /roster': {
    needs: ['read', 'people'],
    summary:
      'Events from ?from= to ?to= (days; from today on, four weeks) as a roster is made of them: jobs, who is on them, duties before',
    answer: RosterSpan,
  },
} as const satisfies Record<string, Contract>;
