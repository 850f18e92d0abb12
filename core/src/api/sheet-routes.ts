/** Routes of the sheets: each list of an event and of the shelf, as each sort of file that it can be had as. */
import { OF_MONEY } from '../access/of-money.js';
import { SHELF_SHEET_NAMES, SHELF_SHEET_WORDS, type ShelfSheetName } from '../shelf-sheets/words.js';
import { SHEET_NAMES, SHEET_WORDS, type SheetName } from '../sheets/sheet-words.js';
import { listFiles, type ListFiles } from './list-files.js';

export const sheetRoutes = Object.assign(
  {},
  ...SHEET_NAMES.map(name =>
    listFiles(`/events/:id/${name}`, `The ${SHEET_WORDS[name].toLowerCase()}`, [
      'read',
      OF_MONEY.has(name) ? 'money' : 'sheets',
    ]),
  ),
  ...SHELF_SHEET_NAMES.map(name =>
    listFiles(
      `/shelf/${name}`,
      `Of the shelf: ${SHELF_SHEET_WORDS[name].toLowerCase()}, of the things in ?ids= (commas between) or of all,`,
      ['read', OF_MONEY.has(name) ? 'money' : 'shelf'],
    ),
  ),
) as ListFiles<`/events/:id/${SheetName}` | `/shelf/${ShelfSheetName}`>;
