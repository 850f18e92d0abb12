/** Routes of the sheets: each list of an event and of the shelf, as each sort of file that it can be had as. */
import { SHELF_SHEET_NAMES, SHELF_SHEET_WORDS, type ShelfSheetName } from '../shelf-sheets/words.js';
import {
  SHEET_FILES,
  SHEET_NAMES,
  SHEET_WORDS,
  type SheetFile,
  type SheetName,
} from '../sheets/sheet-words.js';

type SheetRoute = `GET /events/:id/${SheetName}.${SheetFile}` | `GET /shelf/${ShelfSheetName}.${SheetFile}`;

const filesOf = (path: string, what: string) =>
  Object.entries(SHEET_FILES).map(
    ([ending, { words, type: file }]) =>
      [`GET ${path}.${ending}`, { summary: `${what} as ${words}`, file }] as const,
  );

export const sheetRoutes = Object.fromEntries([
  ...SHEET_NAMES.flatMap(name => filesOf(`/events/:id/${name}`, `The ${SHEET_WORDS[name].toLowerCase()}`)),
  ...SHELF_SHEET_NAMES.flatMap(name =>
    filesOf(
      `/shelf/${name}`,
      `Of the shelf: ${SHELF_SHEET_WORDS[name].toLowerCase()}, of the things in ?ids= (commas between) or of all,`,
    ),
  ),
]) as unknown as Readonly<Record<SheetRoute, { readonly summary: string; readonly file: string }>>;
