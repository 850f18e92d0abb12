/** Routes of the sheets: each list of an event and of the shelf, as each sort of file that it can be had as. */
import { OF_MONEY } from '../access/of-money.js';
import type { Resource } from '../access/roles.js';
import { SHELF_SHEET_NAMES, SHELF_SHEET_WORDS, type ShelfSheetName } from '../shelf-sheets/words.js';
import {
  SHEET_FILES,
  SHEET_NAMES,
  SHEET_WORDS,
  type SheetFile,
  type SheetName,
} from '../sheets/sheet-words.js';

type SheetRoute = `GET /events/:id/${SheetName}.${SheetFile}` | `GET /shelf/${ShelfSheetName}.${SheetFile}`;

const filesOf = (path: string, what: string, needs: readonly ['read', Resource]) =>
  Object.entries(SHEET_FILES).map(
    ([ending, { words, type: file }]) =>
      [`GET ${path}.${ending}`, { summary: `${what} as ${words}`, needs, file }] as const,
  );

export const sheetRoutes = Object.fromEntries([
  ...SHEET_NAMES.flatMap(name =>
    filesOf(`/events/:id/${name}`, `The ${SHEET_WORDS[name].toLowerCase()}`, [
      'read',
      OF_MONEY.has(name) ? 'money' : 'sheets',
    ]),
  ),
  ...SHELF_SHEET_NAMES.flatMap(name =>
    filesOf(
      `/shelf/${name}`,
      `Of the shelf: ${SHELF_SHEET_WORDS[name].toLowerCase()}, of the things in ?ids= (commas between) or of all,`,
      ['read', OF_MONEY.has(name) ? 'money' : 'shelf'],
    ),
  ),
]) as unknown as Readonly<
  Record<
    SheetRoute,
    { readonly summary: string; readonly needs: readonly ['read', Resource]; readonly file: string }
  >
>;
